<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The order of sheets is a place of its own: their numbers are what acts and histories name them by. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', function (Blueprint $table) {
            $table->unsignedInteger('place')->default(0);
        });
        DB::table('sheets')->update(['place' => DB::raw('number')]);
    }

    public function down(): void
    {
        Schema::table('sheets', fn (Blueprint $table) => $table->dropColumn('place'));
    }
};
