@switch($column->kind->name)
    @case('Text')
        words, up to {{ $column->most }} characters
    @break

    @case('Number')
        a number
    @break

    @case('Whole')
        a whole number, up to {{ $column->most }}
    @break

    @case('Money')
        money, such as 12500.50
    @break

    @case('Date')
        a day, such as 2026-03-31
    @break

    @case('Moment')
        a time, such as 2026-03-31 07:30
    @break

    @case('YesNo')
        yes or no
    @break

    @case('Choice')
        @php
            $choicesWords =
                $column->choices === []
                    ? 'one of a list that is empty yet'
                    : 'one of: ' .
                        implode(', ', array_slice($column->choices, 0, 8)) .
                        (count($column->choices) > 8
                            ? ' and ' . (count($column->choices) - 8) . ' more'
                            : '');
        @endphp
        {{ $choicesWords }}
    @break

    @case('Extra')
        extra field:
        @php
            $choiceWords =
                $column->field->choices === []
                    ? ''
                    : ' (' . implode(', ', $column->field->choices) . ')';
        @endphp
        {{ $column->field->type->value }}{{ $choiceWords }}
    @break

@endswitch
