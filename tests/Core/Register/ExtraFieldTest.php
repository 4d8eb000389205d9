<?php

declare(strict_types=1);

use Sundial\Register\ExtraField;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;

it('reads what was typed into one plain value, and shows it so that it reads the same again', function (
    FieldType $type,
    string $typed,
    ?string $plain,
) {
    $field = ExtraField::of('Field', $type, 'kW', ['Oil', 'Grease']);
    expect($field->read($typed, 'extra.1'))->toBe($plain);
    if ($plain !== null) {
        expect($field->read($field->typed($plain), 'extra.1'))->toBe($plain);
    }
})->with([
    [FieldType::Text, '  red brick ', 'red brick'],
    [FieldType::Text, '   ', null],
    [FieldType::Number, '4,5', '4.500'],
    [FieldType::Number, '1 000', '1000.000'],
    [FieldType::Number, '-0.125', '-0.125'],
    [FieldType::Money, '12 500.5', '1250050'],
    [FieldType::Date, '2028-02-29', '2028-02-29'],
    [FieldType::YesNo, 'Yes', '1'],
    [FieldType::YesNo, 'n', '0'],
    [FieldType::Choice, 'grease', 'Grease'],
    [FieldType::Link, 'https://example.org/a?b=1', 'https://example.org/a?b=1'],
    [FieldType::Document, '17', '17'],
]);

it('refuses what is no value of its type, and names the field', function (
    FieldType $type,
    string $typed,
    string $cause,
) {
    try {
        ExtraField::of('Field', $type, '', ['Oil', 'Grease'], required: true)->read($typed, 'extra.7');
        $this->fail('taken');
    } catch (InvalidInput $e) {
        expect($e->cause())->toBe($cause)->and($e->field())->toBe('extra.7');
    }
})->with([
    [FieldType::Text, '', 'missing'],
    [FieldType::Text, str_repeat('ä', 501), 'too_long'],
    [FieldType::Number, '4.5.1', 'not_a_quantity'],
    [FieldType::Money, '1.005', 'not_an_amount'],
    [FieldType::Date, '31/12/2028', 'invalid_date'],
    [FieldType::Date, '2027-02-29', 'invalid_date'],
    [FieldType::YesNo, 'maybe', 'no_yes'],
    [FieldType::Choice, 'Wax', 'no_choice'],
    [FieldType::Link, 'javascript:alert(1)', 'no_link'],
    [FieldType::Link, 'https://a b', 'no_link'],
    [FieldType::Document, '0', 'no_document'],
]);

it('sorts values by size where they have one', function (FieldType $type, string $plain, ?int $size) {
    expect(ExtraField::of('Field', $type, '', ['Oil', 'Grease'])->size($plain))->toBe($size);
})->with([
    [FieldType::Number, '4.500', 4500],
    [FieldType::Money, '1250050', 1250050],
    [FieldType::Date, '1970-01-11', 10],
    [FieldType::YesNo, '1', 1],
    [FieldType::Text, '12', null],
    [FieldType::Choice, 'Oil', null],
]);

it('keeps its type and the choices in use once assets hold values', function () {
    $field = ExtraField::of('Fill', FieldType::Choice, '', ['Oil', 'Grease', ' Oil ']);
    expect($field->choices)
        ->toBe(['Oil', 'Grease'])
        ->and($field->becomes(ExtraField::of('Fill', FieldType::Text), 0)->type)
        ->toBe(FieldType::Text)
        ->and($field->becomes(ExtraField::of('Lubricant', FieldType::Choice, '', ['Oil', 'Wax']), 3, ['Oil'])->name)
        ->toBe('Lubricant')
        ->and(fn () => $field->becomes(ExtraField::of('Fill', FieldType::Text), 1))
        ->toThrow(InvalidInput::class, 'holds values on 1 asset')
        ->and(
            fn () => $field->becomes(ExtraField::of('Fill', FieldType::Choice, '', ['Oil', 'Wax']), 3, [
                'Grease',
                'Oil',
            ]),
        )
        ->toThrow(InvalidInput::class, '“Grease”')
        ->and(fn () => ExtraField::of('Fill', FieldType::Choice, '', ['Oil', 'Oil']))
        ->toThrow(InvalidInput::class, 'at least two')
        ->and(fn () => ExtraField::of(' ', FieldType::Text))
        ->toThrow(InvalidInput::class, 'needs a name')
        ->and(FieldType::Money->isOrdered())
        ->toBeTrue()
        ->and(FieldType::Text->isOrdered())
        ->toBeFalse();
});

it('reads amounts of money as whole cents', function () {
    expect(Money::parse('31,5'))
        ->toBe(3150)
        ->and(Money::parse("1\u{202f}250.05"))
        ->toBe(125005)
        ->and(Money::parse('-0.99'))
        ->toBe(-99)
        ->and(Money::plain(-5))
        ->toBe('-0.05')
        ->and(fn () => Money::parse('1.005', 'price'))
        ->toThrow(InvalidInput::class, 'amount of money');
});
