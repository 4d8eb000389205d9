<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Audit\Actor;
use App\Platform\Subject;
use App\Stores\Inputs\LotsTyped;
use Sundial\Stock\MoveKind;

/** Who moves stock, why, and for whom: what a line of the ledger says beside the quantity and the value. */
final readonly class Posting
{
    private function __construct(
        public Actor $by,
        public MoveKind $kind,
        public LotsTyped $lots,
        public ?Subject $for = null,
        public ?string $label = null,
        public ?string $reason = null,
        public ?int $ofId = null,
        public ?string $second = null,
        public int $variance = 0,
        public ?int $assetId = null,
    ) {
    }

    public static function by(Actor $by, MoveKind $kind): self
    {
        return new self($by, $kind, LotsTyped::of(null));
    }

    /** An order, a purchase, a count; and how it is called where it is read. */
    public function for(Subject $subject, string $label): self
    {
        return new self(...[...get_object_vars($this), 'for' => $subject, 'label' => mb_substr($label, 0, 200)]);
    }

    public function because(?string $reason): self
    {
        return new self(...[...get_object_vars($this), 'reason' => $reason]);
    }

    /** The movement that it gives back or takes back, or whose other end it is. */
    public function of(int $moveId): self
    {
        return new self(...[...get_object_vars($this), 'ofId' => $moveId]);
    }

    /** Which batch, or which pieces. */
    public function lots(LotsTyped $lots): self
    {
        return new self(...[...get_object_vars($this), 'lots' => $lots]);
    }

    /** The asset that it is used on. */
    public function onto(?int $assetId): self
    {
        return new self(...[...get_object_vars($this), 'assetId' => $assetId]);
    }

    public function seenBy(?string $second): self
    {
        return new self(...[...get_object_vars($this), 'second' => $second]);
    }

    /** Cents by which a price that was taken back differs from what left. */
    public function varying(int $cents): self
    {
        return new self(...[...get_object_vars($this), 'variance' => $cents]);
    }
}
