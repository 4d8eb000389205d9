<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Register\Queries\RegisterLists;
use Illuminate\Support\Facades\DB;
use Sundial\Register\LifeState;

/** Says in the plant's own words what each life state means there. What a state does is fixed. */
final readonly class SetLifeStateMeanings
{
    public function __construct(private RegisterLists $register, private Audit $audit)
    {
    }

    /** @param  array<string, string|null>  $meanings  by state */
    public function __invoke(Actor $by, array $meanings, Seen $seen): void
    {
        DB::transaction(function () use ($by, $meanings, $seen): void {
            DB::table('life_state_meanings')->lockForUpdate()->pluck('state');
            $before = $this->register->meanings();
            $after = [];
            foreach (LifeState::cases() as $state) {
                $after[$state->value] = trim((string) ($meanings[$state->value] ?? ''));
            }
            $seen->check($before, $after);
            $changes = Audit::difference($before, $after);
            if ($changes === []) {
                return;
            }
            foreach ($after as $state => $meaning) {
                DB::table('life_state_meanings')->upsert(
                    [['state' => $state, 'meaning' => $meaning]],
                    ['state'],
                    ['meaning'],
                );
            }
            $this->audit->record($by, Subject::of('setup', 1), 'said what the life states mean', $changes);
        });
    }
}
