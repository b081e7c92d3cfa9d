<?php

declare(strict_types=1);

return [
    'applique' => [
        'question' => 'Aplicaciones',
        'trim_in_frame' => 'tela entera, fijada y recortada en el bastidor',
        'pre_cut' => 'forma ya cortada sobre la línea de colocación',
    ],
    'applique_backing' => [
        'question' => 'Entretela bajo aplicaciones en sudaderas',
        'cutaway' => 'recortable, como bajo cualquier punto',
        'tear_away' => 'rasgable: la aplicación sostiene las puntadas',
    ],
    'backing_left' => [
        'question' => 'Quitar la entretela',
        'all' => 'toda la que salga',
        'tight' => 'dejar la que esté pegada a las puntadas',
    ],
    'bill_gap' => [
        'question' => 'Distancia a la visera',
        'house_gap' => 'la separación del taller',
        'frame_limit' => 'tan bajo como permita el bastidor',
        'centred_high' => 'la separación del taller, centrado en paneles mucho más altos',
    ],
    'cap_backing' => [
        'question' => 'Entretela bajo una gorra',
        'tear_away' => 'rasgable; recortable en gorras blandas',
        'cutaway' => 'recortable en gorras blandas o diseños densos',
        'always_tear_away' => 'siempre rasgable',
    ],
    'cap_backing_hold' => [
        'question' => 'Sujetar la entretela de una gorra',
        'clipped' => 'con clips a los postes',
        'taped' => 'con cinta',
        'tucked' => 'solo metida bajo la pestaña',
    ],
    'cap_order' => [
        'question' => 'Orden de bordado en gorras',
        'either' => 'del centro hacia fuera o de abajo arriba',
        'both' => 'del centro hacia fuera y de abajo arriba, las dos',
    ],
    'cap_seam' => [
        'question' => 'Costura delantera de la gorra al embastidar',
        'offset_left' => 'algo a la izquierda; el fleje la devuelve',
        'on_line' => 'justo en la línea, con tope de visera',
    ],
    'cap_strap' => [
        'question' => 'Tira trasera de la gorra',
        'shut' => 'cerrada',
        'open' => 'abierta',
    ],
    'changes' => [
        'rule' => '{about}, {when}: {text}',
        'step' => '{stage}: {text}',
    ],
    'check' => [
        'question' => 'Quién inspecciona',
        'sewer' => 'el operador',
        'first' => 'otra persona, la primera de cada lote',
        'one_in' => 'otra persona, una de cada tantas',
        'always' => 'otra persona, cada pieza',
    ],
    'chest_place' => [
        'question' => 'Encontrar la posición del pecho izquierdo',
        'measured' => 'medida cada vez',
        'template' => 'una plantilla por talla',
        'peg' => 'una clavija del puesto por talla',
    ],
    'elsewhere' => [
        'bill_gap_house_gap' => 'Ajuste y posición: en una gorra no se borda más cerca de la visera que la separación del taller (cap_gap_mm).',
        'bill_gap_frame_limit' => 'Ajuste: no se guarda la separación de la visera, solo el límite del bastidor.',
        'trace_item_after_loading' => 'Comprobación previa: un trazado, con la pieza puesta; pinzas, guantes y bolsillos se trazan antes en vacío en cualquier escuela.',
        'trace_item_before_and_after' => 'Comprobación previa: traza una vez en vacío, antes de poner la pieza, y otra después.',
        'cap_order_either' => 'Avisos: un diseño para gorra se avisa solo si no se borda ni del centro hacia fuera ni de abajo arriba.',
        'cap_order_both' => 'Avisos: un diseño para gorra se avisa si no se borda del centro hacia fuera, o no de abajo arriba.',
        'applique_backing_cutaway' => 'Entretela: bajo tela aplicada en una sudadera, como bajo cualquier otro diseño en ella.',
        'thread_tails_flame' => 'Precaución: el hilo sintético se funde y arde.',
        'pricing_bands' => 'Presupuestos: un precio por pieza según puntadas y cantidad, de la lista de precios.',
        'pricing_margin' => 'Presupuestos: lo que cuesta, más el margen que quieras.',
        'check_sewer' => 'Planta: una pieza acabada puede entregarse.',
        'check_first' => 'Planta: otra persona inspecciona la primera pieza de cada lote.',
        'check_one_in' => 'Planta: otra persona inspecciona una pieza de cada tantas (check_one_in).',
        'check_always' => 'Planta: otra persona inspecciona cada pieza, y ninguna se entrega antes de aprobarla.',
        'tube_passes_hooping_by_hooping' => 'Planta: a lo largo de un tubo todas las piezas pasan por un embastidado antes del siguiente.',
        'tube_passes_piece_by_piece' => 'Planta: a lo largo de un tubo cada pieza pasa por todos sus embastidados antes de la siguiente.',
        'first_off_go_on' => 'Planta: la siguiente carga puede empezar en cuanto sale la primera.',
        'first_off_looked_at' => 'Planta: la primera pieza se borda sola, y la siguiente carga espera a que otra persona la inspeccione.',
        'first_off_with_picture' => 'Planta: la primera pieza se borda sola, y la siguiente carga espera a que otra persona la inspeccione y guarde una foto.',
        'proposed_plan_kept' => 'Plan: repetido con roturas y demoras; deja margen donde una entrega lo necesita. El más barato sobre el papel se muestra al lado.',
        'proposed_plan_paper' => 'Plan: como si nada saliera mal. El que cumple más entregas se muestra al lado.',
        'units_mm' => 'Posiciones, dibujos y diseños: en milímetros; donde se usa cinta métrica, también en pulgadas.',
        'units_inch' => 'Posiciones, dibujos y diseños: en pulgadas; donde se usa cinta métrica, también en milímetros. Los bastidores como vienen impresos y lo que se ajusta en la máquina siguen en milímetros.',
        'topper_residue_steam' => 'Precaución: la plancha y el vapor queman.',
    ],
    'first_off' => [
        'question' => 'Después de la primera pieza',
        'go_on' => 'seguir enseguida',
        'looked_at' => 'seguir cuando otra persona la haya inspeccionado, desembastidada',
        'with_picture' => 'seguir cuando otra persona la haya inspeccionado, desembastidada, con foto',
    ],
    'foot_height' => [
        'question' => 'Altura del prensatelas',
        'card' => 'el grosor de una tarjeta de plástico',
        'under' => 'un poco más bajo',
    ],
    'jacket_backing' => [
        'question' => 'Entretela bajo chaquetas pesadas',
        'tear_away' => 'dos capas de rasgable',
        'cutaway' => 'recortable',
    ],
    'knit_needle' => [
        'question' => 'Aguja para puntos técnicos',
        'sharp' => 'aguda',
        'ballpoint' => 'de bola, sobre todo en puntos con agujeritos',
    ],
    'needle_program' => [
        'question' => 'Hilos en las agujas',
        'fixed_rack' => 'portaconos fijo, agujas elegidas por trabajo',
        'reload' => 'portaconos cargado para cada trabajo',
    ],
    'orientation' => [
        'question' => 'Sentido de carga de las prendas',
        'neck_first' => 'cuello primero, girado solo si hace falta',
        'waist_first' => 'siempre cintura primero, girado',
    ],
    'pricing' => [
        'question' => 'Precios',
        'bands' => 'lista de precios por puntadas y cantidad',
        'margin' => 'coste más margen',
    ],
    'thread_tails' => [
        'question' => 'Cabos de hilo',
        'scissors' => 'solo tijeras',
        'flame' => 'tijeras y una llama rápida',
    ],
    'topper_residue' => [
        'question' => 'Quitar restos de film',
        'pick' => 'arrancar y quitar a mano',
        'steam' => 'vapor',
        'wash' => 'dejarlo para el primer lavado y avisar al cliente',
    ],
    'proposed_plan' => [
        'question' => 'Plan que propone una búsqueda',
        'kept' => 'el que cumple más entregas',
        'paper' => 'el más barato sobre el papel',
    ],
    'trace_item' => [
        'question' => 'Cuándo trazar',
        'after_loading' => 'después de cargar',
        'before_and_after' => 'antes en vacío y otra vez después de cargar',
    ],
    'trace_needle' => [
        'question' => 'Trazar con',
        'needle' => 'la aguja 1 bajada a mano, subida cerca del metal',
        'light' => 'solo luz o prensatelas, la aguja nunca abajo',
    ],
    'tube_passes' => [
        'question' => 'Varios embastidados en un tubo',
        'hooping_by_hooping' => 'todas las piezas por uno, luego el siguiente',
        'piece_by_piece' => 'cada pieza por todos',
    ],
    'units' => [
        'question' => 'Unidades',
        'mm' => 'milímetros, con pulgadas en las prendas',
        'inch' => 'pulgadas, con milímetros en las prendas',
    ],
];
