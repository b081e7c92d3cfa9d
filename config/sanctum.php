<?php

declare(strict_types=1);

/* Programs are known by their token alone: no session, no cookie. Everything else is as the package has it. */
return ['routes' => false, 'stateful' => [], 'guard' => [], 'expiration' => null, 'token_prefix' => ''];
