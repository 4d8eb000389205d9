<?php

declare(strict_types=1);

namespace Sundial\Work\Request;

use Sundial\Support\InvalidInput;

/** What can be decided on a request: from where, to where, and whether it needs words. */
enum RequestMove: string
{
    case AskBack = 'ask back';
    case Answer = 'answer';
    case Accept = 'accept';
    case Merge = 'merge';
    case Decline = 'decline';
    case Withdraw = 'withdraw';

    /** @return list<RequestState> the states in which it can be made */
    public function leaves(): array
    {
        return match ($this) {
            self::Answer => [RequestState::AskedBack],
            default => [RequestState::Received, RequestState::AskedBack],
        };
    }

    /** The state that it leads to. */
    public function to(): RequestState
    {
        return match ($this) {
            self::AskBack => RequestState::AskedBack,
            self::Answer => RequestState::Received,
            self::Accept => RequestState::Accepted,
            self::Merge => RequestState::Merged,
            self::Decline => RequestState::Declined,
            self::Withdraw => RequestState::Withdrawn,
        };
    }

    /** Whoever asks back says what; whoever declines says why. */
    public function needsWords(): bool
    {
        return in_array($this, [self::AskBack, self::Answer, self::Decline], true);
    }

    /** Whether the reporter makes it, and not whoever reviews. */
    public function isReporters(): bool
    {
        return $this === self::Answer || $this === self::Withdraw;
    }

    /**
     * The state after it.
     *
     * @throws InvalidInput wrong_state, words_missing
     */
    public function apply(RequestState $state, string $words = ''): RequestState
    {
        if (! in_array($state, $this->leaves(), true)) {
            throw InvalidInput::because(
                'wrong_state',
                'form',
                "This request is {$state->value}; nobody can {$this->value} it now. Somebody may have decided on it ".
                    'in the meantime.',
                $state->value,
            );
        }
        if ($this->needsWords() && trim($words) === '') {
            throw InvalidInput::because(
                'words_missing',
                $this === self::Decline ? 'reason' : 'words',
                match ($this) {
                    self::AskBack => 'Say what you want to know.',
                    self::Answer => 'Write your answer.',
                    default => 'Say why; whoever reported it reads it.',
                },
            );
        }

        return $this->to();
    }
}
