<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Frame\Page;
use App\Register\Queries\RegisterLists;
use App\Stops\Actions\SaveStopReason;
use App\Stops\Http\Requests\ReasonRequest;
use App\Stops\Models\StopReason;
use App\Stops\Queries\LinesOf;
use App\Stops\Queries\StopReasons;
use Illuminate\Http\RedirectResponse;
use Sundial\Stops\StopKind;

/** The reasons for which machines stand. */
final class StopReasonController
{
    public function index(StopReasons $reasons, RegisterLists $register, LinesOf $lines): Page
    {
        $all = $reasons->all();

        return Page::in('setup', 'Stop reasons')
            ->index('frame.setup-index', ['current' => 'stop-reasons'])
            ->sheet('stops.reasons', [
                'reasons' => $all,
                'tops' => $all->whereNull('parent_id')->where('retired', false),
                'kinds' => StopKind::cases(),
                'classes' => $register->classes(),
                'lines' => $lines->everywhere(),
            ]);
    }

    public function store(ReasonRequest $request, SaveStopReason $save): RedirectResponse
    {
        $reason = $save($request->user()->actor(), null, $request->said());

        return redirect('/setup/stop-reasons')->with('said', "“{$reason->name}” is offered from now on.");
    }

    public function update(ReasonRequest $request, StopReason $stopReason, SaveStopReason $save): RedirectResponse
    {
        $save($request->user()->actor(), $stopReason, $request->said($stopReason), $request->integer('version'));

        return redirect('/setup/stop-reasons')->with('said', 'The reason is saved.');
    }
}
