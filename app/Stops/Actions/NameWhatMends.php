<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Names the order that mends what stands, or that was made of a stop; one that is named stays. */
final readonly class NameWhatMends
{
    /** On what stands of an asset, and on the call that was made to it. */
    public function __invoke(int $assetId, Subject $order, string $label, ?int $callId = null): void
    {
        DB::table('stops')->where('open_on', $assetId)->whereNull('subject_id')->update(self::facts($order, $label));
        if ($callId !== null) {
            DB::table('maintenance_calls')->where('id', $callId)->update(self::facts($order, $label));
        }
    }

    /** On one stop of the site of the order. */
    public function ofStop(int $stopId, Subject $order, string $label): void
    {
        DB::table('stops')
            ->where('site_id', $order->siteId)
            ->where('id', $stopId)
            ->whereNull('subject_id')
            ->update(self::facts($order, $label));
    }

    /** @return array<string, mixed> */
    private static function facts(Subject $order, string $label): array
    {
        return [
            'subject_kind' => $order->kind,
            'subject_id' => $order->id,
            'subject_label' => mb_substr($label, 0, 120),
        ];
    }
}
