<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('workbooks', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->string('source');
            $table->unsignedBigInteger('revision')->default(0);
            $table->boolean('from1904')->default(false);
            $table->longText('looks');
            $table->longText('names');
            $table->longText('notices');
            $table->timestamps();
        });
        Schema::create('sheets', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workbook_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('name');
            $table->unsignedInteger('rows');
            $table->unsignedInteger('columns');
            $table->string('state')->default('visible');
            $table->string('tab')->nullable();
            $table->boolean('protected')->default(false);
            $table->string('wears')->nullable();
            $table->unique(['workbook_id', 'number']);
        });
        Schema::create('documents', function (Blueprint $table) {
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->string('name', 20);
            $table->longText('data');
            $table->primary(['sheet_id', 'name']);
        });
        Schema::create('blocks', function (Blueprint $table) {
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->binary('data');
            $table->primary(['sheet_id', 'number']);
        });
        Schema::create('changes', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workbook_id')->constrained()->cascadeOnDelete();
            $table->string('words');
            $table->binary('patches');
            $table->boolean('undone')->default(false);
            $table->uuid('group')->nullable()->index();
            $table->timestamp('created_at')->nullable();
            $table->index(['workbook_id', 'undone', 'id']);
        });
        Schema::create('stylebooks', function (Blueprint $table) {
            $table->id();
            $table->string('name')->unique();
            $table->longText('data');
            $table->timestamps();
        });
        Schema::create('imports', function (Blueprint $table) {
            $table->uuid('id')->primary();
            $table->string('name');
            $table->string('kind');
            $table->string('status');
            $table->unsignedBigInteger('bytes');
            $table->unsignedInteger('progress')->default(0);
            $table->text('dialect')->nullable();
            $table->text('message')->nullable();
            $table->foreignId('workbook_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('handovers', function (Blueprint $table) {
            $table->uuid('id')->primary();
            $table->foreignId('workbook_id')->constrained()->cascadeOnDelete();
            $table->string('format');
            $table->string('status');
            $table->boolean('defuse')->default(false);
            $table->unsignedInteger('sheet')->nullable();
            $table->unsignedInteger('progress')->default(0);
            $table->text('proof')->nullable();
            $table->text('message')->nullable();
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table) {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table) {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (
            ['failed_jobs', 'jobs', 'handovers', 'imports', 'stylebooks', 'changes', 'blocks', 'documents', 'sheets', 'workbooks'] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }
};
