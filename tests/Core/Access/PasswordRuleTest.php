<?php

declare(strict_types=1);

use Sundial\Access\AccountName;
use Sundial\Access\PasswordRule;

it('judges a new password', function (string $password, ?string $why) {
    $rule = new PasswordRule(['qwertyuiop', '1q2w3e4r5t'], ['Ada Holme', 'aholme-mill', 'Ollerfell Mill']);
    $refusal = $rule->refuses($password);
    $why === null ? expect($refusal)->toBeNull() : expect($refusal)->toContain($why);
})->with([
    'nine characters' => ['123456789', 'at least 10'],
    'ten' => ['grey looms', null],
    'ten of more than one byte' => ['ÄÖÜäöüßéèà', null],
    '128' => [str_repeat('loom and warp ', 9).'ab', null],
    '129' => [str_repeat('loom and warp ', 9).'abc', 'at most 128'],
    'a common one, however it is written' => ['QwertyUIOP', 'commonest'],
    'the name of the person' => ['Ada Holme 2026', 'a name'],
    'the account' => ['aholme-mill!', 'a name'],
    'the site' => ['ollerfellmill1', 'a name'],
    'the site within a sentence' => ['ollerfell mill at dawn', null],
    'a repetition' => ['abababababab', 'repeats'],
]);

it('takes spellings that look alike as one account', function (string $typed, string $name) {
    expect(AccountName::of($typed)->name)->toBe($name);
})->with([
    ['planner', 'planner'],
    ['Planner ', 'planner'],
    ['ＰＬＡＮＮＥＲ', 'planner'],
    ["plan\u{FB01}x", 'planfix'],
    ["e\u{301}va", "\u{e9}va"],
    ["bad \xff bytes", ''],
]);
