<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stylebooks', fn (Blueprint $table) => $table->unsignedInteger('turns')->default(0));
    }

    public function down(): void
    {
        Schema::dropColumns('stylebooks', ['turns']);
    }
};
