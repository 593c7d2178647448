<?php

declare(strict_types=1);

namespace App\Http\Problems;

use App\Session\UuidTaken;
use Core\Exception\CoreException;
use Illuminate\Http\Request;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;

/** What the core or the log refuses becomes a message, never a 500. Requests catch most of it at the field before. */
final readonly class RejectedByCore
{
    public function __invoke(CoreException|UuidTaken $problem, Request $request): mixed
    {
        $message = $problem instanceof UuidTaken ? say('messages.trial.uuid_taken') : words()->error($problem);
        if ($problem instanceof UuidTaken && $request->expectsJson()) {
            return response()->json(['message' => $message, 'errors' => ['uuid' => [$message]]], 409);
        }
        $invalid = ValidationException::withMessages([$problem instanceof UuidTaken ? 'uuid' : 'input' => $message]);
        if ($request->expectsJson()) {
            return response()->json(['message' => $invalid->getMessage(), 'errors' => $invalid->errors()], 422);
        }

        // going back would only ask for the same page again
        if ($request->isMethodSafe()) {
            return response()->view('problems.unreadable', ['message' => $message, 'errors' => new ViewErrorBag], 422);
        }

        return redirect()->back()->withInput($request->except('password'))->withErrors($invalid->errors());
    }
}
