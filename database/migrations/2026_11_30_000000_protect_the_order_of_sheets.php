<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workbooks', fn (Blueprint $table) => $table->text('guard')->nullable());
    }

    public function down(): void
    {
        Schema::dropColumns('workbooks', ['guard']);
    }
};
