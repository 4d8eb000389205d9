<?php

declare(strict_types=1);

namespace App\Work\Actions\Money;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Seen;
use App\Work\Queries\CostNames;
use Illuminate\Support\Facades\DB;
use Sundial\Costing\CostKind;

/** Says on which account of the books the cost of each type of orders goes, by kind of cost. */
final readonly class SetAccounts
{
    public function __construct(private CostNames $names, private Audit $audit)
    {
    }

    /** @param  array<string, array<string, string|null>>  $accounts  by type and kind; none where it is empty */
    public function __invoke(Actor $by, array $accounts, Seen $seen): void
    {
        DB::transaction(function () use ($by, $accounts, $seen): void {
            $types = DB::table('order_types')->lockForUpdate()->pluck('name');
            $wanted = [];
            foreach ($types as $type) {
                foreach (CostKind::cases() as $kind) {
                    $account = trim((string) ($accounts[(string) $type][$kind->value] ?? ''));
                    if ($account !== '') {
                        $wanted[(string) $type][$kind->value] = $account;
                    }
                }
            }
            $before = CostNames::words($this->names->accounts());
            $after = CostNames::words($wanted);
            $seen->check($before, $after);
            if ($before === $after) {
                return;
            }
            DB::table('type_accounts')->delete();
            DB::table('type_accounts')->insert(self::rows($wanted));
            $this->audit->record(
                $by,
                Subject::of('accounts', 1),
                'set the accounts of the cost of orders',
                Audit::difference($before, $after),
            );
        });
    }

    /**
     * @param  array<string, array<string, string>>  $accounts
     * @return list<array<string, string>>
     */
    private static function rows(array $accounts): array
    {
        $rows = [];
        foreach ($accounts as $type => $kinds) {
            foreach ($kinds as $kind => $account) {
                $rows[] = ['type' => (string) $type, 'kind' => $kind, 'account' => $account];
            }
        }

        return $rows;
    }
}
