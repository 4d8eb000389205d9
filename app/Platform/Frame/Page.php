<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Closure;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * A page in the frame: an index, a sheet, and a horizon. On a direct address all of it is rendered; when the browser asks for a part
 * of the page that it has, only that part is.
 */
final class Page implements Responsable
{
    /** @var array{string, array<string, mixed>|Closure}|null */
    private ?array $index = null;

    /** @var array{string, array<string, mixed>}|null */
    private ?array $sheet = null;

    private ?Closure $horizon = null;

    private function __construct(private readonly string $place, private readonly string $title)
    {
    }

    /** @param  string  $place the word of the rail that this page belongs to */
    public static function in(string $place, string $title): self
    {
        return new self($place, $title);
    }

    /** @param  array<string, mixed>|Closure(): array<string, mixed>  $data computed only when the index is asked for */
    public function index(string $view, array|Closure $data): self
    {
        $this->index = [$view, $data];

        return $this;
    }

    /** @param  array<string, mixed>  $data */
    public function sheet(string $view, array $data = []): self
    {
        $this->sheet = [$view, $data];

        return $this;
    }

    /** @param  Closure(): Horizon  $horizon */
    public function horizon(Closure $horizon): self
    {
        $this->horizon = $horizon;

        return $this;
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $part = $request->headers->has('HX-Request') && ! $request->headers->has('HX-History-Restore-Request') ? $request->header('HX-Target') : null;
        $index = $this->index === null || $part === 'sheet' ? null : [$this->index[0], $this->index[1] instanceof Closure ? ($this->index[1])() : $this->index[1]];
        $data = ['place' => $this->place, 'title' => $this->title, 'index' => $index, 'sheet' => $this->sheet, 'horizon' => $part === 'index' || $this->horizon === null ? null : ($this->horizon)(), 'hasIndex' => $this->index !== null];
        $view = match ($part) {
            'sheet' => 'frame.part-sheet',
            'index' => 'frame.part-index',
            'page' => 'frame.part-page',
            default => 'frame.layout',
        };

        return response(view($view, $data)->render())->header('Vary', 'HX-Request')->header('Cache-Control', 'no-store');
    }
}
