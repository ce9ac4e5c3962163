<?php

declare(strict_types=1);

// Prints the vocabulary as the API answers it.

use App\Proofing\Vocabulary;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../vendor/autoload.php';

(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();
echo json_encode(Vocabulary::all(), JSON_THROW_ON_ERROR);
