<?php

declare(strict_types=1);

use App\People\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Demo\TypedForm;

/** Forms that begin with what is on the page: another asset has other schedules and requests to tick. */
const FORMS_OF_WHAT_IS_NAMED = ['/orders'];

it('gives each refused form back as it was typed, and every other form of its page as it stood', function (
    string $login,
    int $least,
) {
    DB::beginTransaction();
    $person = User::withLists(User::query())->where('login', $login)->firstOrFail();
    [$tried, $lost] = [[], []];
    $refused = 0;
    foreach ($this->pagesOf($person) as $address => $html) {
        $forms = TypedForm::all($html);
        foreach ($forms as $i => $form) {
            if (isset($tried[$form->kind()]) || in_array($form->to, FORMS_OF_WHAT_IS_NAMED, true)) {
                continue;
            }
            $tried[$form->kind()] = true;
            foreach (array_slice($form->longOnes(), 0, 3) as $tooLong) {
                $sent = $form->filled($tooLong);
                $sentTo = $this->fresh()->actingAs($person)->from($address)->post($form->to, $sent->body());
                if (! $sentTo->isRedirect() || session('errors') === null) {
                    continue;
                }
                $back = TypedForm::all((string) $this->get((string) $sentTo->headers->get('Location'))->getContent());
                $refused++;
                if (array_column($back, 'to') !== array_column($forms, 'to')) {
                    break;
                }
                foreach ($back as $k => $one) {
                    $differs = array_diff($k === $i ? $sent->shows() : $forms[$k]->shows(), $one->shows());
                    foreach ($differs as $what) {
                        $lost[] = "{$address}, {$form->to} sent, {$one->to}: not “{$what}” any more";
                    }
                }
                break;
            }
        }
    }
    DB::rollBack();
    expect($lost)->toBe([])->and($refused)->toBeGreaterThan($least);
})->with([['admin', 60], ['technician', 10]]);
