<?php

declare(strict_types=1);

namespace Core\Exception;

/** Every error the core raises on purpose. The application catches this one type at its edge. */
interface CoreException extends \Throwable
{
}
