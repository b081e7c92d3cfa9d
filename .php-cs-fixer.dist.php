<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setParallelConfig(new PhpCsFixer\Runner\Parallel\ParallelConfig(2, 20))
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'static_lambda' => false,
        'not_operator_with_successor_space' => true,
        'concat_space' => ['spacing' => 'none'],
        'single_line_empty_body' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'new_with_parentheses' => true,
        'operator_linebreak' => ['only_booleans' => true],
    ])
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in([
                __DIR__ . '/app',
                __DIR__ . '/bench',
                __DIR__ . '/bootstrap',
                __DIR__ . '/config',
                __DIR__ . '/core',
                __DIR__ . '/database',
                __DIR__ . '/routes',
                __DIR__ . '/simulator',
                __DIR__ . '/tests',
            ])
            ->exclude('cache'),
    );
