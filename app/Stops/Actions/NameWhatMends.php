<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Names the order that mends what stands, on the open stop of an asset and on the call that was made to it. */
final readonly class NameWhatMends
{
    public function __invoke(int $assetId, Subject $subject, string $label, ?int $callId = null): void
    {
        $facts = [
            'subject_kind' => $subject->kind,
            'subject_id' => $subject->id,
            'subject_label' => mb_substr($label, 0, 120),
        ];
        DB::table('stops')->where('open_on', $assetId)->whereNull('subject_id')->update($facts);
        if ($callId !== null) {
            DB::table('maintenance_calls')->where('id', $callId)->update($facts);
        }
    }
}
