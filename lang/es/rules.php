<?php

declare(strict_types=1);

return [
    'trim_jumps' => [
        'label' => 'Corte tras saltos seguidos',
        'help' => 'Tantos saltos seguidos cuentan como corte.',
        'unit' => 'saltos',
    ],
    'short_stitch_mm' => [
        'label' => 'Puntada corta por debajo de',
        'help' => 'Las más cortas deshilachan el hilo y calientan la aguja.',
        'unit' => 'mm',
    ],
    'short_stitches_percent' => [
        'label' => 'Avisar de puntadas cortas desde',
        'help' => 'Se avisa de una proporción mayor de puntadas cortas.',
        'unit' => '%',
    ],
    'long_stitch_mm' => [
        'label' => 'Puntada larga por encima de',
        'help' => 'Las más largas frenan la máquina y se enganchan.',
        'unit' => 'mm',
    ],
    'dense_stitches_per_mm2' => [
        'label' => 'Punto denso por encima de',
        'help' => 'Se avisa de más penetraciones en un milímetro cuadrado.',
        'unit' => 'por mm²',
    ],
    'long_jump_mm' => [
        'label' => 'Salto largo sin corte',
        'help' => 'Un hilo que pasa más lejos hay que cortarlo a mano.',
        'unit' => 'mm',
    ],
    'threads_alike_delta_e' => [
        'label' => 'Hilos parecidos por debajo de',
        'help' => 'Dos hilos con menos diferencia se confunden en el portaconos.',
        'unit' => 'CIEDE2000',
    ],
    'thread_shows_delta_e' => [
        'label' => 'El hilo se ve en la tela desde',
        'help' => 'Un hilo más parecido al color de la tela apenas se ve.',
        'unit' => 'CIEDE2000',
    ],
    'drawn_stitch_mm' => [
        'label' => 'Puntada máxima en un dibujo',
        'help' => 'Las líneas de un dibujo se bordan en puntadas no más largas.',
        'unit' => 'mm',
    ],
    'copies_gap_mm' => [
        'label' => 'Separación entre copias',
        'help' => 'Se deja entre copias de un bastidor, para separarlas.',
        'unit' => 'mm',
    ],
    'patch_filled_percent' => [
        'label' => 'Cobertura del parche',
        'help' => 'Al menos esta parte del parche debe ir rellena, o se ve el fieltro.',
        'unit' => '%',
    ],
    'patch_border_mm' => [
        'label' => 'Remate del parche',
        'help' => 'Al menos este ancho, para poder recortar por él.',
        'unit' => 'mm',
    ],
    'letter_pull_mm' => [
        'label' => 'Compensación en letras',
        'help' => 'Las puntadas encogen la columna, así que cada lado se borda más ancho.',
        'unit' => 'mm por lado',
    ],
    'letter_row_mm' => [
        'label' => 'Filas en letras',
        'help' => 'De una penetración a la siguiente en el mismo lado de una columna de satén.',
        'unit' => 'mm',
    ],
    'letter_trim_mm' => [
        'label' => 'Corte entre letras desde',
        'help' => 'Si el paso a la letra siguiente es mayor, se corta el hilo.',
        'unit' => 'mm',
    ],
    'letter_narrowest_percent' => [
        'label' => 'Estrechar letras hasta',
        'help' => 'Un texto demasiado largo se estrecha hasta aquí antes de bajar sus letras.',
        'unit' => '% de su ancho',
    ],
    'block_letters_least_mm' => [
        'label' => 'Letras de bloque desde',
        'help' => 'Por debajo las mayúsculas se cierran en satén: el alfabeto pequeño las borda como líneas.',
        'unit' => 'mm',
    ],
    'script_letters_least_mm' => [
        'label' => 'Letras ligadas desde',
        'help' => 'Por debajo las mayúsculas se cierran en satén: el alfabeto pequeño las borda como líneas.',
        'unit' => 'mm',
    ],
    'small_letters_least_mm' => [
        'label' => 'Letras pequeñas desde',
        'help' => 'Más bajas no se leen.',
        'unit' => 'mm',
    ],
    'names_gap_mm' => [
        'label' => 'Del diseño al nombre',
        'help' => 'Se deja entre un diseño y el nombre bordado debajo.',
        'unit' => 'mm',
    ],
    'pre_cut_beyond_mm' => [
        'label' => 'Margen de forma cortada',
        'help' => 'Tamaño extra de una forma ya cortada, para que la fijación la sujete en todas partes.',
        'unit' => 'mm',
    ],
    'trimmed_beyond_mm' => [
        'label' => 'Margen de recorte',
        'help' => 'Tamaño extra de una pieza que se recorta en el bastidor.',
        'unit' => 'mm por lado',
    ],
    'cloth_apart_mm' => [
        'label' => 'Distancia entre telas',
        'help' => 'Más juntas, las puntadas sobre una tela pueden coger la otra: cada una se recorta en su parada.',
        'unit' => 'mm',
    ],
    'cloth_gap_mm' => [
        'label' => 'Separación al cortar tela',
        'help' => 'Se deja entre dos piezas colocadas en un ancho de tela.',
        'unit' => 'mm',
    ],
    'top_thread_per_length' => [
        'label' => 'Hilo superior por largo',
        'help' => 'Hilo gastado por cada milímetro bordado.',
        'unit' => 'mm por mm',
    ],
    'top_thread_per_stitch_mm' => [
        'label' => 'Hilo superior por puntada',
        'help' => 'Hilo que gasta cada puntada además de su largo.',
        'unit' => 'mm',
    ],
    'bobbin_thread_per_length' => [
        'label' => 'Hilo de canilla por largo',
        'help' => 'Hilo gastado por cada milímetro bordado.',
        'unit' => 'mm por mm',
    ],
    'bobbin_thread_per_stitch_mm' => [
        'label' => 'Hilo de canilla por puntada',
        'help' => 'Hilo que gasta cada puntada además de su largo.',
        'unit' => 'mm',
    ],
    'thread_waste_percent' => [
        'label' => 'Desperdicio de hilo',
        'help' => 'Cabos, roturas y finales de cono.',
        'unit' => '%',
    ],
    'bobbin_m' => [
        'label' => 'Hilo de una canilla llena',
        'help' => 'Lo que lleva una canilla nueva.',
        'unit' => 'm',
    ],
    'frame_margin_mm' => [
        'label' => 'Margen al bastidor',
        'help' => 'No se borda más cerca del borde de un bastidor: el radio del prensatelas y 2 mm.',
        'unit' => 'mm',
    ],
    'foot_radius_mm' => [
        'label' => 'Radio del prensatelas',
        'help' => 'El prensatelas toca un cierre o una costura que estén más cerca del diseño.',
        'unit' => 'mm',
    ],
    'foot_clears_mm' => [
        'label' => 'Lo que libra el prensatelas',
        'help' => 'Golpea lo que sea más grueso: costuras dobladas, cremalleras, botones.',
        'unit' => 'mm',
    ],
    'screw_bar_mm' => [
        'label' => 'Altura del aro, con tornillo',
        'help' => 'El aro exterior tiene que entrar en la prenda.',
        'unit' => 'mm',
    ],
    'magnet_bar_mm' => [
        'label' => 'Altura del aro, magnético',
        'help' => 'La mitad inferior entra en la prenda. También pinzas y bastidores cilíndricos y de bolsillo.',
        'unit' => 'mm',
    ],
    'stretch_low_percent' => [
        'label' => 'Poca elasticidad cede',
        'help' => 'Cuánto se ensancha una abertura al entrar un bastidor.',
        'unit' => '%',
    ],
    'stretch_high_percent' => [
        'label' => 'Mucha elasticidad cede',
        'help' => 'Cuánto se ensancha una abertura al entrar un bastidor.',
        'unit' => '%',
    ],
    'estimate_off_percent' => [
        'label' => 'Error de las estimaciones',
        'help' => 'Hakama pide medir cuando un error así cambiaría el consejo.',
        'unit' => '%',
    ],
    'cap_ring_low_mm' => [
        'label' => 'Línea más baja en gorras',
        'help' => 'De la costura de la visera a la puntada más baja: ancho del fleje más medio prensatelas.',
        'unit' => 'mm',
    ],
    'yoke_inside_mm' => [
        'label' => 'Bajo la costura del canesú',
        'help' => 'Una espalda completa con canesú empieza así de lejos bajo su costura: un dedo.',
        'unit' => 'mm',
    ],
    'unreadable_letter_mm' => [
        'label' => 'Letras ilegibles por debajo de',
        'help' => 'Ningún hilo hace legibles letras más bajas.',
        'unit' => 'mm',
    ],
    'cap_gap_mm' => [
        'label' => 'Separación sobre la visera',
        'help' => 'Espacio libre entre la costura de la visera y el diseño.',
        'unit' => 'mm',
    ],
    'cap_centred_from_mm' => [
        'label' => 'Centrar en paneles altos desde',
        'help' => 'Con este sitio sobre separación y diseño, se centra, si lo dice tu norma.',
        'unit' => 'mm',
    ],
    'cap_low_mm' => [
        'label' => 'Gorra baja admite',
        'help' => 'Diseño más alto en una gorra baja.',
        'unit' => 'mm',
    ],
    'cap_mid_mm' => [
        'label' => 'Gorra media admite',
        'help' => 'Diseño más alto en una gorra media.',
        'unit' => 'mm',
    ],
    'cap_high_mm' => [
        'label' => 'Gorra alta admite',
        'help' => 'Diseño más alto en una gorra alta.',
        'unit' => 'mm',
    ],
    'cap_speed_spm' => [
        'label' => 'Velocidad en gorras',
        'help' => 'Las gorras no se bordan más rápido.',
        'unit' => 'ppm',
    ],
    'cap_detail_speed_spm' => [
        'label' => 'Velocidad en gorras con detalle',
        'help' => 'Para gorras con detalle denso o bucarán grueso.',
        'unit' => 'ppm',
    ],
    'speed_spm' => [
        'label' => 'Velocidad',
        'help' => 'En tela estable y bastidor plano.',
        'unit' => 'ppm',
    ],
    'knit_speed_spm' => [
        'label' => 'Velocidad en punto',
        'help' => 'En punto y tela blanda.',
        'unit' => 'ppm',
    ],
    'dense_design_per_cm2' => [
        'label' => 'Diseño denso por encima de',
        'help' => 'Un diseño con más puntadas por cm² de su rectángulo cuenta como denso.',
        'unit' => 'puntadas por cm²',
    ],
    'backing_overlap_mm' => [
        'label' => 'Entretela más allá del bastidor',
        'help' => 'Cuánto sobresale del borde exterior del bastidor, por cada lado.',
        'unit' => 'mm',
    ],
    'backing_least_mm' => [
        'label' => 'Mínimo más allá del bastidor',
        'help' => 'Las piezas que ya hay y llegan hasta aquí se usan antes de cortar de un rollo.',
        'unit' => 'mm',
    ],
    'loose_hold_mm' => [
        'label' => 'Sujeción floja desde',
        'help' => 'Un diseño denso tira de la tela. Un bastidor con más espacio alrededor la sujeta floja.',
        'unit' => 'mm',
    ],
    'backing_light_gsm' => [
        'label' => 'Entretela ligera',
        'help' => 'Bajo tela fina, y la malla en todo caso.',
        'unit' => 'g/m²',
    ],
    'backing_usual_gsm' => [
        'label' => 'Entretela habitual',
        'help' => 'Bajo telas y diseños habituales.',
        'unit' => 'g/m²',
    ],
    'backing_firm_gsm' => [
        'label' => 'Entretela firme',
        'help' => 'Bajo diseños densos y tela pesada.',
        'unit' => 'g/m²',
    ],
    'backing_lighter_percent' => [
        'label' => 'Entretela más ligera hasta',
        'help' => 'No se usan existencias más ligeras de lo aconsejado en más de esto.',
        'unit' => '%',
    ],
    'backing_roll_mm' => [
        'label' => 'Entretela más ancha',
        'help' => 'Un bastidor mayor no se cubre con una pieza.',
        'unit' => 'mm',
    ],
    'pale_lightness' => [
        'label' => 'Tela clara por encima de',
        'help' => 'Una tela así de clara deja ver la recortable normal.',
        'unit' => 'CIE L*',
    ],
    'small_letter_mm' => [
        'label' => 'Letras pequeñas por debajo de',
        'help' => 'Las más bajas se cierran con el hilo habitual.',
        'unit' => 'mm',
    ],
    'value_at_risk_cents' => [
        'label' => 'Avisar si una prenda vale más de',
        'help' => 'Recuerda practicar antes de bordar una prenda cara.',
        'unit' => '{currency}',
    ],
    'tube_reach_mm' => [
        'label' => 'Alcance en un tubo',
        'help' => 'Largo de un tubo estrecho bordado en un embastidado.',
        'unit' => 'mm',
    ],
    'clamp_nudge_mm' => [
        'label' => 'Paso del sensor de la pinza',
        'help' => 'Cuánto se mueve cada vez el brazo del sensor hasta que la máquina muestra su bastidor más grande.',
        'unit' => 'mm',
    ],
    'arm_width_mm' => [
        'label' => 'Ancho del brazo',
        'help' => 'Para máquinas sin dato propio: el brazo ocupa esto de la abertura del cuello.',
        'unit' => 'mm',
    ],
    'neck_tee_mm' => [
        'label' => 'Cuello de camiseta',
        'help' => 'Abertura en talla M, en plano.',
        'unit' => 'mm',
    ],
    'neck_polo_mm' => [
        'label' => 'Cuello de polo',
        'help' => 'Abertura en talla M, en plano.',
        'unit' => 'mm',
    ],
    'neck_hoodie_mm' => [
        'label' => 'Cuello de sudadera',
        'help' => 'Abertura en talla M, de sudaderas.',
        'unit' => 'mm',
    ],
    'neck_step_mm' => [
        'label' => 'Crecimiento del cuello por talla',
        'help' => 'Cuánto crece la abertura del cuello de una talla a otra.',
        'unit' => 'mm',
    ],
    'cap_half_angle_deg' => [
        'label' => 'Alcance alrededor de la gorra',
        'help' => 'Hasta dónde se borda a cada lado de la costura delantera.',
        'unit' => '°',
    ],
    'tube_gap_mm' => [
        'label' => 'Separación en un tubo',
        'help' => 'Distancia entre diseños uno sobre otro en un tubo.',
        'unit' => 'mm',
    ],
    'tube_band_mm' => [
        'label' => 'Hueco que divide un diseño',
        'help' => 'Un hueco así permite bordar un diseño en dos embastidados en un tubo.',
        'unit' => 'mm',
    ],
    'backing_spoilage_percent' => [
        'label' => 'Entretela de reserva',
        'help' => 'Piezas extra por merma.',
        'unit' => '%',
    ],
    'off_cut_least_mm' => [
        'label' => 'Guardar retales desde',
        'help' => 'Se guardan si su lado corto mide al menos esto.',
        'unit' => 'mm',
    ],
    'left_chest_down_mm' => [
        'label' => 'Pecho izquierdo, abajo',
        'help' => 'Talla M: de la costura del hombro junto al cuello al centro del diseño.',
        'unit' => 'mm',
    ],
    'left_chest_across_mm' => [
        'label' => 'Pecho izquierdo, a lo ancho',
        'help' => 'Talla M: del centro delantero al centro del diseño.',
        'unit' => 'mm',
    ],
    'left_chest_step_mm' => [
        'label' => 'Pecho, más abajo por talla',
        'help' => 'Cuánto baja de una talla a otra.',
        'unit' => 'mm',
    ],
    'left_chest_across_step_mm' => [
        'label' => 'Pecho, más afuera por talla',
        'help' => 'Cuánto se aleja de una talla a otra.',
        'unit' => 'mm',
    ],
    'full_front_down_mm' => [
        'label' => 'Delantero completo, abajo',
        'help' => 'Talla M: de la costura del cuello al borde superior del diseño.',
        'unit' => 'mm',
    ],
    'full_front_step_mm' => [
        'label' => 'Delantero, más abajo por talla',
        'help' => 'Cuánto baja de una talla a otra.',
        'unit' => 'mm',
    ],
    'full_back_down_mm' => [
        'label' => 'Espalda completa, abajo',
        'help' => 'Talla M: de la costura del cuello al borde superior del diseño; con canesú, un dedo bajo su costura.',
        'unit' => 'mm',
    ],
    'full_back_step_mm' => [
        'label' => 'Espalda, más abajo por talla',
        'help' => 'Cuánto baja de una talla a otra.',
        'unit' => 'mm',
    ],
    'cap_side_up_mm' => [
        'label' => 'Lateral de gorra, arriba',
        'help' => 'De la costura del tafilete al borde inferior del diseño.',
        'unit' => 'mm',
    ],
    'cap_back_up_mm' => [
        'label' => 'Trasera de gorra, arriba',
        'help' => 'De la abertura de la tira al borde inferior del diseño.',
        'unit' => 'mm',
    ],
    'cuff_down_mm' => [
        'label' => 'Vuelta del gorro, abajo',
        'help' => 'Del pliegue superior de la vuelta al borde superior del diseño.',
        'unit' => 'mm',
    ],
    'sleeve_up_mm' => [
        'label' => 'Manga, arriba',
        'help' => 'Del bajo al borde inferior del diseño.',
        'unit' => 'mm',
    ],
    'leg_down_mm' => [
        'label' => 'Pernera, abajo',
        'help' => 'Talla M: de la cinturilla al borde superior del diseño, bajo las bolsas de los bolsillos.',
        'unit' => 'mm',
    ],
    'leg_step_mm' => [
        'label' => 'Pernera, más abajo por talla',
        'help' => 'Cuánto baja de una talla a otra.',
        'unit' => 'mm',
    ],
    'corner_in_mm' => [
        'label' => 'Esquina, hacia dentro',
        'help' => 'De dentro del ribete por la bisectriz al centro del diseño.',
        'unit' => 'mm',
    ],
    'pocket_down_mm' => [
        'label' => 'Bolsillo, abajo',
        'help' => 'Del borde superior del bolsillo al centro del diseño.',
        'unit' => 'mm',
    ],
    'change_s' => [
        'label' => 'Cambio de color',
        'help' => 'Lo que tarda la máquina en cambiar de aguja.',
        'unit' => 's',
    ],
    'trim_s' => [
        'label' => 'Corte',
        'help' => 'Lo que tarda la máquina en cortar un hilo.',
        'unit' => 's',
    ],
    'ramp_s' => [
        'label' => 'Arranque',
        'help' => 'Después de cada arranque.',
        'unit' => 's',
    ],
    'hand_stop_s' => [
        'label' => 'Parada a mano',
        'help' => 'En una parada para mirar, sacar el bastidor o apartar algo con cinta.',
        'unit' => 's',
    ],
    'lay_cloth_s' => [
        'label' => 'Colocar tela',
        'help' => 'En cada parada donde se coloca tela en su línea.',
        'unit' => 's',
    ],
    'lay_film_s' => [
        'label' => 'Colocar film',
        'help' => 'En una parada donde se pone film encima.',
        'unit' => 's',
    ],
    'add_backing_s' => [
        'label' => 'Añadir entretela',
        'help' => 'En una parada donde se mete entretela bajo el bastidor.',
        'unit' => 's',
    ],
    'turn_over_s' => [
        'label' => 'Dar la vuelta al bastidor',
        'help' => 'Bastidor fuera, espalda o bolsillo con cinta en sus líneas por debajo, bastidor puesto.',
        'unit' => 's',
    ],
    'press_cloth_s' => [
        'label' => 'Prensar tela en el bastidor',
        'help' => 'En una parada donde se prensa la tela aplicada.',
        'unit' => 's',
    ],
    'brush_lint_s' => [
        'label' => 'Cepillar la pelusa',
        'help' => 'En una parada antes de cubrir tela cortada.',
        'unit' => 's',
    ],
    'trim_cloth_s' => [
        'label' => 'Sacar y meter para recortar',
        'help' => 'Por cada parada en que se recorta tela, sea cual sea su contorno.',
        'unit' => 's',
    ],
    'trim_cloth_mm_per_s' => [
        'label' => 'Recorte de tela',
        'help' => 'Por el contorno de la tela.',
        'unit' => 'mm por segundo',
    ],
    'breaks_per_1000' => [
        'label' => 'Roturas de hilo',
        'help' => 'Esperadas por cabezal.',
        'unit' => 'por 1000 puntadas',
    ],
    'break_s' => [
        'label' => 'Arreglar una rotura',
        'help' => 'Hasta que el hilo vuelve a bordar.',
        'unit' => 's',
    ],
    'hoop_s' => [
        'label' => 'Embastidar',
        'help' => 'Una pieza plana.',
        'unit' => 's',
    ],
    'cap_hoop_s' => [
        'label' => 'Embastidar una gorra',
        'help' => 'Una gorra.',
        'unit' => 's',
    ],
    'seam_min' => [
        'label' => 'Abrir y cerrar una costura',
        'help' => 'De una pernera o manga que va en plano; por pieza.',
        'unit' => 'min',
    ],
    'swap_s' => [
        'label' => 'Cambiar bastidores',
        'help' => 'Quitar bastidores y poner los siguientes.',
        'unit' => 's',
    ],
    'strap_gap_min' => [
        'label' => 'Ajuste del fleje por modelo',
        'help' => 'Una vez por modelo; las gorras del mismo modelo seguidas lo comparten.',
        'unit' => 'min',
    ],
    'load_min' => [
        'label' => 'Cargar y trazar',
        'help' => 'Cargar y trazar un diseño antes de cada lote.',
        'unit' => 'min',
    ],
    'frame_change_min' => [
        'label' => 'Cambio de bastidor',
        'help' => 'Cambiar a otro tipo de bastidor.',
        'unit' => 'min',
    ],
    'thread_change_min' => [
        'label' => 'Cambio de cono',
        'help' => 'Poner otro hilo en una aguja de un cabezal.',
        'unit' => 'min',
    ],
    'driver_change_min' => [
        'label' => 'Cambio de arrastre',
        'help' => 'De brazos planos al arrastre de gorras con comprobaciones, o entre otros.',
        'unit' => 'min',
    ],
    'people' => [
        'label' => 'Personas',
        'help' => 'Quién trabaja aquí normalmente. Ausencias y refuerzos están en el calendario.',
        'unit' => 'personas',
    ],
    'machines_per_person' => [
        'label' => 'Máquinas por persona',
        'help' => 'Cuántas máquinas atiende una persona a la vez.',
        'unit' => 'máquinas',
    ],
    'day_starts_h' => [
        'label' => 'Empieza el día',
        'help' => 'Cuándo empieza el trabajo.',
        'unit' => 'h',
    ],
    'break_starts_h' => [
        'label' => 'Empieza la pausa',
        'help' => 'Cuándo empieza la pausa del mediodía.',
        'unit' => 'h',
    ],
    'break_ends_h' => [
        'label' => 'Acaba la pausa',
        'help' => 'Cuándo acaba la pausa del mediodía.',
        'unit' => 'h',
    ],
    'day_ends_h' => [
        'label' => 'Acaba el día',
        'help' => 'Cuándo acaba el trabajo.',
        'unit' => 'h',
    ],
    'needle_min' => [
        'label' => 'Cambio de aguja',
        'help' => 'Poner una aguja de otro grosor o punta en un cabezal.',
        'unit' => 'min',
    ],
    'clip_s' => [
        'label' => 'Sujetar lo voluminoso',
        'help' => 'En una máquina sin hueco bajo el carro: chaquetas, sudaderas, mantas.',
        'unit' => 's por pieza',
    ],
    'walk_min' => [
        'label' => 'Ir al estante',
        'help' => 'Por cada cambio que pide otros conos; la máquina puede bordar mientras.',
        'unit' => 'min',
    ],
    'plan_changes' => [
        'label' => 'Esfuerzo de búsqueda del plan',
        'help' => '20 000 pasos llevan unos dos segundos con 40 lotes.',
        'unit' => 'pasos',
    ],
    'plan_weeks' => [
        'label' => 'Semanas que mueve la búsqueda del plan',
        'help' => 'Los lotes que empiezan y se entregan después conservan su máquina y su orden.',
        'unit' => 'semanas',
    ],
    'unfit_cost' => [
        'label' => 'Coste de una máquina poco apta',
        'help' => 'Por cada minuto que una máquina es menos apta para un lote; 0 para no contarlo en el plan.',
        'unit' => 'por min',
    ],
    'spoil_min' => [
        'label' => 'Tiempo que cuesta una pieza estropeada',
        'help' => 'Conseguir otra prenda, ponerla en el bastidor y bordarla de nuevo.',
        'unit' => 'min',
    ],
    'light_breaks' => [
        'label' => 'Agujas rotas en costuras gruesas',
        'help' => 'En una máquina de seis agujas o menos, por cada 100 prendas gruesas con costuras.',
        'unit' => 'por 100 piezas',
    ],
    'needle_break_min' => [
        'label' => 'Tiempo que cuesta una aguja rota',
        'help' => 'Encontrar todos sus trozos, poner una nueva, revisar el garfio.',
        'unit' => 'min',
    ],
    'again_min' => [
        'label' => 'Mismo diseño otra vez',
        'help' => 'En vez de cargar y trazar, si el siguiente lote tiene el mismo diseño y bastidor.',
        'unit' => 'min',
    ],
    'late_cost' => [
        'label' => 'Coste del retraso',
        'help' => 'Lo que paga el plan por cada minuto de retraso de un lote.',
        'unit' => 'por min',
    ],
    'late_hour_min' => [
        'label' => 'Extra por más de una hora',
        'help' => 'Además de los minutos. 0: solo cuentan los minutos.',
        'unit' => 'min más',
    ],
    'late_day_min' => [
        'label' => 'Extra por acabar otro día',
        'help' => 'Además de los minutos, si un lote no está el día prometido.',
        'unit' => 'min más',
    ],
    'late_event_min' => [
        'label' => 'Extra por un evento tarde',
        'help' => 'Para pedidos inútiles después, desde el primer minuto de retraso.',
        'unit' => 'min más',
    ],
    'changeover_cost' => [
        'label' => 'Coste de los cambios',
        'help' => 'Lo que paga el plan por cada minuto de cambio en cualquier máquina.',
        'unit' => 'por min',
    ],
    'flow_cost' => [
        'label' => 'Coste de la espera',
        'help' => 'Lo que paga el plan por cada minuto hasta acabar un lote: cuanto antes, mejor.',
        'unit' => 'por min',
    ],
    'clamp_centre_min' => [
        'label' => 'Encontrar el centro de una pinza',
        'help' => 'En una máquina donde nunca se encontró el centro real de la pinza: el diseño de prueba, medir y guardarlo.',
        'unit' => 'min',
    ],
    'moved_cost' => [
        'label' => 'Coste de preparar en balde',
        'help' => 'Lo que paga el plan por cada lote que mueve a otra máquina aunque ya estuviera preparado.',
        'unit' => 'por lote',
    ],
    'hands_beyond_cost' => [
        'label' => 'Coste de falta de gente',
        'help' => 'Lo que paga el plan por cada minuto de embastidado o preparación con todos ocupados. 0: nada.',
        'unit' => 'por min',
    ],
    'prepared_ahead_h' => [
        'label' => 'Preparado con antelación',
        'help' => 'Tela cortada, conos sacados y fichas impresas para lotes que empiezan en este tiempo.',
        'unit' => 'h',
    ],
    'frozen_h' => [
        'label' => 'Congelado',
        'help' => 'Un lote cuyo cambio empieza en este tiempo se queda donde está al arreglar, buscar o usar un plan. A mano aún puedes moverlo.',
        'unit' => 'h',
    ],
    'mended_moves' => [
        'label' => 'Movimientos para arreglar un plan',
        'help' => 'Arreglar un plan mueve como mucho estos lotes.',
        'unit' => 'lotes',
    ],
    'lead_days' => [
        'label' => 'Plazo de entrega',
        'help' => 'Del pedido a la llegada: hilo, entretela, prendas.',
        'unit' => 'días',
    ],
    'delivery_h' => [
        'label' => 'Entregas desembaladas a las',
        'help' => 'Lo que llega un día se puede bordar desde esta hora.',
        'unit' => 'h',
    ],
    'spread_sewing_percent' => [
        'label' => 'Dispersión de los tiempos',
        'help' => 'Desviación típica entre media, hasta que tu registro sea bastante largo.',
        'unit' => '%',
    ],
    'spread_hooping_percent' => [
        'label' => 'Dispersión al embastidar',
        'help' => 'De un lote a otro.',
        'unit' => '%',
    ],
    'spread_changeover_percent' => [
        'label' => 'Dispersión de los cambios',
        'help' => 'De uno a otro.',
        'unit' => '%',
    ],
    'spoiled_percent' => [
        'label' => 'Merma en el plan',
        'help' => 'Se borda otra vez al final del lote, hasta que tu registro sea bastante largo.',
        'unit' => '%',
    ],
    'promise_kept_percent' => [
        'label' => 'Promesa segura',
        'help' => 'La fecha que prometemos se cumple así de a menudo.',
        'unit' => '% a tiempo',
    ],
    'breaks_look' => [
        'label' => 'Revisar la aguja tras roturas',
        'help' => 'En quince días, o desde que se puso la aguja; la página muestra entonces qué mirar.',
        'unit' => 'en una aguja',
    ],
    'step_back_stitches' => [
        'label' => 'Retroceder tras una rotura',
        'help' => 'Más allá de la rotura, para que el hilo nuevo solape el viejo.',
        'unit' => 'puntadas',
    ],
    'needle_changed_after_stitches' => [
        'label' => 'Cambiar agujas cada',
        'help' => 'Unas ocho horas de bordado. Cambia enseguida una doblada o roma.',
        'unit' => 'puntadas',
    ],
    'hook_oiled_after_stitches' => [
        'label' => 'Engrasar el garfio cada',
        'help' => 'Unas cuatro horas de bordado; antes manda el manual.',
        'unit' => 'puntadas',
    ],
    'tension_tried_after_days' => [
        'label' => 'Probar la tensión cada',
        'help' => 'En un retal, con todos los hilos de la máquina.',
        'unit' => 'días',
    ],
    'idle_after_min' => [
        'label' => 'Inactiva desde',
        'help' => 'Una parada más larga entre cargas o lotes no cuenta como manejo.',
        'unit' => 'min',
    ],
    'check_one_in' => [
        'label' => 'Inspeccionar una de cada',
        'help' => 'Cuando otra persona inspecciona una de cada tantas: la primera y luego cada tantas.',
        'unit' => 'piezas',
    ],
    'check_value_cents' => [
        'label' => 'Inspeccionar siempre desde',
        'help' => 'Otra persona inspecciona siempre prendas de este valor. 0: sin límite.',
        'unit' => '{currency} o más',
    ],
    'machine_hour_cents' => [
        'label' => 'Hora de máquina',
        'help' => 'Bordando o preparándose: compra entre años y horas, luz, mantenimiento.',
        'unit' => '{currency} por hora',
    ],
    'hand_hour_cents' => [
        'label' => 'Hora de mano de obra',
        'help' => 'Preparación y cambios: sueldo con todos los extras.',
        'unit' => '{currency} por hora',
    ],
    'hoop_hour_cents' => [
        'label' => 'Hora de embastidado',
        'help' => 'Si embastida otra persona.',
        'unit' => '{currency} por hora',
    ],
    'finish_hour_cents' => [
        'label' => 'Hora de acabado',
        'help' => 'Quitar entretela, cabos, prensar, doblar.',
        'unit' => '{currency} por hora',
    ],
    'thread_km_cents' => [
        'label' => 'Hilo superior',
        'help' => 'Precio del cono por largo.',
        'unit' => '{currency} por km',
    ],
    'bobbin_km_cents' => [
        'label' => 'Hilo de canilla',
        'help' => 'Precio de la canilla por largo.',
        'unit' => '{currency} por km',
    ],
    'backing_m2_cents' => [
        'label' => 'Entretela',
        'help' => 'Precio de compra.',
        'unit' => '{currency} por m²',
    ],
    'topper_m2_cents' => [
        'label' => 'Film',
        'help' => 'Precio de compra.',
        'unit' => '{currency} por m²',
    ],
    'cloth_m2_cents' => [
        'label' => 'Tela para aplicaciones',
        'help' => 'Precio de compra.',
        'unit' => '{currency} por m²',
    ],
    'overhead_percent' => [
        'label' => 'Gastos generales',
        'help' => 'Alquiler, luz, oficina: sobre todos los costes.',
        'unit' => '%',
    ],
    'quote_spoilage_percent' => [
        'label' => 'Merma en presupuestos',
        'help' => 'Parte del valor de las prendas y del trabajo.',
        'unit' => '%',
    ],
    'finish_s' => [
        'label' => 'Acabado, por pieza',
        'help' => 'Quitar entretela y marcas, prensar, doblar.',
        'unit' => 's',
    ],
    'finish_trim_s' => [
        'label' => 'Acabado, por corte',
        'help' => 'Por cada hilo cortado.',
        'unit' => 's',
    ],
    'cut_out_mm_per_s' => [
        'label' => 'Recortar parches',
        'help' => 'Por el borde del parche.',
        'unit' => 'mm por segundo',
    ],
    'press_side_s' => [
        'label' => 'Prensar film para planchar',
        'help' => 'Por detrás de un parche; antes mandan las instrucciones del fabricante.',
        'unit' => 's por lado',
    ],
    'press_cool_s' => [
        'label' => 'Enfriado',
        'help' => 'Antes de dar la vuelta a un parche prensado.',
        'unit' => 's',
    ],
    'least_charge_cents' => [
        'label' => 'Importe mínimo',
        'help' => 'Por pedido, por pequeño que sea.',
        'unit' => '{currency}',
    ],
    'price_step_cents' => [
        'label' => 'Redondear precios hasta',
        'help' => 'Los precios calculados por pieza se redondean a este escalón; los acordados no. 0: sin redondeo.',
        'unit' => '{currency}',
    ],
    'blank_markup_percent' => [
        'label' => 'Recargo en prendas',
        'help' => 'Sobre el coste de la prenda cuando la compra el taller.',
        'unit' => '%',
    ],
    'artwork_markup_percent' => [
        'label' => 'Recargo en diseños',
        'help' => 'Sobre el importe del diseño.',
        'unit' => '%',
    ],
    'approval_days' => [
        'label' => 'Validez del enlace de aprobación',
        'help' => 'Pasados tantos días, el enlace enviado a un cliente ya no abre nada.',
        'unit' => 'días',
    ],
    'payment_days' => [
        'label' => 'Días para pagar',
        'help' => 'En una factura a un cliente con quien no se acordó otra cosa.',
        'unit' => 'días',
    ],
    'tax_percent' => [
        'label' => 'Impuesto',
        'help' => 'Se añade en presupuestos y facturas como línea propia; el tipo lo fija la ley local.',
        'unit' => '%',
    ],
    'unpractised_times' => [
        'label' => 'Merma en tela nueva',
        'help' => 'Cuántas veces la merma habitual esperar en tela que aquí nadie ha bordado.',
        'unit' => '×',
    ],
    'practice_pieces' => [
        'label' => 'Piezas de práctica',
        'help' => 'Bordadas en retal antes de la primera prenda en tela nueva.',
        'unit' => 'piezas',
    ],
    'wanted_margin_percent' => [
        'label' => 'Margen objetivo',
        'help' => 'Precio menos coste, como parte del precio. Se marcan los presupuestos por debajo.',
        'unit' => '%',
    ],
    'full_fill_per_cm2' => [
        'label' => 'Puntadas de un área rellena',
        'help' => 'Estima las puntadas antes de que haya archivo.',
        'unit' => 'por cm²',
    ],
    'place_leave_deg' => [
        'label' => 'Aceptar torcido hasta',
        'help' => 'Una pieza girada menos de esto se borda tal cual.',
        'unit' => '°',
    ],
    'place_hoop_again_deg' => [
        'label' => 'Embastidar otra vez desde',
        'help' => 'Entre los dos, el diseño se gira en la máquina si puede.',
        'unit' => '°',
    ],
    'place_leave_mm' => [
        'label' => 'Aceptar desvío hasta',
        'help' => 'Un diseño así de cerca de su sitio no se mueve.',
        'unit' => 'mm',
    ],
    'place_error_px' => [
        'label' => 'Error de un punto en una foto',
        'help' => 'Una desviación típica, en píxeles; las posiciones medidas muestran su error con ella.',
        'unit' => 'px',
    ],
];
