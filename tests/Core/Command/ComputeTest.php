<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** @return array{int, string, string} status, output, errors */
function sundial(array $arguments, string $input = ''): array
{
    $process = new Process([PHP_BINARY, dirname(__DIR__, 3).'/sundial', ...$arguments], null, null, $input, 30);

    return [$process->run(), $process->getOutput(), $process->getErrorOutput()];
}

it('answers reference files as they are', function (string $topic) {
    $reference = json_decode((string) file_get_contents(dirname(__DIR__)."/oracle/{$topic}.json"), true)['cases'];
    [$status, $output] = sundial(
        ['compute', $topic],
        (string) file_get_contents(dirname(__DIR__)."/oracle/{$topic}.json"),
    );
    $answer = json_decode($output, true);
    expect($status)
        ->toBe(0)
        ->and($answer['topic'])
        ->toBe($topic)
        ->and($answer['cases'])
        ->toHaveCount(count($reference));
    foreach ($reference as $i => $case) {
        $given = $answer['cases'][$i];
        expect($given['id'])->toBe($case['id']);
        isset($case['expected']['error'])
            ? expect($given['error']['code'])->toBe($case['expected']['error'])
            : expect($given['out'])->toBe($case['expected']);
    }
})->with(['recurrence', 'allocation']);

it('answers a bad case with its field and a sentence, and the others all the same', function () {
    [$status, $output] = sundial(
        ['compute', 'recurrence'],
        json_encode([
            'cases' => [
                ['id' => 1, 'kind' => 'rrule', 'dtstart' => '2026-02-30', 'rrule' => 'FREQ=DAILY'],
                ['id' => 2, 'kind' => 'clamped', 'anchor' => '2026-01-31', 'interval_months' => 1],
            ],
        ]),
    );
    $cases = json_decode($output, true)['cases'];
    expect($status)
        ->toBe(0)
        ->and($cases[0]['error'])
        ->toMatchArray(['code' => 'invalid_date', 'field' => 'dtstart'])
        ->and($cases[1]['out']['occurrences'][1])
        ->toBe('2026-02-28');
});

it('stops with one clear sentence and the way out', function (array $arguments, string $says, string $input = '') {
    [$status, , $errors] = sundial($arguments, $input);
    expect($status)
        ->toBe(1)
        ->and($errors)
        ->toStartWith('sundial: ')
        ->toContain($says)
        ->and(substr_count(trim($errors), "\n"))
        ->toBe(0);
})->with([
    'unknown command' => [['paint'], 'There is no command “paint”'],
    'unknown stage' => [['test', 'paint'], 'Stages: static, core, feature, browser'],
    'unknown topic' => [['compute', 'paint'], 'Topics: recurrence, allocation'],
    'no JSON' => [['compute', 'allocation'], 'Standard input is no JSON', '{'],
    'no cases' => [['compute', 'allocation'], 'must be {"cases": [...]}', '{}'],
]);

it('explains itself', function (array $arguments, string $says) {
    [$status, $output] = sundial($arguments);
    expect($status)->toBe(0)->and($output)->toContain($says);
})->with([
    [['--help'], 'Usage: ./sundial COMMAND'],
    [['demo', '--help'], '--fresh'],
    [['compute', '--help'], 'FREQ=MONTHLY;BYDAY=-1FR'],
    [['help', 'test'], 'stages: static core feature browser'],
]);
