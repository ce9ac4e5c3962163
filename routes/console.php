<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('zinc:tend')->everyMinute()->withoutOverlapping(10);
Schedule::command('zinc:sweep')->dailyAt('03:40');
