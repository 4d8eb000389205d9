<?php

declare(strict_types=1);

namespace App\Work\Actions\Setup;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Work\Queries\EmergencyDuties;
use Illuminate\Support\Facades\DB;

/** Sets what else must happen in an emergency, at a site or on assets of one class there. */
final readonly class SetEmergencyDuties
{
    private const MOST = 250;

    public function __construct(private EmergencyDuties $duties, private Audit $audit)
    {
    }

    /** @param  list<string>  $lines */
    public function __invoke(Actor $by, int $siteId, ?int $classId, array $lines, Seen $seen): void
    {
        DB::transaction(function () use ($by, $siteId, $classId, $lines, $seen): void {
            DB::table('sites')->where('id', $siteId)->lockForUpdate()->value('id');
            $before = $this->duties->set($siteId, $classId);
            $seen->check($before, $lines);
            if ($before === $lines) {
                return;
            }
            DB::table('emergency_duties')->where('site_id', $siteId)->where('class_id', $classId)->delete();
            foreach ($lines as $i => $line) {
                DB::table('emergency_duties')->insert([
                    'site_id' => $siteId,
                    'class_id' => $classId,
                    'position' => $i + 1,
                    'what' => mb_substr($line, 0, self::MOST),
                ]);
            }
            $this->audit->record(
                $by,
                Subject::of('site', $siteId, $siteId),
                'changed what must happen in an emergency',
                ['duties' => [implode('; ', $before), implode('; ', $lines)]],
            );
        });
    }
}
