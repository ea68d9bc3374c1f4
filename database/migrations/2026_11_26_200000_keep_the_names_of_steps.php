<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('revisions', fn (Blueprint $table) => $table->string('step', 64)->nullable());
    }

    public function down(): void
    {
        Schema::table('revisions', fn (Blueprint $table) => $table->dropColumn('step'));
    }
};
