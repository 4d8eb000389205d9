<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Access\Rights;
use App\Platform\Extension\Offers;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Writing\Typed;
use Closure;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Sundial\Access\Right;

/**
 * A page in the frame: an index, a sheet, and a horizon. On a direct address all of it is rendered; when the browser
 * asks for a part
 * of the page that it has, only that part is.
 */
final class Page implements Responsable
{
    /** @var array{string, array<string, mixed>|Closure}|null */
    private ?array $index = null;

    /** @var array{string, array<string, mixed>|Closure}|null */
    private ?array $sheet = null;

    private ?Closure $horizon = null;

    private bool $hasHorizon = true;

    private function __construct(private readonly string $place, private readonly string $title)
    {
    }

    /** @param  string  $place the word of the rail that this page belongs to */
    public static function in(string $place, string $title): self
    {
        return new self($place, $title);
    }

    /**
     * @param  array<string, mixed>|Closure(bool): array<string, mixed>  $data  computed only when the index is asked
     *     for; it is told whether the sheet is shown beside it
     */
    public function index(string $view, array|Closure $data): self
    {
        $this->index = [$view, $data];

        return $this;
    }

    /** @param  array<string, mixed>  $data */
    public function sheet(string $view, array|Closure $data = []): self
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

    /** For a page that needs the room. */
    public function withoutHorizon(): self
    {
        $this->hasHorizon = false;

        return $this;
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        self::remember($request);
        $this->noteRecent($request);
        $part =
            $request->headers->has('HX-Request') && ! $request->headers->has('HX-History-Restore-Request')
                ? (string) $request->headers->get('HX-Target')
                : null;
        $data = [
            'place' => $this->place,
            'title' => $this->title,
            'index' => $this->indexData($part),
            'sheet' => $this->sheetData($part),
            'horizon' => $part === 'index' ? null : $this->shown(),
            'hasIndex' => $this->index !== null,
        ];
        $view = match ($part) {
            'sheet' => 'frame.part-sheet',
            'index' => 'frame.part-index',
            'horizon' => 'frame.horizon',
            'page' => 'frame.part-page',
            default => 'frame.layout',
        };

        return response(Unsaid::in(view($view, $data)->render(), $request))
            ->header('Vary', 'HX-Request')
            ->header('Cache-Control', 'no-store');
    }

    /** @return array{string, array<string, mixed>}|null */
    private function indexData(?string $part): ?array
    {
        if ($this->index === null || in_array($part, ['sheet', 'horizon'], true)) {
            return null;
        }
        [$view, $data] = $this->index;

        return [$view, $data instanceof Closure ? $data($part !== 'index') : $data];
    }

    /** @return array{string, array<string, mixed>}|null what it costs is paid where it is shown */
    private function sheetData(?string $part): ?array
    {
        if ($this->sheet === null) {
            return null;
        }
        [$view, $data] = $this->sheet;

        return [$view, $data instanceof Closure ? ($part === 'index' ? [] : $data()) : $data];
    }

    /** Where a page has no horizon of its own, the whole site's is shown to those who see the plant. */
    private function shown(): ?Horizon
    {
        if ($this->horizon !== null) {
            return ($this->horizon)();
        }
        if (! $this->hasHorizon || in_array($this->place, ['setup', 'me'], true) || ! Rights::has(Right::SeePlant)) {
            return null;
        }
        $site = app(CurrentSite::class);

        return Horizon::of(Subject::of('site', $site->id(), $site->id()), $site->get()->name, $site->today());
    }

    /** The scale and the fold of the horizon are chosen on any page and kept for the next. */
    private static function remember(Request $request): void
    {
        if (HorizonSpan::tryFrom(Typed::word($request, 'span')) !== null) {
            session(['horizon.span' => $request->query('span')]);
        }
        if (in_array($request->query('fold'), ['0', '1'], true)) {
            session(['horizon.folded' => $request->query('fold') === '1']);
        }
    }

    /** The last records that were opened, for whoever wants to jump back to one. */
    private function noteRecent(Request $request): void
    {
        if (
            $request->isMethod('GET') &&
            app(Offers::class)->isRecord($request->getPathInfo())
        ) {
            $recent = array_filter(
                (array) session('recent', []),
                static fn (array $one): bool => $one['href'] !== $request->getPathInfo(),
            );
            session([
                'recent' => array_slice(
                    [['title' => $this->title, 'href' => $request->getPathInfo()], ...$recent],
                    0,
                    12,
                ),
            ]);
        }
    }
}
