<?php

declare(strict_types=1);

namespace App\Table;

/**
 * The parts of a zipped document, read as streams: nothing is unpacked to disk, names are never paths, and a part that swells beyond
 * what any table needs is refused before it is read.
 */
final readonly class ZippedXml
{
    private const MOST_BYTES = 400_000_000;

    private const MOST_PARTS = 2000;

    private const MOST_SWELLING = 300;

    public function __construct(private string $path)
    {
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new UnreadableTable(TableProblem::Damaged);
        }
        $bytes = 0;
        for ($i = 0; $i < min($zip->numFiles, self::MOST_PARTS + 1); $i++) {
            $part = $zip->statIndex($i);
            $bytes += $part['size'] ?? 0;
            if (($part['encryption_method'] ?? 0) !== 0) {
                throw new UnreadableTable(TableProblem::Locked);
            }
        }
        $isTooMuch = $zip->numFiles > self::MOST_PARTS || $bytes > self::MOST_BYTES
            || $bytes > self::MOST_SWELLING * max(1, (int) filesize($path)) + 1_000_000;
        $zip->close();
        if ($isTooMuch) {
            throw new UnreadableTable(TableProblem::TooLarge);
        }
    }

    public function has(string $part): bool
    {
        $zip = new \ZipArchive;
        $zip->open($this->path, \ZipArchive::RDONLY);
        $found = $zip->locateName($part) !== false;
        $zip->close();

        return $found;
    }

    /** @throws UnreadableTable where there is no such part, or it says what kind of document it is: tables have no need to */
    public function open(string $part): \XMLReader
    {
        if (! $this->has($part)) {
            throw new UnreadableTable(TableProblem::Damaged);
        }
        $xml = new \XMLReader;
        if (! $xml->open('zip://'.$this->path.'#'.$part, null, LIBXML_NONET | LIBXML_COMPACT)) {
            throw new UnreadableTable(TableProblem::Damaged);
        }

        return $xml;
    }

    /** The next node; false at the end. */
    public static function read(\XMLReader $xml): bool
    {
        libxml_clear_errors();
        $before = libxml_use_internal_errors(true);
        try {
            $found = $xml->read();
            if (! $found && libxml_get_errors() !== []) {
                throw new UnreadableTable(TableProblem::Damaged);
            }
            if ($found && $xml->nodeType === \XMLReader::DOC_TYPE) {
                throw new UnreadableTable(TableProblem::Damaged);
            }

            return $found;
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }
}
