<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Access\Rights;
use App\Platform\Extension\Offers;
use App\Platform\Middleware\BackgroundRequest;
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
 * asks for a part of the page that it has, only that part is; and some parts may come after it (Awaited).
 */
final class Page implements Responsable
{
    /** @var array{string, array<string, mixed>|Closure}|null */
    private ?array $index = null;

    /** @var array{string, array<string, mixed>|Closure}|null */
    private ?array $sheet = null;

    /** @var array{string, string|null, Closure(): array<string, mixed>}|null */
    private ?array $rest = null;

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
     *     for; it is told whether the whole sheet is shown beside it
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

    /**
     * What stands below the first sections of the sheet, and the list of its sections where it has one.
     *
     * @param  Closure(): array<string, mixed>  $data  of both views
     */
    public function rest(string $view, ?string $toc, Closure $data): self
    {
        $this->rest = [$view, $toc, $data];

        return $this;
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        self::remember($request);
        $asked = Awaited::asked($request);
        [$view, $data] = $asked === null ? $this->firstAnswer($request) : ['frame.part-awaited', $this->behind($asked)];
        if ($asked === null) {
            $this->noteRecent($request);
        } else {
            $request->attributes->set(BackgroundRequest::class, true);
        }

        $page = ReturnedForm::in(static fn (): string => view($view, $data)->render(), $request);

        return response(Unsaid::in($page, $request))
            ->header('Vary', 'HX-Request, '.Awaited::HEADER)
            ->header('Cache-Control', 'no-store');
    }

    /** @return array{string, array<string, mixed>} the view and its data */
    private function firstAnswer(Request $request): array
    {
        $part =
            $request->headers->has('HX-Request') && ! $request->headers->has('HX-History-Restore-Request')
                ? (string) $request->headers->get('HX-Target')
                : null;
        $awaited = Awaited::of($request, ...$this->mayWait($request, $part));
        $rest = $this->restShown($awaited->has(PagePart::Rest));

        return [
            match ($part) {
                'sheet' => 'frame.part-sheet',
                'index' => 'frame.part-index',
                'horizon' => 'frame.horizon',
                'page' => 'frame.part-page',
                default => 'frame.layout',
            },
            [
                'place' => $this->place,
                'title' => $this->title,
                'index' => $awaited->has(PagePart::Index)
                    ? null
                    : $this->indexData($part, ! $awaited->has(PagePart::Rest)),
                'sheet' => in_array($part, ['index', 'horizon'], true) ? null : $this->sheetData($rest),
                'horizon' => $part === 'index' || $awaited->has(PagePart::Horizon) ? null : $this->shown(),
                'hasIndex' => $this->index !== null,
                'awaited' => $awaited,
            ],
        ];
    }

    /** @return array<string, mixed> what the first answer left to be asked for */
    private function behind(Awaited $asked): array
    {
        return [
            'asked' => $asked,
            'index' => $asked->has(PagePart::Index) ? $this->indexData(null, true) : null,
            'rest' => $asked->has(PagePart::Rest) ? $this->restShown(false) : null,
            'horizon' => $asked->has(PagePart::Horizon) ? $this->shown() : null,
            'awaited' => Awaited::nothing(),
        ];
    }

    /** @return list<PagePart> the parts that may come after the one that is asked for */
    private function mayWait(Request $request, ?string $part): array
    {
        if (in_array($part, ['index', 'horizon'], true)) {
            return [];
        }

        // An index is the page at its own address, of one word; elsewhere it stands beside what was asked for.
        $isBeside = substr_count($request->getPathInfo(), '/') > 1;

        return [
            ...($this->index !== null && $part !== 'sheet' && $isBeside ? [PagePart::Index] : []),
            ...($this->rest === null ? [] : [PagePart::Rest]),
            ...($this->showsHorizon() && ! Horizon::isFolded() ? [PagePart::Horizon] : []),
        ];
    }

    /** @return array{string, array<string, mixed>}|null */
    private function indexData(?string $part, bool $hasWholeSheet): ?array
    {
        if ($this->index === null || in_array($part, ['sheet', 'horizon'], true)) {
            return null;
        }
        [$view, $data] = $this->index;

        return [$view, $data instanceof Closure ? $data($part !== 'index' && $hasWholeSheet) : $data];
    }

    /** @return array{string, array<string, mixed>}|null what it costs is paid where it is shown */
    private function sheetData(?Rest $rest): ?array
    {
        if ($this->sheet === null) {
            return null;
        }
        [$view, $data] = $this->sheet;

        return [$view, ($data instanceof Closure ? $data() : $data) + ['rest' => $rest]];
    }

    private function restShown(bool $isAwaited): ?Rest
    {
        return $this->rest === null ? null : new Rest(...$this->rest, isAwaited: $isAwaited);
    }

    /** Where a page has no horizon of its own, the whole site's is shown to those who see the plant. */
    private function shown(): ?Horizon
    {
        if ($this->horizon !== null) {
            return ($this->horizon)();
        }
        if (! $this->showsHorizon()) {
            return null;
        }
        $site = app(CurrentSite::class);

        return Horizon::of(Subject::of('site', $site->id(), $site->id()), $site->get()->name, $site->today());
    }

    private function showsHorizon(): bool
    {
        return $this->horizon !== null ||
            ($this->hasHorizon && ! in_array($this->place, ['setup', 'me'], true) && Rights::has(Right::SeePlant));
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
