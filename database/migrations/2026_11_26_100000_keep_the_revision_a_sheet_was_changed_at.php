<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sheets', fn (Blueprint $table) => $table->unsignedBigInteger('seen_revision')->default(0));
        DB::table('sheets')->update(['seen_revision' => 1]);
    }

    public function down(): void
    {
        Schema::table('sheets', fn (Blueprint $table) => $table->dropColumn('seen_revision'));
    }
};
