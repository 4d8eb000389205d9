<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Frame\Page;
use App\Stops\Actions\SaveRejectReason;
use App\Stops\Http\Requests\RejectReasonRequest;
use App\Stops\Models\RejectReason;
use App\Stops\Queries\LinesOf;
use App\Stops\Queries\RejectReasons;
use Illuminate\Http\RedirectResponse;

/** The reasons for which pieces are rejected. */
final class RejectReasonController
{
    public function index(RejectReasons $reasons, LinesOf $lines): Page
    {
        $all = $reasons->all();

        return Page::in('setup', 'Reject reasons')
            ->index('frame.setup-index', ['current' => 'reject-reasons'])
            ->sheet('stops.reject-reasons', [
                'reasons' => $all,
                'tops' => $all->whereNull('parent_id')->where('retired', false),
                'lines' => $lines->everywhere(),
            ]);
    }

    public function store(RejectReasonRequest $request, SaveRejectReason $save): RedirectResponse
    {
        $reason = $save($request->user()->actor(), new RejectReason(), $request->said());

        return redirect('/setup/reject-reasons')->with('said', "“{$reason->name}” is offered from now on.");
    }

    public function update(
        RejectReasonRequest $request,
        RejectReason $rejectReason,
        SaveRejectReason $save,
    ): RedirectResponse {
        $save($request->user()->actor(), $rejectReason, $request->said(), $request->integer('version'));

        return redirect('/setup/reject-reasons')->with('said', 'The reason is saved.');
    }
}
