<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Support\Facades\DB;
use Sundial\Work\OrderMove;
use Sundial\Work\Rules\WorkRules;

/** Sets the rules of a site about who asks, who approves and who closes. */
final readonly class SetWorkRules
{
    public function __construct(private WorkRulesOf $rules, private Audit $audit)
    {
    }

    public function __invoke(Actor $by, int $siteId, WorkRules $rules): void
    {
        DB::transaction(function () use ($by, $siteId, $rules): void {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $before = self::row($this->rules->ofSite($siteId));
            $row = self::row($rules);
            DB::table('work_rules')->updateOrInsert(['site_id' => $siteId], $row);
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'changed the rules of work',
                Audit::difference($before, $row),
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
