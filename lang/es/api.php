<?php

declare(strict_types=1);

return [
    'scope' => [
        'orders_read' => 'Leer pedidos: estado, fechas, probabilidades',
        'orders_write' => 'Hacer pedidos, pedir aprobación al cliente',
        'artworks_read' => 'Leer diseños',
        'artworks_write' => 'Enviar diseños',
        'catalogue_read' => 'Leer el catálogo',
        'stock_read' => 'Leer existencias',
        'invoices_read' => 'Leer facturas',
    ],
    'refused' => [
        'no_token' => 'Envía un token en vigor como Authorization: Bearer.',
        'key_wanted' => 'Envía una cabecera {header}: de 1 a 80 caracteres sin espacios, otra para cada petición nueva, la misma al repetirla.',
        'other_content' => 'Esta clave ya se usó para otra petición. No se cambió nada; usa una clave nueva.',
        'scope_wanted' => 'Este token no tiene el permiso {scope}.',
        'no_json' => 'El cuerpo no es un objeto JSON. No se cambió nada.',
    ],
    'log' => [
        'let_in' => '{name} conectado',
        'shut_out' => '{name} desconectado',
    ],
    'page' => [
        'programs' => 'Programas',
        'programs_that_connect' => 'Programas que se conectan a este taller',
        'say' => 'Una tienda web u otro programa puede hacer pedidos aquí y leer cómo van.',
        'none' => 'No hay ningún programa conectado.',
        'name' => 'Nombre',
        'may' => 'Puede',
        'since' => 'Conectado',
        'last_used' => 'Último uso',
        'never' => 'todavía no',
        'disconnect' => 'Desconectar',
        'connect' => 'Conectar un programa',
        'name_of' => 'Nombre del programa',
        'what_it_may' => 'Qué puede hacer',
        'connect_it' => 'Mostrar su token',
        'token_of' => 'Token de {name}. Cópialo ahora; no se vuelve a mostrar.',
        'header' => 'Authorization: Bearer …',
        'how' => 'El programa lo envía como {header}. Las direcciones empiezan por {address}; la descripción está en {document}.',
        'was_disconnected' => '{name} está desconectado; su token ya no sirve.',
        'was_let_in' => '{name} ya está conectado; su token se mostró entonces. Si no lo copiaste, desconéctalo y conéctalo otra vez.',
        'enter_a_name' => 'Escribe un nombre, como mucho 60 caracteres.',
        'choose_one' => 'Elige al menos una cosa.',
    ],
];
