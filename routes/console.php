<?php

declare(strict_types=1);

/* The commands are found in app/Console by the framework. */
