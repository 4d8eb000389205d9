<?php

declare(strict_types=1);

use App\People\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Demo\TypedForm;

/** What a request keeps of itself. */
const OF_THE_REQUEST = ['sessions', 'once_tokens', 'drafts'];

/** Forms that keep a part in a store where it was not. */
const KEEPS_IN_A_STORE = '#^/parts/\d+/stores/#';

/** @return list<string> the tables into which statements wrote since the listening began */
function writtenBy(array $statements): array
{
    $tables = [];
    foreach ($statements as $sql) {
        $writes = '/^\s*(?:insert|update|delete|replace)(?:\s+(?:ignore|into|from))*\s+`?(\w+)/i';
        if (preg_match($writes, $sql, $found) === 1) {
            $tables[$found[1]] = true;
        }
    }

    return array_values(array_diff(array_keys($tables), OF_THE_REQUEST));
}

it('writes nothing where a record is saved as it stands', function (string $login, int $least) {
    DB::beginTransaction();
    $person = User::withLists(User::query())->where('login', $login)->firstOrFail();
    $statements = [];
    DB::listen(static function ($query) use (&$statements): void {
        $statements[] = $query->sql;
    });
    [$tried, $written] = [[], []];
    $saved = 0;
    foreach ($this->pagesOf($person) as $address => $html) {
        foreach (TypedForm::all($html) as $form) {
            if (isset($tried[$form->kind()]) || ! $form->saves()) {
                continue;
            }
            $tried[$form->kind()] = true;
            $statements = [];
            $sent = $this->fresh()->actingAs($person)->from($address)->post($form->to, $form->body());
            $tables = writtenBy($statements);
            if (session('errors') === null && $sent->isRedirect()) {
                $saved++;
                if ($tables !== [] && preg_match(KEEPS_IN_A_STORE, $form->to) !== 1) {
                    $written[] = "{$form->to} on {$address}: ".implode(', ', $tables);
                }
            }
        }
    }
    DB::rollBack();
    expect($written)->toBe([])->and($saved)->toBeGreaterThan($least);
})->with([['admin', 20], ['planner', 8]]);
