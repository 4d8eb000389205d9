<?php

declare(strict_types=1);

namespace App\Platform\Files;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Http\Response;

/** A view as a page of A4 to print or to send. */
final class Pdf
{
    /** @param  array<string, mixed>  $data */
    public static function of(string $view, array $data): string
    {
        $options = new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'tempDir' => storage_path('framework/cache'),
            'fontDir' => storage_path('framework/cache'),
            'fontCache' => storage_path('framework/cache'),
        ]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml(view($view, $data)->render());
        $pdf->render();

        return (string) $pdf->output();
    }

    /** @param  array<string, mixed>  $data */
    public static function response(string $name, string $view, array $data): Response
    {
        return response(self::of($view, $data))
            ->header('Content-Type', 'application/pdf')
            ->header('Content-Disposition', "inline; filename=\"{$name}.pdf\"")
            ->header('Cache-Control', 'no-store');
    }
}
