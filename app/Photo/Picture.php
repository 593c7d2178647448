<?php

declare(strict_types=1);

namespace App\Photo;

/**
 * Drawn anew from what was given, turned upright and no larger than a page shows it: whatever else was in the file (where it was taken,
 * by what, another file) is not in it any more.
 */
final readonly class Picture
{
    public const MOST_POINTS = 25_000_000;

    public const LONGEST = 1200;

    private const QUALITY = 82;

    /** Four bytes a point, twice while it is turned. */
    private const MEMORY = '384M';

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws InvalidPhoto */
    public static function of(string $path): self
    {
        // what it says it is, before anything of it is unpacked
        $said = @getimagesize($path);
        if ($said === false || ! in_array($said[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw new InvalidPhoto(PhotoProblem::NoPicture);
        }
        if ($said[0] * $said[1] > self::MOST_POINTS) {
            throw new InvalidPhoto(PhotoProblem::TooManyPoints);
        }
        ini_set('memory_limit', self::MEMORY);
        $given = @imagecreatefromstring((string) file_get_contents($path));
        if ($given === false) {
            throw new InvalidPhoto(PhotoProblem::NoPicture);
        }
        $scale = min(1.0, self::LONGEST / max(imagesx($given), imagesy($given)));
        $scaled = imagescale($given, max(1, (int) round(imagesx($given) * $scale)), max(1, (int) round(imagesy($given) * $scale)));
        $upright = $scaled === false ? false : self::upright($scaled, $path, $said[2]);
        if ($upright === false) {
            throw new InvalidPhoto(PhotoProblem::NoPicture);
        }
        ob_start();
        imagejpeg($upright, null, self::QUALITY);

        return new self((string) ob_get_clean(), imagesx($upright), imagesy($upright));
    }

    /** A phone held sideways writes down that it was, and not the picture turned. */
    private static function upright(\GdImage $image, string $path, int $type): \GdImage|false
    {
        $facts = $type === IMAGETYPE_JPEG ? @exif_read_data($path) : false;

        return match (is_array($facts) ? $facts['Orientation'] ?? 1 : 1) {
            3 => imagerotate($image, 180, 0),
            6 => imagerotate($image, 270, 0),
            8 => imagerotate($image, 90, 0),
            default => $image,
        };
    }
}
