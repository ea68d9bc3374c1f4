<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workbooks', fn (Blueprint $table) => $table->foreignId('data_for')->nullable()->index());
        Schema::table('imports', fn (Blueprint $table) => $table->foreignId('data_for')->nullable());
    }

    public function down(): void
    {
        Schema::table('workbooks', fn (Blueprint $table) => $table->dropIndex(['data_for']));
        Schema::dropColumns('workbooks', ['data_for']);
        Schema::dropColumns('imports', ['data_for']);
    }
};
