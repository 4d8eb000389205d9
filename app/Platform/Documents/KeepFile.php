<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Clock\Clock;
use GdImage;
use Illuminate\Support\Facades\DB;
use Sundial\Files\FileKind;
use Sundial\Support\InvalidInput;

/** Takes a file in after looking at its content; the same content is kept once. */
final readonly class KeepFile
{
    private const SMALL = 480;

    /** Width times height of a picture that is decoded: four bytes each, within the memory of a request. */
    private const MOST_POINTS = 40_000_000;

    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(string $path, string $name, string $field = 'file'): StoredFile
    {
        $type = (string) (new \finfo(FILEINFO_MIME_TYPE))->file($path);
        $kind = FileKind::of($type, (int) filesize($path), $name, $field);
        [$width, $height] = $kind === FileKind::Photo ? $this->size($path, $name, $field) : [null, null];
        $hash = (string) hash_file('sha256', $path);
        $file = new StoredFile(['sha256' => $hash]);
        $this->put($path, $file);
        if (
            $width !== null &&
            $height !== null &&
            ! is_file($file->path('.small'))
        ) {
            $this->small($file, $type, $width, $height);
        }
        DB::table('files')->insertOrIgnore([
            'sha256' => $hash,
            'type' => $type,
            'size' => filesize($path),
            'width' => $width,
            'height' => $height,
            'stored_at' => $this->clock->now()->format('Y-m-d H:i:s.u'),
        ]);

        return StoredFile::query()->where('sha256', $hash)->firstOrFail();
    }

    /** First beside its place, then there in one step: a half-written file never stands under its hash. */
    private function put(string $path, StoredFile $file): void
    {
        if (is_file($file->path())) {
            return;
        }
        $folder = dirname($file->path());
        if (! is_dir($folder) && ! @mkdir($folder, 0770, true) && ! is_dir($folder)) {
            $this->refuseUnkept();
        }
        $beside = $file->path('.'.bin2hex(random_bytes(6)));
        if (! @copy($path, $beside) || ! @rename($beside, $file->path())) {
            @unlink($beside);
            $this->refuseUnkept();
        }
    }

    private function refuseUnkept(): never
    {
        throw InvalidInput::because(
            'not_kept',
            'form',
            'The file could not be kept: the disk of the server is full or cannot be written to. Nothing was saved. '.
                'Tell your administrator, and send it again afterwards.',
        );
    }

    /** @return array{int, int} as a browser shows it: turned the way the camera says */
    private function size(string $path, string $name, string $field): array
    {
        $size = @getimagesize($path);
        if ($size === false || $size[0] < 1 || $size[1] < 1) {
            throw InvalidInput::because(
                'broken',
                $field,
                "“{$name}” begins like a photo but cannot be read as one. It may be cut off; choose it again.",
                $name,
            );
        }

        if ($size[0] * $size[1] > self::MOST_POINTS) {
            throw InvalidInput::because(
                'too_large',
                $field,
                "“{$name}” is {$size[0]} × {$size[1]} points, more than can be shown. Save it smaller, at most ".
                    intdiv(self::MOST_POINTS, 1_000_000).' million points, and choose it again.',
                $name,
            );
        }
        $this->refuseCut($path, $name, $field);

        return $this->turn($path) % 180 === 0 ? [$size[0], $size[1]] : [$size[1], $size[0]];
    }

    /** A picture whose last bytes are not those with which its kind ends did not arrive whole. */
    private function refuseCut(string $path, string $name, string $field): void
    {
        $tail = (string) file_get_contents($path, offset: max(0, (int) filesize($path) - 4096));
        $ends = match (@exif_imagetype($path)) {
            IMAGETYPE_JPEG => str_contains($tail, "\xFF\xD9"),
            IMAGETYPE_PNG => str_contains($tail, 'IEND'),
            IMAGETYPE_GIF => str_ends_with(rtrim($tail, "\0"), ';'),
            default => true,
        };
        if (! $ends) {
            throw InvalidInput::because(
                'cut',
                $field,
                "“{$name}” is cut off: its end is missing. Choose it again.",
                $name,
            );
        }
    }

    /** Degrees by which the camera says that the picture is turned, against the clock. */
    private function turn(string $path): int
    {
        $exif = @exif_imagetype($path) === IMAGETYPE_JPEG ? @exif_read_data($path) : false;

        return [3 => 180, 6 => -90, 8 => 90][is_array($exif) ? (int) ($exif['Orientation'] ?? 1) : 1] ?? 0;
    }

    private function small(StoredFile $file, string $type, int $width, int $height): void
    {
        $image = @imagecreatefromstring((string) file_get_contents($file->path()));
        if (! ($image instanceof GdImage)) {
            return;
        }
        $turned = $type === 'image/jpeg' ? imagerotate($image, $this->turn($file->path()), 0) : $image;
        $scale = min(1, self::SMALL / max($width, $height));
        $small = imagescale(
            $turned instanceof GdImage ? $turned : $image,
            max(1, (int) round($width * $scale)),
            max(1, (int) round($height * $scale)),
        );
        if ($small instanceof GdImage) {
            imagejpeg($small, $file->path('.small'), 82);
        }
    }
}
