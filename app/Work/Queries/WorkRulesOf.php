<?php

declare(strict_types=1);

namespace App\Work\Queries;

use Illuminate\Support\Facades\DB;
use Sundial\Support\Money;
use Sundial\Work\OrderMove;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\WorkRules;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\Lane;

/** The rules of a site about who asks, who approves and who closes; none where nothing was set. */
final readonly class WorkRulesOf
{
    public function ofSite(int $siteId): WorkRules
    {
        $row = DB::table('work_rules')->where('site_id', $siteId)->first();

        return $row === null
            ? WorkRules::none()
            : WorkRules::approving(
                array_map(
                    static fn (mixed $cents): ?int => is_int($cents) ? $cents : null,
                    (array) json_decode((string) $row->limits, true),
                ),
                $row->own_above === null ? null : (int) $row->own_above,
            )->closing(Asked::from((string) $row->second_to_close), Asked::from((string) $row->hand_back));
    }

    /** @return array<string, string> as people read them, with how long work may stand */
    public static function words(WorkRules $rules, AgreedStay $stay): array
    {
        $amount = static fn (?int $cents): string => $cents === null ? 'any' : Money::plain($cents);
        $words = [];
        foreach (OrderMove::Approve->roles() as $role) {
            $words["{$role->value} up to"] = $amount($rules->limitOf($role));
        }
        $words['one’s own up to'] = $amount($rules->ownAbove);
        $words['a second closes'] = $rules->secondToClose->isYes() ? 'yes' : 'no';
        $words['operations take it back'] = $rules->handBack->isYes() ? 'yes' : 'no';
        foreach (Lane::cases() as $lane) {
            $words["days at {$lane->value}"] = (string) $stay->days($lane);
        }

        return $words;
    }
}
