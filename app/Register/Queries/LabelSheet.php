<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Files\Pdf;
use BaconQrCode\Common\ErrorCorrectionLevel;
use BaconQrCode\Encoder\Encoder;
use Illuminate\Support\Collection;
use Sundial\Register\ShortCode;

/** A sheet of labels with QR codes as a PDF, for common sheets of A4 labels. */
final class LabelSheet
{
    /** Columns, rows, width and height of a label in mm, and the margins of the sheet at its left and top. */
    public const SIZES = [
        '24 to a sheet, 70 × 36 mm' => [3, 8, 70.0, 36.0, 0.0, 4.5],
        '12 to a sheet, 97 × 42 mm' => [2, 6, 97.0, 42.3, 8.0, 21.5],
        '40 to a sheet, 52 × 29 mm' => [4, 10, 52.5, 29.7, 0.0, 0.0],
    ];

    /** @param  Collection<int, \stdClass>  $assets with id, tag and name */
    public function pdf(Collection $assets, string $size, string $root): string
    {
        return $this->of($assets->map(static fn (\stdClass $asset): array => [
            'tag' => (string) $asset->tag,
            'name' => (string) $asset->name,
            'code' => ShortCode::of((int) $asset->id)->code,
            'address' => "{$root}/a/".ShortCode::of((int) $asset->id)->code,
        ]), $size);
    }

    /** @param  Collection<int, array{tag: string, name: string, code: string, address: string}>  $labels */
    public function of(Collection $labels, string $size): string
    {
        [$columns, $rows, $width, $height, $left, $top] = self::SIZES[$size];
        $labels = $labels->map(fn (array $one): array => $one + ['image' => $this->qr($one['address'])]);

        return Pdf::of('register.labels.pdf', [
            'pages' => $labels->chunk($columns * $rows),
            'columns' => $columns,
            'width' => $width,
            'height' => $height,
            'left' => $left,
            'top' => $top,
        ]);
    }

    /**
     * A QR code (ISO/IEC 18004) as a PNG, four dots to a module and a quiet zone of four modules, as a data address.
     */
    public function qr(string $text): string
    {
        require_once '/usr/share/php/Bacon/BaconQrCode/autoload.php';
        $matrix = Encoder::encode($text, ErrorCorrectionLevel::M())->getMatrix();
        $size = $matrix->getWidth();
        $side = max(1, 4 * ($size + 8));
        $image = imagecreate($side, $side);
        if ($image === false) {
            return '';
        }
        imagecolorallocate($image, 255, 255, 255);
        $ink = (int) imagecolorallocate($image, 0, 0, 0);
        for ($y = 0; $y < $size; $y++) {
            for ($x = 0; $x < $size; $x++) {
                if ($matrix->get($x, $y) === 1) {
                    imagefilledrectangle(
                        $image,
                        4 * ($x + 4),
                        4 * ($y + 4),
                        4 * ($x + 4) + 3,
                        4 * ($y + 4) + 3,
                        $ink,
                    );
                }
            }
        }
        ob_start();
        imagepng($image);

        return 'data:image/png;base64,'.base64_encode((string) ob_get_clean());
    }
}
