<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Sundial\Access\Role;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Unit;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Record\Verdict;
use Sundial\Register\ExpiryState;
use Sundial\Register\FieldType;
use Sundial\Register\LifeState;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Plan\PartSource;
use Sundial\Work\Priority;
use Sundial\Work\Request\HowSoon;

/** The words of the core that a form offers, for all views. */
final class ListsForViews
{
    /** @return list<Role> */
    public function roles(): array
    {
        return Role::cases();
    }

    /** @return list<Unit> */
    public function timeUnits(): array
    {
        return Unit::cases();
    }

    /** @return list<AnswerKind> */
    public function answers(): array
    {
        return AnswerKind::cases();
    }

    /** @return list<Verdict> */
    public function verdicts(): array
    {
        return Verdict::cases();
    }

    /** @return list<ExpiryState> */
    public function expiryStates(): array
    {
        return ExpiryState::cases();
    }

    /** @return list<FieldType> */
    public function fieldTypes(): array
    {
        return FieldType::cases();
    }

    /** @return list<LifeState> */
    public function lifeStates(): array
    {
        return LifeState::cases();
    }

    /** @return list<Priority> */
    public function priorities(): array
    {
        return Priority::cases();
    }

    /** @return list<HorizonSpan> */
    public function spans(): array
    {
        return HorizonSpan::cases();
    }

    /** @return array<int, string> by number, Monday first */
    public function weekdays(): array
    {
        return Wording::WEEKDAYS;
    }

    /** @return array<int, string> by number */
    public function months(): array
    {
        return LocalDate::MONTHS;
    }

    /** @return list<PartSource> */
    public function partSources(): array
    {
        return PartSource::cases();
    }

    /** @return list<FailureKind> */
    public function failureKinds(): array
    {
        return FailureKind::cases();
    }

    /** @return list<HowSoon> */
    public function howSoon(): array
    {
        return HowSoon::cases();
    }
}
