<?php

declare(strict_types=1);

use Tests\WebTestCase;

pest()->extend(WebTestCase::class)->in('Web');
