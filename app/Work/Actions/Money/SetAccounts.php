<?php

declare(strict_types=1);

namespace App\Work\Actions\Money;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\CostKind;

/** Says on which account of the books the cost of each type of orders goes, by kind of cost. */
final readonly class SetAccounts
{
    public function __construct(private Audit $audit)
    {
    }

    /** @param  array<string, array<string, string|null>>  $accounts  by type and kind; none where it is empty */
    public function __invoke(Actor $by, array $accounts): void
    {
        DB::transaction(function () use ($by, $accounts): void {
            $before = $this->words();
            DB::table('type_accounts')->delete();
            $rows = [];
            foreach (DB::table('order_types')->pluck('name') as $type) {
                foreach (CostKind::cases() as $kind) {
                    $account = trim((string) ($accounts[(string) $type][$kind->value] ?? ''));
                    if ($account !== '') {
                        $rows[] = ['type' => $type, 'kind' => $kind->value, 'account' => $account];
                    }
                }
            }
            DB::table('type_accounts')->insert($rows);
            $this->audit->record(
                $by,
                Subject::of('accounts', 1),
                'set the accounts of the cost of orders',
                Audit::difference($before, $this->words()),
            );
        });
    }

    /** @return array<string, string> */
    private function words(): array
    {
        return DB::table('type_accounts')
            ->orderBy('type')
            ->get()
            ->mapWithKeys(static fn (object $one): array => ["{$one->type}, {$one->kind}" => (string) $one->account])
            ->all();
    }
}
