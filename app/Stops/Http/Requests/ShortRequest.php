<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Platform\Sites\Site;
use App\Stops\Inputs\ShortTyped;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;

/** The form of many short stops within an hour. */
final class ShortRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'hour' => ['required', 'date_format:Y-m-d\TH:i'],
            'stops' => ['required', 'integer', 'between:1,3600'],
            'minutes' => ['required', 'numeric', 'between:0.1,60'],
            'why' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['why' => 'reason', 'stops' => 'number of stops'];
    }

    public function said(Site $site): ShortTyped
    {
        $given = $this->validated();
        $hour = (new DateTimeImmutable($given['hour'], $site->zone()))->setTimezone(new DateTimeZone('UTC'));

        return new ShortTyped($hour, (int) $given['stops'], (int) round(60 * (float) $given['minutes']), $given['why']);
    }
}
