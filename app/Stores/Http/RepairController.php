<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use App\Stores\Actions\SendForRepair;
use App\Stores\Actions\StockInStore;
use App\Stores\Actions\TakeBackRepaired;
use App\Stores\Http\Requests\RepairRequest;
use App\Stores\Inputs\Consenting;
use App\Stores\Models\Part;
use App\Stores\Models\PartRepair;
use Illuminate\Http\RedirectResponse;

/** Pieces that go out for repair and come back. */
final class RepairController
{
    public function __construct(private readonly CurrentSite $site, private readonly FirstAnswer $once)
    {
    }

    public function send(RepairRequest $request, Part $part, StockInStore $rows, SendForRepair $send): RedirectResponse
    {
        $said = $request->sent();

        return $this->once->redirect(function () use ($request, $part, $rows, $send, $said): array {
            $repair = $send(
                $request->user()->actor(),
                $rows($part->id, $request->storeId()),
                $request->many($part, 'quantity'),
                $said,
                Consenting::of($request, $this->site->id()),
            );

            return ["/parts/{$part->id}#repairs", "They are out for repair, expected {$repair->expected_on}."];
        });
    }

    public function back(RepairRequest $request, PartRepair $repair, TakeBackRepaired $back): RedirectResponse
    {
        $part = $repair->stock->part;
        $repaired = $request->back($part);

        return $this->once->redirect(static function () use ($request, $repair, $back, $part, $repaired): array {
            $back($request->user()->actor(), $repair, $repaired);

            return ["/parts/{$part->id}#repairs", 'It is taken back.'];
        });
    }
}
