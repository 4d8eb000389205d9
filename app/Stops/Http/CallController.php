<?php

declare(strict_types=1);

namespace App\Stops\Http;

use App\Platform\Clock\Clock;
use App\Stops\Actions\AnswerCall;
use App\Stops\Actions\ArriveAtCall;
use App\Stops\Actions\CallMaintenance;
use App\Stops\Actions\EndCall;
use App\Stops\Models\Line;
use App\Stops\Models\MaintenanceCall;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Calls for maintenance from a line: made, answered, arrived, ended. */
final class CallController
{
    public function call(Request $request, Line $plantLine, CallMaintenance $call, Clock $clock): RedirectResponse
    {
        $given = $request->validate(['call_words' => ['nullable', 'string', 'max:200']], [], ['call_words' => 'words']);
        $made = $call(
            $request->user()->actor(),
            $plantLine->load('asset'),
            $plantLine->asset,
            $given['call_words'] ?? '',
            $clock->now(),
        );
        $order = $made->subject_label === null ? '' : " {$made->subject_label} is made of it.";

        return redirect("/lines/{$plantLine->id}")->with('said', "Maintenance is called.{$order}");
    }

    public function come(Request $request, MaintenanceCall $call, AnswerCall $answer): RedirectResponse
    {
        $answer($request->user(), $call);

        return back()->with('said', "The line sees that you come to {$call->asset->name}.");
    }

    public function arrived(
        Request $request,
        MaintenanceCall $call,
        ArriveAtCall $arrive,
        Clock $clock,
    ): RedirectResponse {
        $arrive($request->user()->actor(), $call->line, $clock->now());

        return back()->with('said', "It is noted when you arrived at {$call->asset->name}.");
    }

    public function end(Request $request, MaintenanceCall $call, EndCall $end): RedirectResponse
    {
        $given = $request->validate(
            ['because' => ['required', 'string', 'max:250']],
            ['because.required' => 'Say why nobody is needed any more.'],
        );
        $end($request->user()->actor(), $call, $given['because']);

        return back()->with('said', 'The call is ended.');
    }
}
