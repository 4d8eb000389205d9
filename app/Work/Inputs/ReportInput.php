<?php

declare(strict_types=1);

namespace App\Work\Inputs;

use App\Register\Models\Asset;
use App\Register\Models\Location;
use DateTimeImmutable;
use Sundial\Support\InvalidInput;
use Sundial\Work\Request\HowSoon;

/** What somebody reports: where, what is wrong, how soon, whether it stands, and who says so. */
final readonly class ReportInput
{
    private function __construct(
        public Asset|Location $where,
        public ?string $symptom,
        public string $what,
        public HowSoon $soon,
        public ?DateTimeImmutable $downSince,
        public string $reporter,
        public ?FoundOn $foundOn,
    ) {
    }

    /**
     * @param  string|null  $symptom  one of the usual words; without one a sentence is needed
     *
     * @throws InvalidInput nothing_said, no_name
     */
    public static function of(
        Asset|Location $where,
        ?string $symptom,
        string $what,
        string $reporter,
    ): self {
        $words = trim($what);
        if ($words === '' && $symptom === null) {
            throw InvalidInput::because('nothing_said', 'what', 'Say what is wrong: tap a word, or write a sentence.');
        }
        if (trim($reporter) === '') {
            throw InvalidInput::because('no_name', 'reporter', 'Say who you are, so that somebody can ask you.');
        }

        return new self(
            $where,
            $symptom,
            $words === '' ? (string) $symptom : $words,
            HowSoon::CanWait,
            null,
            trim($reporter),
            null,
        );
    }

    public function wanted(HowSoon $soon): self
    {
        return $this->with(soon: $soon);
    }

    /** The machine stands since then. */
    public function down(DateTimeImmutable $since): self
    {
        return $this->with(downSince: $since);
    }

    /** It was found during the work on an order. */
    public function foundOn(FoundOn $order): self
    {
        return $this->with(foundOn: $order);
    }

    private function with(HowSoon|DateTimeImmutable|FoundOn ...$said): self
    {
        return new self(...[...get_object_vars($this), ...$said]);
    }
}
