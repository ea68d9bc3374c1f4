<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('changes', fn (Blueprint $table) => $table->text('step')->nullable());
        Schema::create('routines', function (Blueprint $table) {
            $table->id();
            $table->string('name', 80)->unique();
            $table->longText('data');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('routines');
        Schema::dropColumns('changes', ['step']);
    }
};
