/** Sport, music, play. From memory: rules of the associations where one is named, else things at hand. */
export const LEISURE = `
rackets (ITF: up to 73.7 cm) | 25 3 68 | 1.12 1.4 | racket racquet tennis_racket badminton_racket schläger raquette raqueta racchetta raquete
bats for table tennis | 15.5 2.6 26 | 1.12 1.4 | table_tennis_bat table_tennis_paddle ping_pong_paddle ping_pong_racket tischtennisschläger
bats (baseball: up to 1.07 m; cricket, MCC: 96.5 cm) | 8.5 6.5 88 | 1.15 1.4 | baseball_bat cricket_bat
golf clubs | 12 10 100 | 1.15 1.6 | golf_club golfschläger putter
sticks for hockey | 28 8 145 | 1.35 1.6 | hockey_stick pool_cue billiard_cue ski_pole
pucks (IIHF: 76.2 × 25.4 mm) | 7.6 2.5 7.6 | 1.15 1.3 | puck hockey_puck
bowling balls (WTBA: 21.6 cm) | 21.6 21.6 21.6 | 1.08 1.15 | bowling_ball
bowling pins (WTBA: 38.1 cm) | 12.1 38.1 12.1 | 1.12 1.2 | bowling_pin skittle
balls that are not round (World Rugby: 28 to 30 cm) | 19 19 28.5 | 1.1 1.2 | rugby_ball american_football
balls for table tennis (ITTF: 40 mm) | 4 4 4 | 1.08 1.15 | ping_pong_ball table_tennis_ball marble_ball
shuttlecocks (BWF) | 6.6 8.5 6.6 | 1.12 1.3 | shuttlecock
dart boards (WDF: 45.1 cm) | 45.1 45.1 4 | 1.15 1.5 | dartboard dart_board dartscheibe
darts | 3.5 3.5 15.5 | 1.15 1.5 | dart darts
punching bags | 36 115 36 | 1.3 1.4 | punching_bag punch_bag boxsack
boxing rings (World Boxing: 6.1 m between ropes) | 720 240 720 | 1.15 1.4 | boxing_ring
boxing gloves | 16 15 30 | 1.2 1.4 | boxing_glove boxhandschuh
skates | 11 26 31 | 1.2 1.4 | skate ice_skate roller_skate inline_skate schlittschuh rollschuh patin
snowboards | 28 10 156 | 1.12 1.6 | snowboard snow_board
surf boards | 54 12 210 | 1.3 1.5 | surfboard surf_board longboard_surf paddle_board
paddles and oars | 18 8 190 | 1.4 1.6 | paddle oar rame remo_oar
hurdles (World Athletics: up to 1.067 m) | 118 95 70 | 1.2 1.4 | hurdle
medals | 6 0.6 6 | 1.4 1.6 | medal medaille médaille medalla medaglia medalha badge
cups to be won | 22 36 18 | 1.6 1.5 | trophy_cup pokal trophée trofeo troféu
tennis courts (ITF: 23.77 × 10.97 m) | 1800 110 3600 | 1.25 1.8 | tennis_court tennisplatz
football pitches (FIFA: 105 × 68 m) | 7000 250 10800 | 1.3 1.8 | football_field soccer_field football_pitch soccer_pitch fußballplatz
basketball courts (FIBA: 28 × 15 m) | 1700 400 3000 | 1.2 1.8 | basketball_court
stadiums | 18000 3500 23000 | 1.6 1.5 | stadium arena stadion stade estadio stadio estádio
sleeping bags | 75 16 205 | 1.2 1.8 | sleeping_bag schlafsack sac_de_couchage
yoga mats | 61 0.6 180 | 1.15 1.7 | yoga_mat gym_mat isomatte
fishing rods | 6 10 215 | 1.5 1.8 | fishing_rod angel_rod fishing_pole canne_à_pêche
flying discs (WFDF: 27.4 cm) | 27 3 27 | 1.2 1.4 | frisbee
yo-yos and tops | 5.8 5 5.8 | 1.3 1.5 | yoyo yo_yo spinning_top kreisel
kites | 90 90 12 | 1.6 1.8 | kite drachen_kite cerf_volant cometa aquilone
cubes to puzzle over | 5.7 5.7 5.7 | 1.1 1.15 | puzzle_cube magic_cube zauberwürfel
dominoes | 2.4 0.8 4.8 | 1.2 1.3 | domino domino_tile mahjong_tile
chess men (FIDE: the king 9.5 cm) | 3.4 7.2 3.4 | 1.35 1.3 | chess_piece chess_king chess_queen chess_pawn chess_rook chess_knight chess_bishop pawn rook bishop schachfigur
games on a board | 38 4 38 | 1.4 1.6 | board_game backgammon checkers draughts brettspiel
toy cars | 7 5.5 13 | 1.9 1.4 | toy_car model_car spielzeugauto toy_truck toy_train toy_plane
bricks to play with | 1.6 1.1 3.2 | 1.8 1.5 | toy_brick toy_block building_block
rocking horses | 32 70 85 | 1.2 1.4 | rocking_horse schaukelpferd cheval_à_bascule
toy balloons | 27 34 27 | 1.4 1.3 | party_balloon toy_balloon luftballon ballon_gonflable globo palloncino
presents | 26 20 24 | 1.6 1.5 | gift present gift_box geschenk cadeau regalo_box presente
snowmen | 75 150 75 | 1.5 1.4 | snowman schneemann bonhomme_de_neige
sledges | 42 30 105 | 1.4 1.5 | sledge sled toboggan schlitten luge trineo slitta
merry-go-rounds | 650 520 650 | 1.8 1.4 | carousel merry_go_round karussell
big wheels | 4200 4800 1100 | 1.7 1.5 | ferris_wheel big_wheel riesenrad
harps | 75 165 45 | 1.5 1.4 | harp harfe harpe arpa
accordions | 40 38 20 | 1.3 1.4 | accordion akkordeon accordéon fisarmonica concertina
banjos and lutes | 28 9 82 | 1.4 1.4 | banjo mandolin lute ukulele lyre sitar laute mandoline
xylophones | 45 10 70 | 1.7 1.6 | xylophone marimba xylophon
tubas and horns | 45 80 40 | 1.5 1.5 | tuba french_horn euphonium sousaphone
harmonicas and whistles | 2.8 2.6 10 | 1.5 1.5 | harmonica mundharmonika whistle kazoo pfeife
tambourines and cymbals | 34 6 34 | 1.4 1.6 | tambourine cymbal gong becken
stands for music | 50 115 42 | 1.2 1.4 | music_stand notenständer mic_stand microphone_stand
metronomes | 11 22 11 | 1.2 1.3 | metronome metronom
`;

/** What is worn. From memory: sizes of clothes. */
export const WEAR = `
rings | 2.2 2.4 0.8 | 1.2 1.6 | ring ring_jewelry wedding_ring engagement_ring anello anillo bague anel diamond_ring
necklaces | 18 25 2 | 1.4 1.8 | necklace amulet halskette collier collar_necklace collana colar
bracelets | 7 4 6.5 | 1.3 1.6 | bracelet bangle armband armreif pulsera braccialetto pulseira
earrings | 2 4 1 | 1.7 1.7 | earring ohrring boucle pendiente orecchino brinco
crowns | 20 14 20 | 1.3 1.4 | crown tiara krone couronne corona coroa diadem
ties | 10 55 3 | 1.5 1.7 | tie necktie bow_tie krawatte cravate corbata cravatta gravata
belts | 32 5 30 | 1.4 1.7 | belt gürtel ceinture cinturón cintura cinto
gloves | 12 6 24 | 1.25 1.5 | glove gloves handschuh gant guante guanto luva mitten
socks | 10 28 18 | 1.4 1.6 | sock socks stocking socke strumpf chaussette calcetín calza meia
scarves | 24 60 12 | 1.6 1.8 | scarf schal écharpe bufanda sciarpa cachecol
masks | 17 23 13 | 1.25 1.4 | mask gas_mask maske masque máscara maschera face_mask goggles
wigs | 24 34 26 | 1.4 1.4 | wig hair perücke hairstyle
purses | 11 9.5 2.2 | 1.5 1.5 | wallet purse geldbörse portefeuille cartera portafoglio carteira
tall hats | 30 18 33 | 1.2 1.4 | top_hat fedora bowler cowboy_hat witch_hat straw_hat
combs and hair brushes | 6 3.5 21 | 1.4 1.5 | comb hairbrush hair_brush kamm peigne peine pettine pente
hair dryers | 9 24 22 | 1.2 1.3 | hair_dryer hairdryer haartrockner sèche_cheveux
razors | 4 3 14 | 1.3 1.5 | razor rasierer rasoir shaver electric_razor
bottles of scent | 6 10 4 | 1.4 1.4 | perfume perfume_bottle parfum profumo
lipsticks | 2 7.5 2 | 1.2 1.4 | lipstick lippenstift
tubes of paste | 5 3.5 17 | 1.3 1.5 | toothpaste cream_tube zahnpasta
bars of soap | 8.5 2.8 5.8 | 1.25 1.4 | soap_bar bar_of_soap seife soap_dish
`;
