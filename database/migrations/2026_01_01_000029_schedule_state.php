<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const GONE = [
        'because',
        'usage_anchor',
        'usage_not_before',
        'condition_since',
        'condition_arming',
        'moved_to',
    ];

    /** Where a schedule stands is kept as one value; columns stand beside it only for lists to sort and filter by. */
    public function up(): void
    {
        if (! Schema::hasColumn('schedules', 'state')) {
            // Nothing is released: what was counted before is loaded afresh, not converted.
            if (DB::table('schedules')->exists()) {
                throw new RuntimeException(
                    'This data folder was made before schedules kept their state as one value. Load afresh: '.
                        './sundial demo --fresh, or put the folder under var/ aside and start again.',
                );
            }
            Schema::table('schedules', fn (Blueprint $table) => $table->json('state')->nullable()->after('anchor_on'));
        }
        $there = array_filter(self::GONE, static fn (string $column): bool => Schema::hasColumn('schedules', $column));
        if ($there !== []) {
            Schema::table('schedules', fn (Blueprint $table) => $table->dropColumn(array_values($there)));
        }
    }
};
