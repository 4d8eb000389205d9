<?php

declare(strict_types=1);

namespace App\Stops\Extension;

use App\Stops\Queries\ShiftsNow;
use App\Stops\Wording\OeeWording;
use stdClass;
use Sundial\Stops\Oee;

/** At a handover: what each line made in the shift, against what it would have at its ideal rate. */
final readonly class OutputAtHandover implements ToldAtHandover
{
    public function __construct(private ShiftsNow $shifts, private OeeWording $words)
    {
    }

    public function position(): int
    {
        return 60;
    }

    public function title(): string
    {
        return 'Output against plan';
    }

    public function lines(int $siteId): array
    {
        return array_values($this->shifts->latest($siteId)->map(function (stdClass $one): array {
            $oee = Oee::kept((int) $one->planned_s, (int) $one->run_s, $one->ideal_s, $one->good_s);
            $made = (int) $one->made === 0
                ? 'nothing is entered yet'
                : number_format((int) $one->made - (int) $one->rejects, 0, '.', ' ').' good of '.
                    number_format((int) $one->made, 0, '.', ' ').', '.
                    "{$this->words->percent($oee->oee())} of what the time would give";

            return [
                'words' => "{$one->line}: {$made}".($one->remark === null ? '' : ". {$one->remark}"),
                'href' => "/shifts/{$one->id}",
            ];
        })->all());
    }
}
