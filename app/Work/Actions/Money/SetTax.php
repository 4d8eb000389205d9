<?php

declare(strict_types=1);

namespace App\Work\Actions\Money;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Sets the tax of recharged work at a site, or at a place in it and all below. */
final readonly class SetTax
{
    private const MOST = 1000000;

    public function __construct(private Audit $audit)
    {
    }

    /**
     * @param  int  $locationId  0: the site
     * @param  int|null  $percent  ten-thousandths of a percent; null: that of what is above
     */
    public function __invoke(Actor $by, int $siteId, int $locationId, ?int $percent): void
    {
        DB::transaction(function () use ($by, $siteId, $locationId, $percent): void {
            if ($percent !== null && ($percent < 0 || $percent > self::MOST)) {
                throw InvalidInput::because('out_of_range', 'percent', 'A tax is from 0 to 100 percent.', $percent);
            }
            $key = ['site_id' => $siteId, 'location_id' => $locationId];
            $before = DB::table('recharge_taxes')->where($key)->lockForUpdate()->value('percent');
            if ($percent === ($before === null ? null : (int) $before)) {
                return;
            }
            $percent === null
                ? DB::table('recharge_taxes')->where($key)->delete()
                : DB::table('recharge_taxes')->upsert([$key + ['percent' => $percent]], array_keys($key), ['percent']);
            $this->audit->record(
                $by,
                $locationId === 0
                    ? Subject::of('site', $siteId, $siteId)
                    : Subject::of('location', $locationId, $siteId),
                'set the tax of recharged work',
                ['percent' => [
                    $before === null ? null : (int) $before / 10000,
                    $percent === null ? null : $percent / 10000,
                ]],
            );
        });
    }
}
