<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Drafts\Draft;
use App\Platform\Sites\Site;
use App\Platform\Writing\Typed;
use App\Work\Orders\FinishInput;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Work\FinishAnswer;

/** The form with which work is finished, and what else stands on the sheet. */
final class FinishRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return FinishInput::RULES;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['finished_at.date_format' => 'Give the day and the time of the finish.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['finished_at' => 'finish'];
    }

    /** Times are those of the site's clocks. */
    public function finish(Site $site): FinishInput
    {
        return FinishInput::typed(
            $this->validated(),
            $site->zone(),
            $this->boolean('it_is_right') ? FinishAnswer::ItIsRight : FinishAnswer::NotAsked,
        );
    }

    /** What stands in the other forms of the sheet. */
    public function beside(): Draft
    {
        return $this->has('draft') ? Draft::parse(Typed::word($this, 'draft')) : Draft::none();
    }
}
