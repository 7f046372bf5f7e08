<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Paper\PaperSize;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\Foundation\Application;

/** Makes a PDF of a template in resources/print, black on white, with page numbers and what it is under every page. */
final readonly class Printer
{
    public function __construct(private Application $app) {}

    /**
     * @param  string  $template  name of a file in resources/print
     * @param  array<string, mixed>  $told
     * @param  string  $foot  stands at the foot of every page, beside its number
     * @return string the file
     */
    public function print(string $template, array $told, PaperSize $size, string $foot): string
    {
        $options = new Options;
        // Nothing is fetched and nothing runs: what stands in a record is text.
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false);
        $options->setDefaultFont('DejaVu Sans')->setTempDir(sys_get_temp_dir())->setFontCache($this->fontCache());
        $pdf = new Dompdf($options);
        $pdf->setPaper($size->value);
        $pdf->loadHtml($this->html($template, $told), 'UTF-8');
        $pdf->render();
        $canvas = $pdf->getCanvas();
        $font = $pdf->getFontMetrics()->getFont('DejaVu Sans') ?? 'Helvetica';
        $canvas->page_text(40, $canvas->get_height() - 30, $foot, $font, 7);
        $canvas->page_text(
            $canvas->get_width() - 90, $canvas->get_height() - 30, 'Page {PAGE_NUM} of {PAGE_COUNT}', $font, 7,
        );

        return $pdf->output();
    }

    /** @param  array<string, mixed>  $told */
    private function html(string $template, array $told): string
    {
        $path = $this->app->resourcePath("print/$template.php");

        return (static function () use ($path, $told): string {
            // What every template writes is escaped by this.
            $e = static fn (mixed $said): string => htmlspecialchars(
                is_scalar($said) ? (string) $said : '', ENT_QUOTES | ENT_SUBSTITUTE,
            );
            ob_start();
            require $path;

            return (string) ob_get_clean();
        })();
    }

    private function fontCache(): string
    {
        $folder = $this->app->storagePath('framework/cache/fonts');
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }

        return $folder;
    }
}
