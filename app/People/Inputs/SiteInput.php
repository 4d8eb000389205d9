<?php

declare(strict_types=1);

namespace App\People\Inputs;

/** What an administrator says of a site. */
final readonly class SiteInput
{
    private function __construct(
        public string $code,
        public string $name,
        public string $timezone,
        public string $currency,
        public string $restWeekdays,
        public int $releaseHour,
        public ?string $reportCode,
    ) {
    }

    /**
     * @param  array{code: string, name: string, timezone: string, currency: string, rest_weekdays: string,
     *     release_hour: int, report_code?: string|null}  $fields  rest_weekdays: numbers of the weekdays on which
     *     nobody works, such as "6,7"; report_code: what reporters without an account are asked for
     */
    public static function of(array $fields): self
    {
        return new self(
            $fields['code'],
            $fields['name'],
            $fields['timezone'],
            $fields['currency'],
            $fields['rest_weekdays'],
            $fields['release_hour'],
            $fields['report_code'] ?? null,
        );
    }

    /** @return array<string, string|int|null> as the site keeps them */
    public function facts(): array
    {
        return [
            'code' => $this->code,
            'name' => $this->name,
            'timezone' => $this->timezone,
            'currency' => $this->currency,
            'rest_weekdays' => $this->restWeekdays,
            'release_hour' => $this->releaseHour,
            'report_code' => $this->reportCode,
        ];
    }
}
