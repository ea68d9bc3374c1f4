<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('batches', function (Blueprint $table) {
            $table->uuid('id')->primary();
            $table->string('name', 80);
            $table->string('status', 12);
            $table->longText('routine')->nullable();
            $table->string('format', 8)->default('xlsx');
            $table->foreignId('data_id')->nullable();
            $table->longText('across')->nullable();
            $table->timestamps();
        });
        Schema::table('handovers', fn (Blueprint $table) => $table->boolean('tables')->default(false));
        Schema::create('batch_items', function (Blueprint $table) {
            $table->uuid('id')->primary();
            $table->foreignUuid('batch_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place');
            $table->string('name', 200);
            $table->foreignId('workbook_id')->nullable();
            $table->string('status', 12);
            $table->string('server', 60)->nullable();
            $table->unsignedBigInteger('bytes')->default(0);
            $table->unsignedInteger('progress')->default(0);
            $table->longText('plan')->nullable();
            $table->longText('report')->nullable();
            $table->timestamps();
            $table->index(['batch_id', 'place']);
            $table->index(['status']);
        });
    }

    public function down(): void
    {
        Schema::dropColumns('handovers', ['tables']);
        Schema::dropIfExists('batch_items');
        Schema::dropIfExists('batches');
    }
};
