<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Files\Table;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Work\Actions\Shutdown\EndShutdown;
use App\Work\Actions\Shutdown\SaveShutdown;
use App\Work\Http\Requests\ShutdownRequest;
use App\Work\Models\Shutdown;
use App\Work\Pages\ShutdownPage;
use App\Work\Pages\ShutdownsPage;
use App\Work\Queries\NamedAssets;
use App\Work\Queries\ShutdownLines;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use stdClass;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Shutdowns: what stands from when to when, and what is done meanwhile. */
final class ShutdownController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly FirstAnswer $once,
        private readonly NamedAssets $named,
    ) {
    }

    public function index(ShutdownsPage $page): Page
    {
        return Page::in('work', 'Shutdowns')->sheet('work.shutdowns.index', $page($this->site->id()));
    }

    public function create(): Page
    {
        return Page::in('work', 'New shutdown')->sheet('work.shutdowns.form', ['shutdown' => null]);
    }

    public function store(ShutdownRequest $request, SaveShutdown $save): RedirectResponse
    {
        $input = $request->shutdown($this->site->get(), $this->named);
        $by = $request->user()->actor();

        return $this->once->redirect(fn (): array => [
            "/shutdowns/{$save($by, $this->site->id(), $input)->id}",
            'It is opened. Put the orders into it that are worked meanwhile.',
        ]);
    }

    public function show(Shutdown $shutdown, ShutdownPage $page): Page
    {
        $this->site->enter($shutdown->site_id);
        $shutdown->load('standing');

        return Page::in('work', "{$shutdown->title} {$shutdown->label()}")
            ->sheet('work.shutdowns.sheet', $page($shutdown))
            ->horizon(fn (): Horizon => Horizon::of($shutdown->subject(), $shutdown->title, $this->site->today()));
    }

    public function edit(Shutdown $shutdown): Page
    {
        $this->site->enter($shutdown->site_id);
        $shutdown->load('standing');

        return Page::in('work', "Change {$shutdown->label()}")
            ->sheet('work.shutdowns.form', ['shutdown' => $shutdown]);
    }

    public function update(
        ShutdownRequest $request,
        Shutdown $shutdown,
        SaveShutdown $save,
        SiteDays $days,
    ): RedirectResponse {
        $save(
            $request->user()->actor(),
            $shutdown->site_id,
            $request->shutdown($days->site($shutdown->site_id), $this->named),
            $shutdown,
            Typed::id($request, 'version'),
        );

        return redirect("/shutdowns/{$shutdown->id}")->with('said', 'It is saved.');
    }

    public function end(Request $request, Shutdown $shutdown, EndShutdown $end): RedirectResponse
    {
        $end($request->user()->actor(), $shutdown);

        return redirect("/shutdowns/{$shutdown->id}")->with('said', "{$shutdown->label()} is over.");
    }

    /** Its orders as a file. */
    public function export(Shutdown $shutdown, string $format, ShutdownLines $lines): StreamedResponse
    {
        return Table::stream(
            $format,
            $shutdown->label(),
            ['turn', 'order', 'title', 'on', 'state', 'who', 'hours planned', 'hours booked', 'added on', 'late'],
            $lines->of($shutdown->id)->map(static fn (stdClass $one): array => [
                (int) $one->turn,
                "W-{$one->number}",
                $one->title,
                $one->tag,
                $one->state,
                $one->who,
                round($one->planned / 60, 2),
                round($one->booked / 60, 2),
                $one->added_on,
                $one->late_reason,
            ]),
        );
    }
}
