<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Platform\Extension\Extensions;
use App\Register\Extension\OnMerge;
use App\Register\Models\Asset;
use Illuminate\Support\Facades\DB;
use Sundial\Register\Merging;
use Sundial\Register\TreePath;
use Sundial\Support\InvalidInput;

/** What a merge of two records would do, before it is done. */
final readonly class MergePreview
{
    public function __construct(private Extensions $extensions)
    {
    }

    private const FACTS = [
        'make',
        'model',
        'serial',
        'team_id',
        'in_service_on',
        'notes',
        'cost_centre_id',
        'supplier_id',
        'purchased_on',
        'purchase_cents',
        'replacement_cents',
        'warranty_until',
    ];

    public function merging(Asset $kept, Asset $gone): Merging
    {
        if ($kept->site_id !== $gone->site_id) {
            throw InvalidInput::because('other_site', 'other', "{$gone->tag} stands at another site.");
        }

        return Merging::of(
            $kept->only(self::FACTS),
            TreePath::of($kept->path),
            $kept->name,
            $gone->only(self::FACTS),
            TreePath::of($gone->path),
            $gone->name,
        );
    }

    /** @return list<string> what would go over to the one that is kept */
    public function follows(Asset $kept, Asset $gone): array
    {
        $counts = [
            'part inside it' => DB::table('assets')->where('parent_id', $gone->id)->count(),
            'meter' => DB::table('meters')->where('asset_id', $gone->id)->count(),
            'document' => DB::table('documents')
                ->where('kind', 'asset')
                ->where('subject_id', $gone->id)
                ->whereNull('removed_at')
                ->count(),
            'expiry date' => DB::table('expiry_dates')
                ->where('kind', 'asset')
                ->where('subject_id', $gone->id)
                ->count(),
            'line of its log' => DB::table('audit_subjects')
                ->where('kind', 'asset')
                ->where('subject_id', $gone->id)
                ->count(),
        ];
        $many = ['part inside it' => 'parts inside it', 'line of its log' => 'lines of its log'];
        $follows = [];
        foreach ($counts as $word => $count) {
            if ($count > 0) {
                $follows[] = "{$count} ".($count === 1 ? $word : $many[$word] ?? "{$word}s");
            }
        }
        foreach ($this->extensions->of(OnMerge::class) as $what) {
            $follows = [...$follows, ...$what->wouldFollow($gone, $kept)];
        }

        return $follows;
    }
}
