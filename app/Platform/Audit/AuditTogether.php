<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Platform\Subject;

/** Holds entries of the log back while much of one kind is done at once; they are written together at the end. */
final class AuditTogether
{
    /** @var list<array{Subject, string, list<Subject>, string|null}>|null null while nothing is held */
    private ?array $held = null;

    private ?Actor $by = null;

    /**
     * Whether this entry waits: it does where it is of the one who does it all.
     *
     * @param  list<Subject>  $also  other records in whose log it stands too
     */
    public function holds(Actor $by, Subject $subject, string $did, ?string $note, array $also): bool
    {
        if ($this->held === null || ($this->by !== null && [$by->id, $by->name] !== [$this->by->id, $this->by->name])) {
            return false;
        }
        $this->by = $by;
        $this->held[] = [$subject, $did, $also, $note];

        return true;
    }

    /** Whether it begins now; it does not where somebody holds already, who sees to these too. */
    public function begin(): bool
    {
        if ($this->held !== null) {
            return false;
        }
        $this->held = [];
        $this->by = null;

        return true;
    }

    /** @return array{Actor, list<array{Subject, string, list<Subject>, string|null}>}|null whose, and what was held */
    public function end(): ?array
    {
        $held = $this->held ?? [];
        $this->held = null;

        return $this->by === null ? null : [$this->by, $held];
    }
}
