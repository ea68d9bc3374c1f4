<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Which block holds which rows is a word of the sheet's own; what each revision touched is kept, so that an act on an older
 * one can be done on the newest where it meets nothing of it.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', function (Blueprint $table) {
            $table->longText('blocks')->nullable();
            $table->unsignedBigInteger('data_revision')->default(0);
        });
        Schema::table('blocks', function (Blueprint $table) {
            // Runs of formulas that say the same of their own places; null where nobody has looked yet.
            $table->longText('formulas')->nullable();
            // What was worked out of a block, with a sum of its data that says whether it still holds.
            $table->longText('figures')->nullable();
        });
        Schema::table('workbooks', function (Blueprint $table) {
            $table->longText('calculation')->nullable();
        });
        Schema::table('changes', function (Blueprint $table) {
            $table->longText('touches')->nullable();
        });
        Schema::create('revisions', function (Blueprint $table) {
            $table->foreignId('workbook_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('revision');
            $table->longText('touches');
            $table->primary(['workbook_id', 'revision']);
        });
        DB::table('sheets')->update(['data_revision' => 1]);
        if (DB::getDriverName() !== 'sqlite') {
            Schema::table('blocks', fn (Blueprint $table) => $table->unsignedBigInteger('number')->change());
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
        Schema::table('changes', fn (Blueprint $table) => $table->dropColumn('touches'));
        Schema::table('workbooks', fn (Blueprint $table) => $table->dropColumn('calculation'));
        Schema::table('blocks', fn (Blueprint $table) => $table->dropColumn(['formulas', 'figures']));
        Schema::table('sheets', fn (Blueprint $table) => $table->dropColumn(['blocks', 'data_revision']));
    }
};
