<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use App\Stops\Models\Stop;
use Illuminate\Support\Facades\DB;

/** Names the order that mends what stands, on the open stop of an asset and on the call that was made to it. */
final readonly class NameWhatMends
{
    public function __invoke(int $assetId, Subject $order, string $label, ?int $callId = null): void
    {
        $named = Stop::mendedBy($order, $label);
        DB::table('stops')->where('open_on', $assetId)->whereNull('subject_id')->update($named);
        if ($callId !== null) {
            DB::table('maintenance_calls')->where('id', $callId)->update($named);
        }
    }
}
