<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Work\Queries\WorkRulesOf;
use App\Work\Queries\WorkWaiting;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;
use Sundial\Work\Rules\WorkRules;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\Lane;

/** Sets the rules of a site about who asks, who approves and who closes, and how long work may stand. */
final readonly class SetWorkRules
{
    public function __construct(private WorkRulesOf $rules, private WorkWaiting $waiting, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, int $siteId, WorkRules $rules, AgreedStay $stay, Seen $seen): void
    {
        DB::transaction(function () use ($by, $siteId, $rules, $stay, $seen): void {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $before = WorkRulesOf::words($this->rules->ofSite($siteId), $this->waiting->agreed($siteId));
            $after = WorkRulesOf::words($rules, $stay);
            $seen->check($before, $after);
            if ($before === $after) {
                return;
            }
            DB::table('work_rules')->updateOrInsert(['site_id' => $siteId], self::row($rules));
            foreach (Lane::cases() as $lane) {
                DB::table('agreed_stays')->updateOrInsert(
                    ['site_id' => $siteId, 'lane' => $lane->value],
                    ['days' => $stay->days($lane)],
                );
            }
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'changed the rules of work',
                Audit::difference($before, $after),
            );
        });
    }

    /** @return array{limits: string, own_above: int|null, second_to_close: string, hand_back: string} */
    private static function row(WorkRules $rules): array
    {
        $limits = [];
        foreach (OrderMove::Approve->roles() as $role) {
            $limits[$role->value] = $rules->limitOf($role);
        }

        return [
            'limits' => json_encode($limits, JSON_THROW_ON_ERROR),
            'own_above' => $rules->ownAbove,
            'second_to_close' => $rules->secondToClose->value,
            'hand_back' => $rules->handBack->value,
        ];
    }
}
