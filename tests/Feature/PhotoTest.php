<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Photo;
use App\Models\Role;
use App\Photo\InvalidPhoto;
use App\Photo\KeepPhoto;
use App\Photo\Picture;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

#[CoversClass(Picture::class)]
#[CoversClass(KeepPhoto::class)]
final class PhotoTest extends TestCase
{
    use RefreshDatabase;

    private Filesystem $disk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->disk = Storage::fake('local');
    }

    public function test_a_photo_is_made_small_and_upright_and_keeps_nothing_else_of_its_file(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->post("/dogs/{$world->dog->id}/photo", ['photo' => $this->upload($this->sideways(1600, 800))])
            ->assertSessionHasNoErrors();

        $photo = Photo::query()->sole();
        $kept = (string) $this->disk->get(KeepPhoto::path($photo->file));
        self::assertSame([600, 1200], [$photo->width, $photo->height]);
        self::assertSame([600, 1200, IMAGETYPE_JPEG], array_slice((array) getimagesizefromstring($kept), 0, 3));
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('secret', $kept);
        // what was at the left of a phone held sideways is above now
        $image = imagecreatefromstring($kept);
        self::assertNotFalse($image);
        self::assertGreaterThan(200, (imagecolorat($image, 300, 40) >> 16) & 0xFF);
        self::assertLessThan(60, (imagecolorat($image, 300, 1160) >> 16) & 0xFF);
    }

    /** Upside down, and held the other way round: orientations 3 and 8. */
    #[TestWith([3, 60, 40, 50, 20])]
    #[TestWith([8, 40, 60, 20, 50])]
    #[TestWith([1, 60, 40, 10, 20])]
    public function test_a_photo_stands_upright_however_the_phone_was_held(int $orientation, int $width, int $height, int $x, int $y): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($path, $this->sideways(60, 40, $orientation));
        $picture = Picture::of($path);
        unlink($path);
        $image = imagecreatefromstring($picture->jpeg);
        self::assertNotFalse($image);

        self::assertSame([$width, $height], [$picture->width, $picture->height]);
        self::assertGreaterThan(200, (imagecolorat($image, $x, $y) >> 16) & 0xFF, 'what was white at its left');
        self::assertLessThan(60, (imagecolorat($image, $width - 1 - $x, $height - 1 - $y) >> 16) & 0xFF);
    }

    public function test_a_new_photo_takes_the_place_of_the_old_and_it_can_be_taken_out(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer);
        foreach ([10, 20] as $size) {
            $this->post("/dogs/{$world->dog->id}/photo", ['photo' => $this->upload($this->sideways($size, $size))])
                ->assertSessionHasNoErrors();
        }
        self::assertCount(1, $this->disk->allFiles('photos'));
        $photo = Photo::query()->sole();
        $this->get("/dogs/{$world->dog->id}")->assertSee("/photos/{$photo->id}");
        $this->get("/photos/{$photo->id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');

        $this->delete("/photos/{$photo->id}")->assertSessionHasNoErrors();
        self::assertSame([], $this->disk->allFiles('photos'));
        $this->get("/photos/{$photo->id}")->assertNotFound();
    }

    public function test_what_is_no_photo_or_a_bomb_is_told_and_nothing_is_kept(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer);
        $bomb = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 30000, 30000, 8, 2, 0, 0, 0);
        foreach (['<?php echo 1;', 'GIF89a'.str_repeat("\0", 40), $bomb.pack('N', crc32(substr($bomb, 12))), substr(
            $this->sideways(50, 50), 0, 60,
        )] as $content) {
            $this->post("/dogs/{$world->dog->id}/photo", ['photo' => $this->upload($content)])->assertSessionHasErrors('photo');
        }
        $this->post("/dogs/{$world->dog->id}/photo", ['photo' => 'a word'])->assertSessionHasErrors('photo');
        foreach ([10_240 => 'no photo we can read', 10_241 => 'at most 10 MB'] as $kilobytes => $told) {
            $this->post("/dogs/{$world->dog->id}/photo", ['photo' => UploadedFile::fake()->create('big.jpg', $kilobytes)])
                ->assertSessionHasErrors('photo');
            self::assertStringContainsString($told, (string) session('errors')?->first('photo'));
        }
        self::assertSame([0, []], [Photo::query()->count(), $this->disk->allFiles()]);
    }

    public function test_the_largest_picture_that_is_taken_is_just_below_the_bound(): void
    {
        $side = (int) sqrt(Picture::MOST_POINTS);
        $head = static fn (int $width): string => "\x89PNG\r\n\x1a\n"
            .pack('N', 13).'IHDR'.pack('NNCCCCC', $width, $width, 8, 2, 0, 0, 0).pack('N', 0);
        $path = (string) tempnam(sys_get_temp_dir(), 'photo');
        $problem = static function (string $content) use ($path): string {
            file_put_contents($path, $content);
            try {
                Picture::of($path);
            } catch (InvalidPhoto $problem) {
                return $problem->problem->value;
            }

            return '';
        };
        self::assertSame('no_picture', $problem($head($side)), 'read, and then found to hold nothing');
        self::assertSame('too_many_points', $problem($head($side + 1)), 'not even read');
        unlink($path);
    }

    public function test_a_guardian_sees_photos_of_own_dogs_and_places_only(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->post("/dogs/{$world->dog->id}/photo", ['photo' => $this->upload($this->sideways(10, 10))]);
        $photo = Photo::query()->sole();
        $guardian = $world->user(Role::Guardian);
        $this->actingAs($guardian)->get("/photos/{$photo->id}")->assertNotFound();
        $world->dog->guardians()->attach($guardian);
        $this->get("/photos/{$photo->id}")->assertOk();
        $this->delete("/photos/{$photo->id}")->assertForbidden();
    }

    private function upload(string $content): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('photo.jpg', $content);
    }

    /** A JPEG, white at its left and black at its right, that says how the phone was held (6: sideways), and more. */
    private function sideways(int $width, int $height, int $orientation = 6): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        self::assertNotFalse($image);
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, 0xFFFFFF);
        ob_start();
        imagejpeg($image, null, 95);
        $jpeg = (string) ob_get_clean();
        $tiff = "II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0).'secret place';

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($tiff) + 8)."Exif\0\0".$tiff.substr($jpeg, 2);
    }
}
