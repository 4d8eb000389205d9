<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;

/** Says in the plant's own words what each life state means there. What a state does is fixed. */
final readonly class SetLifeStateMeanings
{
    public function __construct(private Audit $audit)
    {
    }

    /** @param  array<string, string|null>  $meanings  by state */
    public function __invoke(Actor $by, array $meanings): void
    {
        DB::transaction(function () use ($by, $meanings): void {
            $before = DB::table('life_state_meanings')->lockForUpdate()->pluck('meaning', 'state')->all();
            $after = [];
            foreach (LifeState::cases() as $state) {
                $after[$state->value] = trim((string) ($meanings[$state->value] ?? ''));
                DB::table('life_state_meanings')->upsert(
                    [['state' => $state->value, 'meaning' => $after[$state->value]]],
                    ['state'],
                    ['meaning'],
                );
            }
            $changes = Audit::difference($before, $after);
            if ($changes !== []) {
                $this->audit->record($by, Subject::of('setup', 1), 'said what the life states mean', $changes);
            }
        });
    }
}
