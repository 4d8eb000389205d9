<?php

declare(strict_types=1);

use Sundial\Planning\Method\NeedLine;
use Sundial\Planning\Method\NeedText;
use Sundial\Support\InvalidInput;

it('reads the parts of a method and writes them back the same', function () {
    $text = "P-0117 x 2\nWFS-3 x 0.500\nSeal kit 35 x 1 from 4";
    $lines = NeedText::parts("P-0117 x 2\n\n WFS-3 × 0,5\nSeal kit 35 from 4\n");
    expect(array_map(static fn (NeedLine $line): array => [$line->words, $line->thousandths, $line->level], $lines))
        ->toBe([['P-0117', 2000, 1], ['WFS-3', 500, 1], ['Seal kit 35', 1000, 4]])
        ->and(NeedText::ofParts($lines))
        ->toBe($text)
        ->and(NeedText::ofParts(NeedText::parts($text)))
        ->toBe($text);
});

it('reads the services of a method and writes them back the same', function () {
    $text = "Balance the rotor; 60.00\nInspection by the insurer\nScaffold; 1200.00 from 2";
    $lines = NeedText::services($text);
    expect(array_map(static fn (NeedLine $line): array => [$line->words, $line->cents, $line->level], $lines))
        ->toBe([
            ['Balance the rotor', 6000, 1],
            ['Inspection by the insurer', null, 1],
            ['Scaffold', 120000, 2],
        ])
        ->and(NeedText::ofServices($lines))
        ->toBe($text);
});

it('names the field of what it cannot read', function (string $of, string $text) {
    expect(fn () => $of === 'parts' ? NeedText::parts($text) : NeedText::services($text))->toThrow(
        fn (InvalidInput $e) => expect($e->field())->toBe($of),
    );
})->with([
    ['parts', 'P-0117 x 0'],
    ['parts', 'P-0117 x many'],
    ['parts', str_repeat("P-1 x 1\n", 101)],
    ['services', 'Balance; much'],
    ['services', '; 60.00'],
    ['services', 'Balance; -5'],
]);

it('reads back whatever it wrote', function () {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(11));
    for ($i = 0; $i < 200; $i++) {
        $parts = [];
        $services = [];
        foreach (range(1, $dice->getInt(1, 5)) as $n) {
            $level = $dice->getInt(1, 12);
            $parts[] = NeedLine::part("P-{$dice->getInt(1, 9999)}", $dice->getInt(1, 99999), $level);
            $cents = $dice->getInt(0, 1) === 0 ? null : $dice->getInt(0, 999999);
            $services[] = NeedLine::service("Service {$n} of {$dice->getInt(1, 9)} valves", $cents, $level);
        }
        expect(NeedText::parts(NeedText::ofParts($parts)))
            ->toEqual($parts)
            ->and(NeedText::services(NeedText::ofServices($services)))
            ->toEqual($services);
    }
});
