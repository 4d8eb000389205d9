<?php

declare(strict_types=1);

namespace Database\Demo;

use GdImage;

/** Simple pictures of machines for the demo plant, drawn from shapes. */
final class DemoPicture
{
    private const SIZE = [1200, 800];

    /** @return string the name of a temporary file */
    public static function of(string $class, string $tag): string
    {
        $image = imagecreatetruecolor(...self::SIZE);
        imageantialias($image, true);
        mt_srand(crc32($tag));
        $shade = mt_rand(-14, 14);
        $colour = static fn (int $r, int $g, int $b): int => (int) imagecolorallocate(
            $image,
            max(0, min(255, $r + $shade)),
            max(0, min(255, $g + $shade)),
            max(0, min(255, $b + $shade)),
        );
        imagefilledrectangle($image, 0, 0, 1199, 560, $colour(213, 206, 192));
        for ($x = 60; $x < 1200; $x += 228) {
            imagefilledrectangle($image, $x, 60, $x + 130, 260, $colour(232, 232, 222));
            imagerectangle($image, $x, 60, $x + 130, 260, $colour(150, 140, 124));
        }
        imagefilledrectangle($image, 0, 560, 1199, 799, $colour(160, 148, 132));
        self::machine(
            $image,
            $class,
            $colour(66, 96, 98),
            $colour(98, 116, 120),
            $colour(48, 56, 60),
            $colour(170, 120, 62),
        );
        imagefilledrectangle($image, 60, 690, 250, 750, $colour(240, 238, 228));
        imagestring($image, 5, 84, 711, $tag, $colour(40, 44, 48));
        $file = (string) tempnam(sys_get_temp_dir(), 'sundial');
        imagejpeg($image, $file, 84);

        return $file;
    }

    private static function machine(
        GdImage $image,
        string $class,
        int $body,
        int $steel,
        int $dark,
        int $brass,
    ): void {
        match ($class) {
            'ring spinning frame', 'carding set', 'winder' => self::frame($image, $body, $steel, $dark, $brass),
            'loom', 'warper', 'raising machine', 'stenter' => self::loom($image, $body, $steel, $dark, $brass),
            'steam boiler', 'dye vessel' => self::vessel($image, $body, $steel, $dark, $brass),
            default => self::pump($image, $body, $steel, $dark, $brass),
        };
    }

    private static function frame(GdImage $image, int $body, int $steel, int $dark, int $brass): void
    {
        imagefilledrectangle($image, 140, 300, 1060, 360, $body);
        imagefilledrectangle($image, 140, 560, 1060, 620, $body);
        imagefilledrectangle($image, 110, 280, 200, 660, $dark);
        imagefilledrectangle($image, 1000, 280, 1090, 660, $dark);
        for ($x = 230; $x < 990; $x += 38) {
            imagefilledrectangle($image, $x, 360, $x + 6, 560, $steel);
            imagefilledpolygon($image, [$x - 9, 540, $x + 15, 540, $x + 10, 420, $x - 4, 420], $brass);
        }
    }

    private static function loom(GdImage $image, int $body, int $steel, int $dark, int $brass): void
    {
        imagefilledrectangle($image, 230, 220, 270, 650, $dark);
        imagefilledrectangle($image, 930, 220, 970, 650, $dark);
        imagefilledrectangle($image, 230, 220, 970, 270, $body);
        imagefilledellipse($image, 600, 590, 760, 110, $steel);
        imagefilledrectangle($image, 260, 420, 940, 440, $steel);
        for ($x = 290; $x < 920; $x += 12) {
            imageline($image, $x, 270, $x, 560, $brass);
        }
        imagefilledrectangle($image, 260, 470, 940, 500, $dark);
    }

    private static function vessel(GdImage $image, int $body, int $steel, int $dark, int $brass): void
    {
        imagefilledrectangle($image, 320, 280, 880, 600, $body);
        imagefilledellipse($image, 320, 440, 190, 320, $steel);
        imagefilledellipse($image, 880, 440, 190, 320, $body);
        imagefilledellipse($image, 320, 440, 90, 150, $dark);
        imagefilledrectangle($image, 560, 120, 610, 290, $steel);
        imagefilledellipse($image, 720, 250, 74, 74, $brass);
        imagefilledrectangle($image, 380, 600, 430, 680, $dark);
        imagefilledrectangle($image, 780, 600, 830, 680, $dark);
    }

    private static function pump(GdImage $image, int $body, int $steel, int $dark, int $brass): void
    {
        imagefilledrectangle($image, 170, 610, 1010, 660, $dark);
        imagefilledrectangle($image, 220, 380, 560, 610, $body);
        imagefilledrectangle($image, 560, 470, 690, 520, $steel);
        imagefilledellipse($image, 790, 480, 270, 270, $steel);
        imagefilledellipse($image, 790, 480, 120, 120, $dark);
        imagefilledrectangle($image, 840, 200, 900, 420, $steel);
        imagefilledellipse($image, 625, 495, 80, 80, $brass);
    }
}
