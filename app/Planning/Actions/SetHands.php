<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Methods\Hands;
use App\Planning\Models\Method;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Says which team, and who of it, does the work of a method at a site: its orders there begin in those hands. */
final readonly class SetHands
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Method $method, int $siteId, Hands $hands): void
    {
        DB::transaction(function () use ($by, $method, $siteId, $hands): void {
            Method::query()->lockForUpdate()->findOrFail($method->id);
            DB::table('method_hands')->updateOrInsert(
                ['method_id' => $method->id, 'site_id' => $siteId],
                ['team_id' => $hands->teamId, 'person_id' => $hands->personId],
            );
            $this->audit->record($by, Subject::of('method', $method->id), "said who does {$method->name} at a site", [
                'team' => [null, $hands->teamId === null ? null : self::name('teams', $hands->teamId)],
                'person' => [null, $hands->personId === null ? null : self::name('users', $hands->personId)],
            ]);
        });
    }

    private static function name(string $table, int $id): string
    {
        return (string) DB::table($table)->where('id', $id)->value('name');
    }
}
