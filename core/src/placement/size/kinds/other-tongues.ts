/**
 * What things are called in German, French, Spanish, Italian and Portuguese beside what their rows say: `kind | words`. From memory; how
 * often such a word is taken for something else is measured against dictionaries (`npm run measure words`).
 */
export const OTHER_TONGUES = `
armchairs | ohrensessel clubsessel bergère poltronas
rocking chairs | fauteuil_à_bascule sedia_a_dondolo cadeira_de_balanço
stools | schemel escabeau banqueta sgabelli
benches | parkbank gartenbank ruhebank bancone panchina bancada banquette
beds | doppelbett himmelbett letti camas lits bettgestell
cots | gitterbett berceau cuna culla berço lit_bébé
desks | pupitre scrivanie escrivaninha secretária arbeitstisch
tables | tables_à_manger tavola mesas tafel
bedside tables | nachtschrank nachtkästchen table_de_chevet mesita_de_noche mesilla criado_mudo
bookcases | regalwand librero biblioteca estante_de_livros
wardrobes | schränke penderie ropero guardaroupa roupeiro kleiderkasten
cupboards | vorratsschrank alacena armário armario
chests of drawers | schubladenschrank cajonera gaveteiro
mirrors | spiegelglas espejos specchiera
curtains | gardine cortinaje tendaggio
carpets | läufer fußmatte moquette stuoia
lamps | lampadina_da_tavolo candeeiro abajur
candles | bougies velas wachskerze
fridges | eisschrank refrigerador frigorífico
washing machines | lave_linge lavarropas máquina_de_lavar
ovens | fornello
stoves | kochherd fornelli fogareiro estufa
sinks | spülbecken fregaderos lavandino pia
taps | zapfhahn canilla torneiras
knives | brotmesser cuchillos coltelli navalha
forks and spoons | besteck gabeln fourchette cuillère tenedor cuchara_sopera forchetta colher garfo schöpflöffel
pots | topf casseruola cacerola caçarola
bottles | weinflasche bouteilles bottiglie frasco
jars | karaffe kanne cruche jarra brocca jarro pichet
cups | kaffeetasse tasses tazze caneca gobelet
glasses to drink from | trinkglas weinglas verre bicchiere vaso_de_agua copo kelch calice cálice
plates | assiettes piatti pratos
bowls | schale saladier insalatiera tazón
bins | papierkorb abfalleimer basurero lixeira pattumiera bidone
brooms | wischmopp balais vassoura
buckets | kübel baquet
people | frau mann leute personnage personaje persona mulher homem
children | mädchen fille garçon niña ragazzo menina menino
babies | säugling bébé bebé neonato
shoes | schuhe zapatilla sapato turnschuh halbschuh pantoffel hausschuh
boots | gummistiefel bottine stivale bota
hats | mütze bonnet gorra chapéu berretto
spectacles | sonnenbrille lunettes gafas occhiali óculos lentes
watches | taschenuhr montre reloj_de_pulsera
suitcases | reisekoffer mallette maletín
bags | handtasche tüte sac_à_main mochila zaino cartable
umbrellas | paraguas guarda_chuva parapioggia
clothes on hangers | hemd kleid jacke chemise pantalon robe manteau veste jupe camisa pantalón vestido abrigo chaqueta camicia pantaloni vestito cappotto giacca gonna calça casaco saia bluse pullover anzug
books | wörterbuch heft cahier cuaderno quaderno caderno
papers | zeitung zeitschrift journal lettre carta giornale lettera jornal revista papier papel
pens | bleistift kugelschreiber füller stylo pluma_estilográfica bolígrafo matita caneta pinsel pinceau pincel pennello
scissors | ciseaux tijeras forbici tesoura
keys | haustürschlüssel clef
coins | geldstück monnaie
telephones | fernsprecher teléfono
computers | computadora ordenador computador
cameras | fotoapparat cámara câmera caméra
clocks | wanduhr pendule
radiators | heizung calefactor aquecedor
vases | blumenvase
flowerpots | pot_de_fleurs maceta vaso_de_flores fioriera jardinière
flowers in a vase | tulpe blüte rosa margarita girasol narzisse nelke lilie veilchen
statues | standbild büste estátua statua busto
figurines | püppchen puppe poupée muñeca bambola boneca teddybär peluche
toys | spielsachen juguetes giocattoli
balls | fußball ballon pelota pallone bola pelota_de_fútbol
baskets | weidenkorb canasta cestino_vimini
boxes | schachtel karton cassa coffret cajón
barrels | fässer barrica bidon tonel botte_vino
sacks | sac_de_jute saco sacco
ladders | sprossenleiter leitern scaletta escada_de_mão
carts | karren charrette carreta carretto carroça
prams | poussette cochecito passeggino carrinho
hammers | schlägel maillet mazo
spanners | zange kneifzange pince tenaille llave_inglesa destornillador alicate cacciavite chave_de_fenda tournevis
saws | kreissäge handsäge scie sega sierra serrote
axes | beil streitaxt ascia machado
shovels | spaten rechen hacke harke bêche râteau pala rastrillo vanga rastrello pá enxada
tents | zelte
swings | schaukeln balançoire columpio altalena balanço
pianos | klaviere
violins | violon violín violino bratsche
drums | pauke tambour tambor tamburo
trumpets | trompete posaune klarinette flöte trompette clarinette flûte trompeta flauta tromba trombeta saxophon
swords | degen säbel espadas spadone
pistols | pistolet pistola
long guns | flinte escopeta fucile espingarda carabine
bows | bogen armbrust arbalète ballesta balestra
shields | schutzschild escudo broquel
flags | fahne étendard stendardo bandeira
signs | wegweiser verkehrsschild panneau letrero cartello placa
anchors | ancla ancora âncora
bells | klingel cloches sino
batteries | pila akku pilha
light bulbs | ampoule bombilla lampadina lâmpada
doors | haustür portes puertas
windows | glasfenster ventanas finestre
gates | gartentor barrière
staircases | treppen escaleras
fences | zäune grillage_clôture steccato
walls | mauern muraille muralla muralha
columns | pfeiler pilar pilastro coluna
bridges | brücken viadukt viaduc
houses | wohnhaus bauernhaus landhaus häuser maisonnette casita casetta
huts | gartenhaus cabaña choza baracca cabana
barns | étable establo stalla estábulo fienile granero
churches | kapelle dom münster chapelle cathédrale capilla catedral cappella cattedrale kloster
castles | schloss festung forteresse fortaleza fortezza rocca
towers | türme kirchturm tourelle torreón torrione
hotels | gasthaus herberge auberge posada albergo pousada
schools | schule école escuela scuola escola
hospitals | krankenhaus hôpital ospedale
shops | laden geschäft magasin boutique tienda negozio loja mercado
halls | fabrik lagerhalle usine entrepôt fábrica almacén fabbrica magazzino armazém
wells | puits pozo pozzo poço ziehbrunnen
fountains | springbrunnen fontaines chafariz
masts | mât mástil mastro telegrafenmast
cars | personenwagen autos bagnole automóvil automóviles
vans | lieferwagen camionnette furgoneta furgone furgão wohnmobil
trucks | lastwagen lastkraftwagen camión
buses | ómnibus corriera ônibus
motorcycles | mofa motocicleta motocyclette
bicycles | bicyclette
trains | eisenbahn
locomotives | dampflok lokomotiven locomotora locomotiva
boats | kahn schlauchboot canot lancha
sailing boats | segler velero veleiro barca_a_vela
ships | dampfer paquebot
submarines | unterseeboot sous_marin submarino sottomarino
aeroplanes | flieger flugzeuge aéroplane
helicopters | helikopter
rockets | fusée cohete razzo foguete
wheels | räder roues
engines | moteur motore
trees | eiche buche birke ahorn linde weide kastanie chêne hêtre bouleau roble haya quercia betulla faggio carvalho
conifers | fichte sapin pino abete pinheiro
bushes | sträucher strauch hecke haie seto siepe
mushrooms | hongo cogumelo
rocks | fels felsen rocher roca roche rocha
logs | holzstamm bûche tronco ceppo
pumpkins | citrouille calabaza zucca abóbora melone
fruits | pomme poire manzana limón mela pera limone maçã limão pfirsich citron tomate zitrone naranja arancia laranja pomodoro
loaves | brotlaib baguette
cakes | kuchen gâteaux pastel bolo
horses | pferde jument yegua stute
cattle | ochse stier taureau bœuf toro buey touro boi bue
pigs and sheep | ziege lamm cochon chèvre cerdo cabra maiale capra porco ovelha hammel
dogs | welpe loup lobo lupo fuchs renard zorro volpe raposa
cats | kater chatte
rabbits | kaninchen lièvre conejo liebre lepre coelho
mice and rats | ratte souris ratón topo
deer | reh cerf ciervo cervo biche
bears | bären oso urso
big cats | löwe leone león leão tigre
elephants | éléphant elefante
birds | taube rabe krähe spatz paloma piccione pomba corbeau cuervo corvo papagei perroquet loro pappagallo eule hibou búho gufo
big birds | schwan gans storch cygne oie cisne ganso cigno cicogna adler aigle águila aquila
hens and ducks | hahn poule canard gallina pato anatra galinha
fish | forelle hecht lachs truite saumon
sharks | requin tiburón squalo tubarão delphin dauphin delfín delfino
whales | walfisch baleine ballena balena baleia
turtles | schildkröte tortue tortuga tartaruga
snakes | serpent serpiente serpente culebra
frogs and lizards | frosch kröte eidechse grenouille crapaud lézard rana sapo lagarto lucertola
butterflies | schmetterling papillon mariposa farfalla borboleta biene abeille abeja
beetles and spiders | käfer spinne araignée araña ragno aranha ameise fourmi hormiga
skulls | totenkopf calavera
hands | mano mão
shelves | wandregal étagères repisa scaffali prateleira
television benches | fernsehtisch meuble_tv
suits of armour | harnisch
rings | trauring alianza
crowns | königskrone
chairs | stühle esszimmerstuhl sillas sedie cadeiras chaises
sofas | schlafsofa canapés sofás
cushions | kopfkissen oreiller almohada guanciale travesseiro
blankets | wolldecke couverture manta_de_cama coperta cobertor
pictures | gemälde peinture pintura dipinto
frames | bilderrahmen
television sets | fernsehgerät
radios | rundfunkgerät
keyboards | klaviatur
loudspeakers | haut_parleur
fans | tischventilator
barriers | schranke absperrung
street lamps | laternenpfahl réverbère farola lampione poste_de_luz
letter boxes | boîte_aux_lettres buzón
garages | parkhaus
petrol stations | tankstelle gasolinera distributore posto_de_gasolina station_service
farms | bauernhof ferme granja fattoria fazenda
railings | barandilla ringhiera corrimão rampe
balconies | balcón balcone varanda
roofs | dächer
planks | bohle tabla tavola_di_legno prancha tábua
`;
