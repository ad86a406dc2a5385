/**
 * Words for what can be made a model of. A line is a meaning: how deep it stands below wider ones, the words for it, each with the rank of this
 * meaning among its own (nothing for the first). Written by measures/tuning/write-noun-tree.ts (`npm run tune nouns`) from WordNet 3.1,
 * copyright 2011 by Princeton University, all rights reserved: “Permission to use, copy, modify and distribute this software and database and
 * its documentation for any purpose and without fee or royalty is hereby granted”, as is, without warranty.
 */
export const NOUN_TREE = `
0 entity
1 physical_entity
2 thing9
3 subject2 content7 depicted_object
3 body_of_water water2
4 backwater
4 bay embayment
5 bight3
4 channel4
5 canal
5 gut2
5 rill2
5 strait sound7
6 narrow
5 tideway
5 watercourse
4 drink4
4 estuary
5 firth2
4 flowage2
4 ford7 crossing2
4 gulf
4 high_sea international_waters
4 inlet recess3
5 cove
6 lough
5 fjord fiord
5 loch
4 lake
5 reservoir2 artificial_lake man-made_lake
5 bayou
5 lagoon laguna lagune
6 liman
5 loch2
5 lough2
5 oxbow_lake
5 pond pool2
6 fishpond
6 horsepond
6 mere
6 millpond
6 swimming_hole
6 water_hole
5 tarn
4 main briny
4 mid-water
4 ocean
5 deep3
4 offing2
4 polynya
4 pool6 puddle2
5 billabong
5 mud_puddle
6 wallow
4 sea
4 seven_seas
4 shoal2 shallow
4 sound8
4 stream watercourse2
5 branch5
6 billabong2
6 distributary
6 feeder3 tributary confluent affluent2
5 brook creek
6 brooklet
5 headstream
5 river
5 rivulet rill run9 runnel streamlet
5 tidal_river tidewater_river tidal_stream tidewater_stream
4 territorial_waters
4 waterfall falls2
5 cascade
5 cataract2
4 waterway
5 ditch2
5 mare_clausum
5 mare_liberum
5 rapid
3 inessential nonessential
4 adjunct
3 necessity2 essential requirement2 requisite necessary
4 desideratum
4 must
4 need2 want3
3 part3 piece3
4 body_part
5 saddle6
5 underpart
6 belly5
5 horseback
5 dock6
5 ambulacrum
5 withers
5 cannon5 shank7
5 loin2 lumbus
5 hindquarters2 croup2 croupe rump
6 haunch2
5 gaskin
5 flank4
5 thorax3
6 prothorax
5 apparatus2
6 auditory_apparatus
5 adnexa annexa
5 area3 region2
6 erogenous_zone
6 pressure_point3
6 hypochondrium
6 area_of_cardiac_dullness
6 epigastrium
6 fovea fovea_centralis
6 parafovea
6 macula2 macula_lutea macular_area yellow_spot2
6 cortical_area cortical_region
7 association_area association_cortex
7 auditory_area auditory_cortex
7 language_area language_zone
7 motor_area motor_region motor_cortex excitable_area
7 sensorium
7 sensorimotor_area sensorimotor_region
7 visual_area visual_cortex
7 striate_cortex striate_area first_visual_area
6 perineum
6 side3
6 cleavage4
6 areola2 ring_of_color
6 middle3 midriff midsection
6 waist waistline
7 wasp_waist
6 pubes pubic_region loins
6 palm thenar2
6 thenar
6 sole3
6 half-moon lunula lunule
6 groin inguen
6 quick
5 dilator
5 groove3 vallecula
6 costal_groove
6 fissure3
7 sulcus
8 central_sulcus sulcus_centralis
8 lateral_cerebral_sulcus sulcus_lateralis_cerebri
8 parieto-occipital_sulcus parieto-occipital_fissure
8 calcarine_sulcus calcarine_fissure
7 hilus hilum
5 partition3
6 septum
7 nasal_septum
5 external_body_part
6 breast4
6 throat4
6 hood9
6 arthromere
6 lip
7 overlip
7 underlip
6 labium
7 labia_majora
7 labia_minora
6 head caput2
7 human_head
8 bullethead
8 attic3 bean4 bonce noodle2 noggin dome2
6 neck cervix
7 bull_neck
6 frill2 ruff
6 breast chest3
7 bosom2
6 extremity appendage member3
7 chelicera
7 mouthpart
7 fang2
8 toxicognath
7 claw3 chela2 nipper2 pincer2
7 parapodium
7 fin6
8 dorsal_fin
8 pectoral_fin
8 pelvic_fin ventral_fin
8 tail_fin3 caudal_fin
9 heterocercal_fin
9 homocercal_fin
7 swimmeret pleopod
7 limb
8 hind_limb hindlimb
9 hind_leg
8 forelimb
9 foreleg
8 flipper2
8 leg
9 pin5 peg3 stick5
9 bowleg bow_leg2 bandyleg bandy_leg genu_varum tibia_vara
9 shank's_mare shanks'_mare shank's_pony shanks'_pony
9 spindlelegs2 spindleshanks2
8 crus
8 leg2
9 prehensor
9 animal_leg
8 thigh
9 lap
8 arm
8 cubitus2
8 forearm
7 digit3 dactyl2
8 minimus
8 finger
9 thumb pollex
9 index5 index_finger forefinger
9 ring_finger annualry
9 middle_finger
9 little_finger pinkie pinky
8 toe
9 big_toe great_toe hallux
9 hammertoe
9 little_toe
6 extremity5
7 vertebrate_foot pedal_extremity
8 animal_foot foot4
9 fossorial_foot
9 hoof
10 cloven_foot2 cloven_hoof2
10 horse's_foot
9 bird's_foot
10 claw4
10 zygodactyl_foot
10 heterodactyl_foot
10 webbed_foot
10 lobate_foot
9 webfoot
9 trotter
9 forefoot
9 hindfoot
9 paw
10 forepaw
11 hand9
8 foot human_foot pes
9 flatfoot2 splayfoot pes_planus
7 hand manus mitt paw2
8 fist clenched_fist
8 hooks meat_hooks maulers
8 right5 right_hand
8 left3 left_hand
6 face human_face
7 countenance3 physiognomy phiz2 visage kisser2 smiler2 mug3
8 pudding_face pudding-face
6 face7
7 muzzle2
5 structure4 anatomical_structure complex_body_part bodily_structure body_structure
6 layer5
7 blastoderm germinal_disc blastodisc germinal_area
7 hypodermis
6 apodeme
6 calyculus2 caliculus calycle2
7 optic_cup eyecup2
6 tooth3
7 denticle
6 pad7
6 gill_slit branchial_cleft gill_cleft
6 gill_arch branchial_arch gill_bar
6 peristome2
6 syrinx2
6 bulb6
6 carina2
7 carina_fornicis
7 keel2
6 cauda
6 chiasma chiasm decussation
7 optic_chiasma optic_chiasm chiasma_opticum
6 cingulum
6 concha
6 filament3 filum
7 hair4 pilus
8 ingrown_hair
6 germ2
6 infundibulum
7 hypophyseal_stalk
6 interstice
7 areola
6 landmark4
7 craniometric_point
8 acanthion
8 asterion
8 auriculare auricular_point
8 bregma
8 condylion
8 coronion
8 crotaphion
8 dacryon
8 entomion
8 glabella mesophyron
8 gnathion
8 gonion
8 inion
8 jugale jugal_point
8 lambda2
8 mastoidale
8 metopion
8 nasion
8 obelion
8 ophryon
8 orbitale orbital_point
8 pogonion
8 prosthion prostheon alveolar_point
8 pterion
8 rhinion
8 sphenion
8 stephanion
8 symphysion
6 limbus
6 rib5
7 quill4 calamus5 shaft9
7 vein5 nervure2
6 blade6
7 vane4 web3
6 radicle
6 plexus rete
7 aortic_plexus
7 nerve_plexus
8 autonomic_plexus plexus_autonomici
8 brachial_plexus plexus_brachialis
8 cardiac_plexus plexus_cardiacus
8 carotid_plexus plexus_caroticus
8 cervical_plexus plexus_cervicalis
8 coccygeal_plexus plexus_coccygeus
8 hypogastric_plexus plexus_hypogastricus
8 lumbar_plexus2 plexus_lumbalis2
8 lumbosacral_plexus
8 mesenteric_plexus plexus_mesentericus
8 myenteric_plexus plexus_myentericus
8 periarterial_plexus plexus_periarterialis
8 plexus_dentalis
8 pulmonary_plexis plexus_pulmonalis
8 sacral_plexus plexus_sacralis
8 solar_plexus coeliac_plexus plexus_celiacus abdominal_nerve_plexus
7 choroid_plexus plexus_choroideus
7 lumbar_plexus plexus_lumbalis
7 pterygoid_plexus
7 rete_testis
6 tube4 tube-shaped_structure
7 tubule
8 microtubule
8 nephron uriniferous_tubule
8 uveoscleral_pathway
8 seminiferous_tubule
8 vasa_efferentia
8 trachea2
7 salpinx
8 auditory_tube
8 uterine_tube oviduct
7 cochlea
7 vessel vas
8 blood_vessel
9 artery arteria arterial_blood_vessel
10 alveolar_artery arteria_alveolaris
11 inferior_alveolar_artery arteria_alveolaris_inferior
11 superior_alveolar_artery arteria_alveolaris_superior
10 angular_artery arteria_angularis
10 aorta
11 ascending_aorta
11 aortic_arch
11 descending_aorta
11 abdominal_aorta
11 thoracic_aorta
10 appendicular_artery arteria_appendicularis
10 arcuate_artery arteria_arcuata
10 arcuate_artery_of_the_kidney
10 arteriole arteriola capillary_artery
10 artery_of_the_penis_bulb arteria_bulbi_penis
10 artery_of_the_vestibule_bulb arteria_bulbi_vestibuli
10 ascending_artery arteria_ascendens
10 auricular_artery arteria_auricularis
10 axillary_artery arteria_axillaris
10 basilar_artery arteria_basilaris
10 brachial_artery arteria_brachialis
10 radial_artery arteria_radialis
10 bronchial_artery
10 buccal_artery arteria_buccalis
10 carotid_artery arteria_carotis
11 common_carotid_artery common_carotid
11 external_carotid_artery external_carotid
11 internal_carotid_artery
10 celiac_trunk celiac_artery truncus_celiacus arteria_celiaca
10 central_artery_of_the_retina arteria_centralis_retinae
10 cerebellar_artery arteria_cerebelli
11 inferior_cerebellar_artery
11 superior_cerebellar_artery
10 cerebral_artery arteria_cerebri
11 anterior_cerebral_artery
11 middle_cerebral_artery
11 posterior_cerebral_artery
11 temporal_artery
12 anterior_temporal_artery arteria_temporalis_anterior
12 intermediate_temporal_artery arteria_temporalis_intermedia
12 posterior_temporal_artery arteria_temporalis_posterior
10 cervical_artery areteria_cervicalis
10 choroidal_artery arteria_choroidea
10 ciliary_artery arteria_ciliaris
10 circumflex_artery
11 circumflex_artery_of_the_thigh arteria_circumflexa_femoris
11 circumflex_humeral_artery arteria_circumflexa_humeri
11 circumflex_iliac_artery arteria_circumflexa_ilium
11 circumflex_scapular_artery arteria_circumflexa_scapulae
10 colic_artery arteria_colica
10 communicating_artery arteria_communicans
10 coronary_artery arteria_coronaria
11 atrial_artery
11 right_coronary_artery
11 left_coronary_artery
10 cystic_artery arteria_cystica
10 digital_arteries arteria_digitalis
10 epigastric_artery arteria_epigastrica
10 ethmoidal_artery arteria_ethmoidalis
10 femoral_artery arteria_femoralis
10 popliteal_artery arteria_poplitea
10 gastric_artery arteria_gastrica
11 right_gastric_artery ateria_gastrica_dextra
11 left_gastric_artery arteria_gastrica_sinistra
11 short_gastric_artery arteria_gastrica_breves vasa_brevis
10 gluteal_artery arteria_glutes
10 hepatic_artery arteria_hepatica
10 ileal_artery intestinal_artery2 arteria_ileum
10 ileocolic_artery arteria_ileocolica
10 iliac_artery arteria_iliaca
11 common_iliac_artery
11 external_iliac_artery
11 internal_iliac_artery hypogastric_artery
10 iliolumbar_artery arteria_iliolumbalis
10 infraorbital_artery arteria_infraorbitalis
10 innominate_artery
10 intercostal_artery arteria_intercostalis
10 jejunal_artery intestinal_artery
10 labial_artery arteria_labialis
11 inferior_labial_artery arteria_labialis_inferior
11 superior_labial_artery arteria_labialis_superior
10 labyrinthine_artery artery_of_the_labyrinth internal_auditory_artery
10 lacrimal_artery arteria_lacrimalis
10 laryngeal_artery arteria_laryngea
10 lienal_artery splenic_artery arteria_lienalis
10 lingual_artery arteria_lingualis
10 lumbar_artery arteria_lumbalis
10 maxillary_artery arteria_maxillaris
11 facial_artery arteria_facialis external_maxillary_artery
11 internal_maxillary_artery
10 meningeal_artery arteria_meningea
11 anterior_meningeal_artery
11 middle_meningeal_artery
11 posterior_meningeal_artery
10 mesenteric_artery arteria_mesenterica
11 inferior_mesenteric_artery
11 superior_mesenteric_artery
10 metacarpal_artery arteria_metacarpea
10 metatarsal_artery arteria_metatarsea
10 musculophrenic_artery arteria_musculophrenica
10 nutrient_artery arteria_nutricia
10 ophthalmic_artery arteria_ophthalmica
10 ovarian_artery arteria_ovarica
10 palatine_artery arteria_palatina
10 pancreatic_artery arteria_pancreatica
10 perineal_artery arteria_perinealis
10 pudendal_artery arteria_pudenda
10 pulmonary_artery arteria_pulmonalis
11 pulmonary_trunk truncus_pulmonalis
10 rectal_artery arteria_rectalis
10 renal_artery arteria_renalis
10 subclavian_artery arteria_subclavia
10 testicular_artery internal_spermatic_artery arteria_testicularis
10 ulnar_artery arteria_ulnaris
10 uterine_artery arteria_uterina
10 vaginal_artery arteria_vaginalis
10 vertebral_artery arteria_vertebralis
9 ductus_arteriosus
10 patent_ductus_arteriosus
9 vasa_vasorum
9 vein vena venous_blood_vessel
10 accessory_cephalic_vein vena_cephalica_accessoria
10 accessory_hemiazygos_vein accessory_hemiazygous_vein vena_hemiazygos_accessoria
10 accessory_vertebral_vein vena_vertebralis_accessoria
10 accompanying_vein vena_comitans
10 anastomotic_vein vena_anastomotica
10 angular_vein vena_angularis
10 anterior_vertebral_vein vena_vertebralis_anterior
10 appendicular_vein vena_appendicularis
10 arcuate_vein_of_the_kidney vena_arcuata_renis
10 auricular_vein vena_auricularis
10 axillary_vein vena_axillaris
10 azygos_vein azygous_vein vena_azygos
10 basal_vein vena_basalis
10 basilic_vein vena_basilica
10 basivertebral_vein vena_basivertebralis
10 brachial_vein vena_brachialis
10 brachiocephalic_vein innominate_vein vena_brachiocephalica
10 bronchial_vein vena_bronchialis
10 cardinal_vein
11 anterior_cardinal_vein
11 posterior_cardinal_vein
11 common_cardinal_vein
10 central_veins_of_liver venae_centrales_hepatis
10 central_vein_of_retina vena_centrales_retinae
10 central_vein_of_suprarenal_gland vena_centralis_glandulae_suprarenalis
10 cephalic_vein vena_cephalica
10 cerebellar_vein vena_cerebellum
10 cerebral_vein vena_cerebri
11 anterior_cerebral_vein vena_cerebri_anterior
11 great_cerebral_vein vena_cerebri_magna
11 inferior_cerebral_vein venae_cerebrum_inferior
11 internal_cerebral_vein vena_cerebrum_internus
11 middle_cerebral_vein vena_cerebri_media
12 deep_middle_cerebral_vein
12 superficial_middle_cerebral_vein
11 superior_cerebral_vein vena_cerebrum_superior
10 cervical_vein deep_cervical_vein vena_cervicalis_profunda
10 choroid_vein vena_choroidea
10 ciliary_veins venae_ciliares
10 circumflex_vein vena_circumflexa
11 circumflex_iliac_vein vena_circumflexa_ilium
11 circumflex_femoral_vein vena_circumflexus_femoris
10 clitoral_vein vena_clitoridis
11 venae_profundae_clitoridis
11 vena_dorsalis_clitoridis_profunda
11 venae_dorsales_clitoridis_superficiales
10 colic_vein vena_colica
10 common_facial_vein
10 conjunctival_veins venae_conjunctivales
10 costoaxillary_vein
10 cutaneous_vein vena_cutanea
10 cystic_vein vena_cystica
10 digital_vein vena_digitalis
10 diploic_vein vena_diploica
10 dorsal_scapular_vein vena_scapularis_dorsalis
10 emissary_vein vena_emissaria
10 epigastric_vein
11 inferior_epigastric_vein vena_epigastrica_inferior
11 superficial_epigastric_vein vena_epigastrica_superficialis
11 superior_epigastric_veins venae_epigastricae_superiores
10 esophageal_veins oesophageal_veins venae_esophageae
10 ethmoidal_vein vena_ethmoidalis
10 external_nasal_vein vena_nasalis_externa
10 facial_vein vena_facialis
11 anterior_facial_vein vena_facialis_anterior
11 retromandibular_vein vena_retromandibularis posterior_facial_vein
10 femoral_vein vena_femoralis
10 gastric_vein vena_gastrica
11 left_gastric_vein vena_gastrica_sinistra
11 pyloric_vein right_gastric_vein vena_gastrica-dextra
10 gastroomental_vein gastroepiploic_vein vena_gastroomentalis
10 genicular_vein vena_genus
10 gluteal_vein vena_gluteus
10 hemizygos_vein hemizygous_vein vena_hemizygos
10 hemorrhoidal_vein rectal_vein vena_rectalis
10 hepatic_vein vena_hepatica
10 ileocolic_vein vena_ileocolica
10 iliac_vein vena_iliaca
11 hypogastric_vein internal_iliac_vein
11 external_iliac_vein
11 common_iliac_vein
10 iliolumbar_vein vena_iliolumbalis
10 intercapitular_vein vena_intercapitalis
10 intercostal_vein vena_intercostalis
10 intervertebral_vein vena_intervertebralis
10 jugular_vein vena_jugularis jugular
11 anterior_jugular_vein
11 external_jugular_vein
11 internal_jugular_vein
10 labial_vein2 vena_labialis2
11 inferior_labial_vein vena_labialis_inferior
11 superior_labial_vein vena_labialis_superior
10 labial_vein vena_labialis
11 venae_labiales_anteriores anterior_labial_veins
11 venae_labiales_posteriores posterior_labial_veins
10 labyrinthine_vein internal_auditory_vein
10 lacrimal_vein vena_lacrimalis
10 laryngeal_vein vena_laryngea
10 lingual_vein vena_lingualis
10 lumbar_vein vena_lumbalis
10 maxillary_vein vena_maxillaris
10 meningeal_veins venae_meningeae
10 mesenteric_vein vena_mesenterica
10 metacarpal_vein vena_metacarpus
10 metatarsal_vein vena_metatarsus
10 musculophrenic_vein vena_musculophrenica
10 nasofrontal_vein vena_nasofrontalis
10 oblique_vein_of_the_left_atrium vena_obliqua_atrii_sinistri
10 obturator_vein vena_obturatoria
10 occipital_vein vena_occipitalis
10 ophthalmic_vein vena_ophthalmica
11 inferior_ophthalmic_vein
11 superior_ophthalmic_vein
10 ovarian_vein vena_ovarica
10 palatine_vein vena_palatina
10 pancreatic_vein venae_pancreatica
10 paraumbilical_vein vena_paraumbilicalis
10 parotid_vein
10 pectoral_vein vena_pectoralis
10 perforating_vein vena_perforantis
10 pericardial_vein vena_pericardiaca
10 peroneal_vein fibular_vein vena_peroneus
10 pharyngeal_vein vena_pharyngeus
10 phrenic_vein vena_phrenica
10 popliteal_vein vena_poplitea
10 portal_vein hepatic_portal_vein portal3 vena_portae
10 posterior_vein_of_the_left_ventricle vena_posterior_ventriculi_sinistri
10 prepyloric_vein vena_pylorica
10 pudendal_vein venae_pudendum
10 pulmonary_vein vena_pulmonalis
11 inferior_pulmonary_vein vena_pulmanalis_inferior
11 superior_pulmonary_vein vena_pulmonalis_superior
10 radial_vein vena_radialis
10 renal_vein vena_renalis
10 sacral_vein vena_sacralis
10 saphenous_vein vena_saphena
11 long_saphenous_vein great_saphenous_vein
11 short_saphenous_vein
10 scleral_veins venae_sclerales
10 scrotal_vein vena_scrotalis
10 sigmoid_vein vena_sigmoideus
10 spinal_vein vena_spinalis
10 splenic_vein vena_lienalis
10 sternocleidomastoid_vein vena_sternocleidomastoidea
10 stylomastoid_vein vena_stylomastoidea
10 subclavian_vein vena_subclavia
10 sublingual_vein vena_sublingualis
10 supraorbital_vein vena_supraorbitalis
10 supratrochlear_vein vena_supratrochlearis
10 temporal_vein vena_temporalis
11 deep_temporal_vein
11 middle_temporal_vein
11 superficial_temporal_vein
10 testicular_vein vena_testicularis
10 thalamostriate_vein
11 superior_thalamostriate_vein
11 inferior_thalamostriate_vein striate_vein
10 thoracoepigastric_vein vena_thoracoepigastrica
10 thoracic_vein vena_thoracica
10 thyroid_vein vena_thyroidea
11 inferior_thyroid_vein
11 middle_thyroid_vein
11 superior_thyroid_vein
10 tibial_vein vena_tibialis
10 tracheal_vein vena_trachealis
10 tympanic_vein
10 ulnar_vein vena_ulnaris
10 umbilical_vein vena_umbilicalis
10 uterine_vein
10 varicose_vein
10 vena_bulbi_penis
10 vena_canaliculi_cochleae
10 vein_of_penis
11 venae_dorsales_penis_superficiales
11 venae_dorsales_penis_profunda
11 vena_profunda_penis
10 vena_bulbi_vestibuli
10 vena_cava
11 inferior_vena_cava postcava
11 superior_vena_cava precava
10 venae_palpebrales
10 venae_interlobulares_hepatis
10 venae_renis
11 venae_interlobulares_renis
10 vertebral_vein vena_vertebralis
10 vesical_vein vena_vesicalis
10 vestibular_vein vena_vestibularis
10 vortex_vein vorticose_vein vena_vorticosum
10 venule venula capillary_vein
11 episcleral_veins venae_episclerales
11 stellate_venule
9 capillary2 capillary_vessel
10 glomerulus
10 tomentum2 tomentum_cerebri
6 passage7 passageway2
7 birth_canal
7 meatus
8 auditory_meatus acoustic_meatus ear_canal auditory_canal external_auditory_canal
8 nasal_meatus
7 orifice opening9 porta
8 vent2
8 blastopore
8 aortic_orifice
8 stoma2
8 porta_hepatis
8 spiracle
9 blowhole
9 stigma3
8 mouth2
9 cytostome
9 beak2 bill9 neb2 nib2 pecker3
10 cere
9 beak
8 os
8 cervix2 uterine_cervix cervix_uteri
9 incompetent_cervix
8 fenestra
9 fenestra_ovalis fenestra_vestibuli oval_window fenestra_of_the_vestibule
9 fenestra_rotunda fenestra_cochleae round_window fenestra_of_the_cochlea
8 cardia
8 introitus
8 urethral_orifice external_orifice
8 pylorus
8 anus
9 arse2 arsehole asshole2 bunghole
9 imperforate_anus
8 fontanelle fontanel soft_spot3
9 anterior_fontanelle
9 sphenoid_fontanelle sphenoid_fontanel sphenoidal_fontanelle sphenoidal_fontanel
8 naris
9 nostril anterior_naris
9 posterior_naris
8 rima
9 mouth oral_cavity oral_fissure rima_oris
10 trap6 cakehole hole8 maw yap gob3
9 pudendal_cleft urogenital_cleft rima_pudendi rima_vulvae pudendal_cleavage pudendal_slit vulvar_slit
9 rima_glottidis rima_vocalis true_glottis glottis_vera
9 rima_vestibuli rima_respiratoria false_glottis glottis_spuria
7 duct epithelial_duct canal2 channel6
8 pore2
9 ostiole
8 spinal_canal vertebral_canal canalis_vertebralis
8 ductule ductulus
9 sweat_duct
9 biliary_ductule
8 canaliculus
8 sinus_venosus_sclerae
8 venous_sinus sinus3
9 cavernous_sinus sinus_cavernosus
9 coronary_sinus sinus_coronarius
9 sigmoid_sinus sinus_sigmoideus
9 straight_sinus tentorial_sinus sinus_rectus
9 transverse_sinus sinus_transversus
8 lacrimal_duct lachrymal_duct tear_duct
8 nasolacrimal_duct
8 hepatic_duct
8 inguinal_canal canalis_inguinalis
8 common_bile_duct bile_duct
8 pancreatic_duct
8 lymph_vessel lymphatic_vessel
9 thoracic_duct
9 lacteal
8 salivary_duct
8 cerebral_aqueduct aqueductus_cerebri
8 ureter
8 urethra
8 cervical_canal canalis_cervicis_uteri
8 umbilical_cord umbilical
8 vagina
8 epididymis
8 vas_deferens ductus_deferens
8 seminal_duct
8 ejaculatory_duct
8 cartilaginous_tube
9 bronchus bronchial_tube
9 trachea windpipe
8 bronchiole
8 alimentary_canal alimentary_tract digestive_tube digestive_tract gastrointestinal_tract
9 enteron
8 lactiferous_duct
7 sinusoid
7 carpal_tunnel
7 root_canal
7 esophagus oesophagus gorge3 gullet
7 epicardia
7 fauces
7 fistula2 sinus
7 shunt
8 bypass2
8 portacaval_shunt
6 fundus
6 funiculus2
7 spermatic_cord
6 head9
6 cavity4 bodily_cavity cavum
7 blastocoel blastocoele blastocele segmentation_cavity cleavage_cavity
7 archenteron
7 sinus2
8 ethmoid_sinus ethmoidal_sinus sinus_ethmoidales
8 frontal_sinus
8 maxillary_sinus
8 paranasal_sinus sinus_paranasales nasal_sinus
7 locule loculus
7 lumen2
7 socket
8 hip_socket
8 tooth_socket alveolus2
8 acetabulum cotyloid_cavity
7 pulp_cavity
7 eye_socket orbit5 cranial_orbit orbital_cavity
7 buccal_cavity
7 antrum
7 cloaca
7 vestibule2
8 vestibule_of_the_ear
8 vestibule_of_the_vagina
7 mediastinum
7 middle_ear tympanic_cavity tympanum
7 pleural_cavity
7 chamber2
8 ventricle2 heart_ventricle
9 left_ventricle
9 right_ventricle
8 atrium
9 atrium_cordis atrium_of_the_heart
10 right_atrium right_atrium_of_the_heart atrium_dextrum
10 left_atrium left_atrium_of_the_heart atrium_sinistrum
7 cranial_cavity intracranial_cavity
7 amniotic_cavity
7 peritoneal_cavity greater_peritoneal_sac
7 bursa_omentalis omental_bursa lesser_peritoneal_cavity
7 pericardial_cavity pericardial_space
7 vacuole
7 ventricle
8 fourth_ventricle
8 third_ventricle
8 lateral_ventricle
7 sac4
8 yolk_sac2
8 yolk_sac vitelline_sac umbilical_vesicle vesicula_umbilicus
8 amnion amniotic_sac amnios
8 chorion
8 coelenteron
8 air_bladder swim_bladder float7
8 air_sac3
8 air_sac2
8 saccule sacculus
8 bladder vesica
9 gallbladder gall_bladder
9 urinary_bladder
8 acinus2
8 bursa2
8 cisterna cistern
8 pouch3 pocket8
9 gizzard ventriculus gastric_mill
9 utricle utriculus
9 auricle atrial_auricle auricula_atrii
9 auricula2 auricular_appendage auricular_appendix
9 cheek_pouch
9 marsupium
9 scrotum
8 vesicle cyst2
9 lacrimal_sac tear_sac dacryocyst
9 dictyosome
9 blister3 bulla bleb
9 follicle
10 hair_follicle
9 liposome
8 alveolus air_sac air_cell
8 pericardial_sac
7 uterine_cavity
7 nasal_cavity
7 nasopharynx
7 oropharynx
7 laryngopharynx
7 cecum caecum blind_gut
7 tubular_cavity
8 throat pharynx
7 armpit axilla axillary_cavity axillary_fossa
7 chest_cavity thoracic_cavity
7 abdominal_cavity abdomen2
7 pelvis2 renal_pelvis
7 pelvic_cavity
7 celom coelom celoma
6 root8
6 capsule5
7 malpighian_body malpighian_corpuscle renal_corpuscle
7 eyeball orb
7 lens_capsule
6 uvea
6 lens_nucleus nucleus6
6 membranous_labyrinth
6 bony_labyrinth osseous_labyrinth
6 glans
7 glans_clitoridis
7 glans_penis
6 alveolar_bed
6 valve
7 heart_valve cardiac_valve
8 atrioventricular_valve
9 mitral_valve bicuspid_valve left_atrioventricular_valve
9 tricuspid_valve right_atrioventricular_valve
8 semilunar_valve
9 aortic_valve
9 pulmonary_valve
7 valvule valvelet valvula
7 ileocecal_valve
6 vascular_structure
7 pulp5
7 placenta2
8 afterbirth
6 lacrimal_apparatus
6 cytoskeleton
6 nucleolus_organizer nucleolus_organiser nucleolar_organizer nucleolar_organiser
6 centromere kinetochore
6 aster2
6 neural_structure
7 mamillary_body mammillary_body corpus_mamillare
7 ganglion
8 autonomic_ganglion
9 otic_ganglion otoganglion
8 basal_ganglion
9 amygdala amygdaloid_nucleus corpus_amygdaloideum
9 caudate_nucleus caudate
9 claustrum
9 lenticular_nucleus lentiform_nucleus
9 pallidum globus_pallidus paleostriatum
9 putamen
9 corpus_striatum striatum striate_body
7 reflex_arc
7 center7 centre8 nerve_center2 nerve_centre2
8 auditory_center
8 rhinencephalon olfactory_brain
8 superior_colliculus
8 inferior_colliculus
8 respiratory_center
7 hemisphere3 cerebral_hemisphere
8 left_hemisphere left_brain
8 right_hemisphere right_brain
7 pyriform_area piriform_area pyriform_lobe piriform_lobe
7 olfactory_bulb
7 brain encephalon
7 neencephalon neoencephalon
7 paleencephalon paleoencephalon palaeencephalon
7 cerebellum
7 cerebellar_hemisphere
7 vermis vermis_cerebelli
7 paleocerebellum
7 cerebral_cortex cerebral_mantle pallium cortex
8 neopallium neocortex
8 archipallium paleocortex
7 geniculate_body
8 lateral_geniculate_body corpus_geniculatum_laterale lateral_geniculate
8 medial_geniculate_body corpus_geniculatum_mediale medial_geniculate
7 cerebrum
7 medulla_oblongata medulla2 bulb5
7 forebrain prosencephalon
7 hippocampus
7 cingulate_gyrus gyrus_cinguli
7 telencephalon
7 diencephalon interbrain betweenbrain thalmencephalon
7 limbic_system visceral_brain limbic_brain
7 subthalamus
7 thalamus
7 hypothalamus
7 midbrain mesencephalon
7 substantia_nigra nucleus_niger locus_niger
7 hindbrain rhombencephalon
8 metencephalon
7 myelencephalon
7 pons2
7 brainstem brain-stem brain_stem
7 nucleus5
8 dentate_nucleus
7 radiation6
7 spinal_cord medulla_spinalis
7 autonomic_nervous_system
6 fold5 plica
7 epicanthus epicanthic_fold
7 vocal_cord vocal_fold vocal_band plica_vocalis
8 false_vocal_cord false_vocal_fold superior_vocal_cord ventricular_fold vestibular_fold
8 true_vocal_cord true_vocal_fold inferior_vocal_cord inferior_vocal_fold
7 ruga
7 tentorium
6 gyrus convolution2
7 frontal_gyrus
7 temporal_gyrus
7 parietal_gyrus
7 occipital_gyrus
7 central_gyrus
8 precentral_gyrus
8 postcentral_gyrus
6 cartilaginous_structure
7 epiglottis
7 auricle2 pinna2 ear3
8 cauliflower_ear
7 tragus
7 larynx voice_box
7 costal_cartilage
6 ball9
6 plate9
7 operculum
7 comb4
7 frill
7 lamina
8 lamina_arcus_vertebrae
6 horny_structure unguis
7 hoof2
7 claw
8 bear_claw3
8 talon
7 nail
8 fingernail
9 thumbnail
8 toenail
9 ingrown_toenail onyxis
6 skeletal_structure
7 rib_cage
7 arch2
8 metatarsal_arch
8 instep
9 sunken_arch fallen_arch
8 shoulder_girdle pectoral_arch
8 hemal_arch haemal_arch
8 neural_arch vertebral_arch
7 heel2
7 girdle
8 pectoral_girdle
8 pelvis pelvic_girdle pelvic_arch hip2
7 column9
7 appendicular_skeleton
7 axial_skeleton
7 spinal_column vertebral_column spine backbone3 back5 rachis2
8 notochord
9 urochord2
8 chine2
7 metacarpus
7 metatarsus
7 tarsus
6 costa
6 head9
6 bridge4
6 rotator_cuff
6 cornu
6 corona5
6 receptor
7 alpha_receptor alpha-adrenergic_receptor alpha-adrenoceptor
7 beta_receptor beta-adrenergic_receptor beta-adrenoceptor
6 zone4 zona
7 zona_pellucida
7 zonule zonula
5 fornix
5 system6
6 articulatory_system
6 digestive_system gastrointestinal_system systema_alimentarium systema_digestorium
6 endocrine_system
6 venation2 venous_blood_system
6 immune_system
6 integumentary_system
6 reticuloendothelial_system
6 mononuclear_phagocyte_system system_of_macrophages
6 muscular_structure musculature muscle_system
7 diaphragm2 midriff2
6 musculoskeletal_system
6 nervous_system systema_nervosum
7 sympathetic_nervous_system
7 parasympathetic_nervous_system parasympathetic
6 central_nervous_system systema_nervosum_centrale
6 peripheral_nervous_system systema_nervosum_periphericum
6 reproductive_system genital_system
7 female_reproductive_system
7 male_reproductive_system
6 urogenital_system urogenital_apparatus urinary_system urinary_apparatus genitourinary_system genitourinary_apparatus systema_urogenitale apparatus_urogenitalis
6 respiratory_system systema_respiratorium
6 sensory_system2
7 auditory_system
7 visual_system
7 vestibular_apparatus vestibular_system
6 tract2
7 respiratory_tract airway3
8 lower_respiratory_tract
8 upper_respiratory_tract
7 urinary_tract
6 vascular_system
7 water_vascular_system
7 portal_system
7 lymphatic_system systema_lymphaticum
7 circulatory_system cardiovascular_system
8 fetal_circulation foetal_circulation
6 skeletal_system skeleton3 frame8 systema_skeletale
7 endoskeleton
7 exoskeleton
8 plastron5
5 ampulla
5 tissue
6 isthmus2 band8
6 animal_tissue
7 chalaza2
7 embryonic_tissue
8 germ_layer
9 ectoderm exoderm ectoblast
10 neural_tube
9 mesoderm mesoblast
10 chordamesoderm chordomesoderm
10 mesenchyme
9 endoderm entoderm endoblast entoblast hypoblast
7 coronet2
7 epithelium epithelial_tissue
8 endothelium
8 mesothelium
8 neuroepithelium
8 decidua
7 flesh
7 capillary_bed
7 parenchyma
7 interstitial_tissue
8 neuroglia glia
9 astroglia macroglia
9 microglia
9 oligodendroglia oligodendria
7 adipose_tissue fat2 fatty_tissue
8 flab
8 atheroma
8 cellulite
8 puppy_fat
8 mons mons_veneris mons_pubis
8 belly2 paunch
9 pot7 potbelly bay_window corporation2 tummy
8 spare_tire love_handle
7 connective_tissue
8 skin tegument cutis
9 investment4
10 pellicle
9 thick_skin
9 skin_graft
9 buff3
9 dewlap
9 prepuce2 foreskin2
9 prepuce foreskin
9 scalp
9 cuticle
9 hangnail agnail
8 areolar_tissue
8 bone os5
9 furcula
10 wishbone wishing_bone
9 splint_bone
9 pastern fetter_bone
9 cannon_bone
9 fishbone
9 anklebone astragal astragalus2 talus2
9 bare_bone
9 cuboid_bone
9 carpal_bone carpal wrist_bone
10 scaphoid_bone os_scaphoideum navicular
10 lunate_bone semilunar_bone os_lunatum
10 triquetral triquetral_bone os_triquetrum cuneiform_bone pyramidal_bone
10 pisiform pisiform_bone os_pisiforme
10 trapezium3 trapezium_bone os_trapezium
10 trapezoid2 trapezoid_bone os_trapezoideum
10 capitate capitate_bone os_capitatum
10 hamate hamate_bone unciform_bone os_hamatum
9 cartilage_bone
9 centrum
9 cheekbone zygomatic_bone zygomatic malar malar_bone jugal_bone os_zygomaticum
9 clavicle collarbone
9 coccyx tail_bone
9 dentine2 dentin2
9 ethmoid ethmoid_bone
9 heelbone calcaneus os_tarsi_fibulare
9 hipbone innominate_bone
9 hyoid hyoid_bone os_hyoideum
9 ilium2
9 ischium ischial_bone os_ischii
9 long_bone os_longum
10 epiphysis
10 diaphysis shaft5
10 arm_bone
11 humerus
11 radius4
11 ulna elbow_bone
10 leg_bone
11 femur thighbone femoris
11 fibula calf_bone
11 tibia shinbone shin_bone2 shin4
9 ramus
9 membrane_bone
10 frontal_bone os_frontale forehead2
10 parietal_bone
10 occipital_bone
9 metacarpal metacarpal_bone
9 metatarsal
9 nasal2 nasal_bone os_nasale
9 ossicle bonelet ossiculum
10 auditory_ossicle
11 malleus hammer3
11 incus anvil2
11 stapes stirrup2
9 palatine4 palatine_bone os_palatinum
9 phalanx
9 pubis pubic_bone os_pubis
9 rib2 costa2
10 true_rib
9 round_bone
9 sacrum
9 scapula shoulder_blade shoulder_bone
9 sesamoid_bone sesamoid os_sesamoideum
10 patella kneecap kneepan
9 short_bone os_breve
9 sphenoid_bone sphenoid os_sphenoidale
9 sternum breastbone
9 gladiolus2 corpus_sternum
9 manubrium
9 xiphoid_process
9 tarsal tarsal_bone
9 temporal_bone os_temporale
9 tooth
10 fang4
10 tusk2
10 conodont
10 chopper2 pearly
10 carnassial_tooth
10 front_tooth anterior
11 bucktooth
10 back_tooth posterior2
10 malposed_tooth
10 permanent_tooth adult_tooth
10 primary_tooth deciduous_tooth baby_tooth milk_tooth
10 canine canine_tooth eyetooth eye_tooth dogtooth2 cuspid
11 fang3
10 premolar bicuspid
10 incisor
10 molar grinder2
11 wisdom_tooth
9 turbinate_bone turbinate turbinal
10 nasal_concha
9 tympanic_bone
9 vertebra
10 cervical_vertebra neck_bone
11 atlas3 atlas_vertebra
11 axis5 axis_vertebra
10 thoracic_vertebra dorsal_vertebra
10 lumbar_vertebra
10 sacral_vertebra
10 coccygeal_vertebra caudal_vertebra
9 zygoma zygomatic_arch arcus_zygomaticus
9 modiolus
9 lacrimal_bone
9 skull
9 calvaria skullcap3
9 cranium braincase brainpan
9 occiput
9 sinciput
9 jaw
10 lower_jaw mandible mandibula mandibular_bone submaxilla lower_jawbone jawbone jowl
11 lantern_jaw
10 upper_jaw upper_jawbone maxilla maxillary
10 chop3
9 vomer
9 sutural_bone
9 marrowbone
8 marrow bone_marrow
9 red_marrow red_bone_marrow
9 yellow_marrow yellow_bone_marrow
8 elastic_tissue
8 endoneurium
8 ligament
9 falciform_ligament
9 round_ligament_of_the_uterus ligamentum_teres_uteri
8 perineurium
8 perimysium
8 tendon sinew
9 hamstring hamstring_tendon
8 submucosa
8 fascia facia
9 aponeurosis
8 scar_tissue
9 adhesion2
7 lymphatic_tissue lymphoid_tissue
8 tonsil palatine_tonsil faucial_tonsil tonsilla
8 spleen lien2
8 lymph_node lymph_gland node6
9 axillary_node
8 pharyngeal_tonsil adenoid third_tonsil tonsilla_pharyngealis tonsilla_adenoidea
7 cartilage gristle
8 meniscus semilunar_cartilage
8 fibrocartilage
8 hyaline_cartilage
8 arytenoid arytaenoid arytenoid_cartilage
8 thyroid_cartilage
7 erectile_tissue
7 muscle2 muscular_tissue
8 striated_muscle_tissue
8 cardiac_muscle heart_muscle
9 pacemaker2 cardiac_pacemaker sinoatrial_node
9 papillary_muscle
9 atrioventricular_bundle atrioventricular_trunk truncus_atrioventricularis
9 atrioventricular_node
9 myocardium
8 smooth_muscle2
7 fibrous_tissue
8 trabecula
7 nervous_tissue nerve_tissue
8 fiber_bundle fibre_bundle fascicle2 fasciculus
9 fornix2 trigonum_cerebrale
9 nerve nervus
10 motor_nerve efferent_nerve efferent
11 ventral_root ventral_horn anterior_root anterior_horn
11 pyramidal_tract pyramidal_motor_system corticospinal_tract
10 sensory_nerve afferent_nerve afferent
11 dorsal_root dorsal_horn posterior_root posterior_horn
11 lemniscus fillet3
10 cranial_nerve
11 olfactory_nerve nervii_olfactorii first_cranial_nerve
11 optic_nerve nervus_opticus second_cranial_nerve optic_tract
11 oculomotor oculomotor_nerve nervus_oculomotorius third_cranial_nerve
11 trochlear trochlear_nerve trochlearis fourth_cranial_nerve
11 trigeminal trigeminal_nerve trigeminus nervus_trigeminus fifth_cranial_nerve
11 abducent abducent_nerve abducens abducens_nerve nervus_abducens sixth_cranial_nerve
11 facial facial_nerve nervus_facialis seventh_cranial_nerve
11 acoustic_nerve auditory_nerve vestibulocochlear_nerve nervus_vestibulocochlearis eighth_cranial_nerve
11 glossopharyngeal_nerve nervus_glossopharyngeus ninth_cranial_nerve
11 vagus vagus_nerve nervus_vagus pneumogastric pneumogastric_nerve tenth_cranial_nerve wandering_nerve
11 accessory_nerve spinal_accessory nervus_accessorius eleventh_cranial_nerve
11 hypoglossal hypoglossal_nerve nervus_hypoglosus twelfth_cranial_nerve
10 depressor2 depressor_nerve
10 radial_nerve nervus_radialis musculospiral_nerve
10 splanchnic_nerve
10 sciatic_nerve nervus_ischiadicus
10 saphenous_nerve nervus_saphenus
10 ulnar_nerve cubital_nerve nervus_ulnaris
11 funny_bone crazy_bone
10 spinal_nerve nervus_spinalis
11 spinal_nerve_root
11 femoral_nerve nervus_femoralis anterior_crural_nerve
11 phrenic_nerve nervus_phrenicus
11 cervical_nerve
11 coccygeal_nerve nervus_coccygeus
11 lumbar_nerve
11 sacral_nerve
11 thoracic_nerve
11 spinal_nerve_roots
8 neuropil neuropile
8 grey_matter gray_matter grey_substance gray_substance substantia_grisea
8 white_matter substantia_alba
9 nerve_pathway tract4 nerve_tract pathway
10 optic_radiation radiatio_optica
10 commissure
11 corpus_callosum
10 peduncle3 cerebral_peduncle
7 gingiva gum2
7 lens_cortex cortex3
7 flap4
8 uvula
8 soft_palate velum2
8 protective_fold
9 eyelid lid palpebra
9 nictitating_membrane third_eyelid
10 haw2
8 cusp2 leaflet
7 membrane2 tissue_layer
8 trophoblast
8 chorioallantois chorioallantoic_membrane
8 web7
8 glomerular_capsule capsula_glomeruli
8 axolemma
8 basilar_membrane
8 fetal_membrane
9 allantois
9 caul2 veil3 embryonic_membrane
8 choroid choroid_coat
8 ciliary_body
8 cornea
9 arcus arcus_senilis
8 eardrum tympanum2 tympanic_membrane myringa
9 perforated_eardrum
8 endocranium
8 endosteum
8 ependyma
8 fertilization_membrane
8 hyaloid_membrane hyaloid
8 intima
8 iris2
8 lamella2
8 meninx meninges
9 leptomeninges
9 dura_mater dura
9 arachnoid arachnoid_membrane
9 pia_mater
8 mucous_membrane mucosa
9 conjunctiva
10 bulbar_conjunctiva conjunctival_layer_of_bulb tunica_conjunctiva_bulbi
10 palpebra_conjunctiva conjunctival_layer_of_eyelids tunica_conjunctiva_palpebrarum
10 pinguecula
10 pterygium
9 endometrium
9 hymen2 maidenhead virginal_membrane
10 imperforate_hymen
8 periosteum
8 perithelium
8 retina
8 sarcolemma
8 semipermeable_membrane
9 cell_membrane cytomembrane plasma_membrane
8 serous_membrane serosa
9 pleura
10 parietal_pleura
10 visceral_pleura
9 peritoneum
10 mesentery
11 mesocolon
10 omentum
11 greater_omentum gastrocolic_omentum caul
11 lesser_omentum
9 endocardium
9 pericardium
9 epicardium visceral_pericardium
9 parietal_pericardium
8 synovial_membrane synovium
8 tunic tunica adventitia
9 albuginea
10 sclera sclerotic_coat
10 tunica_albuginea_testes
7 cortex2
8 adrenal_cortex
8 renal_cortex
7 medulla3
8 adrenal_medulla
7 matrix5
7 graft transplant
8 autograft autoplasty
8 homograft allograft
8 heterograft xenograft
7 stroma3
5 mentum3
5 organ
6 ovipositor
6 siphon2 syphon2
6 ctene comb-plate
6 wing
7 ala2
7 forewing fore-wing fore_wing
7 halter4 haltere balancer2
7 pennon2 pinion3
7 wing_case elytron
6 foot6 invertebrate_foot
7 tube_foot
6 sucker6
7 cupule2
6 stinger4
7 aculeus2
6 contractile_organ contractor4
7 muscle musculus
8 skeletal_muscle striated_muscle
9 voluntary_muscle
9 abductor2 abductor_muscle
10 musculus_abductor_digiti_minimi_manus
10 musculus_abductor_digiti_minimi_pedis
10 musculus_abductor_hallucis
10 musculus_abductor_pollicis
9 adductor adductor_muscle
10 musculus_adductor_brevis
10 musculus_adductor_longus
10 musculus_adductor_magnus great_adductor_muscle
10 musculus_adductor_hallucis
9 anconeous_muscle musculus_anconeus
9 articular_muscle
10 musculus_articularis_cubiti
10 musculus_articularis_genus
9 extensor_muscle extensor
10 quadriceps quadriceps_femoris musculus_quadriceps_femoris quad2
9 flexor_muscle flexor
9 deltoid deltoid_muscle musculus_deltoideus
9 serratus serratus_muscles
10 anterior_serratus_muscle serratus_anterior musculus_serratus_anterior serratus_magnus
10 posterior_serratus_muscle serratus_posterior musculus_serratus_posterior
11 serratus_posterior_inferior
11 serratus_posterior_superior
9 pectoral pectoral_muscle pectoralis musculus_pectoralis pecs
10 pectoralis_major musculus_pectoralis_major greater_pectoral_muscle
10 pectoralis_minor musculus_pectoralis_minor smaller_pectoral_muscle
9 intercostal intercostal_muscle musculus_intercostalis
9 depressor depressor_muscle
9 abdominal abdominal_muscle ab3
10 external_oblique_muscle musculus_obliquus_externus_abdominis abdominal_external_oblique_muscle oblique2
10 transversus_abdominis_muscle transverse_muscle_of_abdomen musculus_transversalis_abdominis transversus_abdominis
9 latissimus_dorsi lat
9 gluteus gluteus_muscle gluteal_muscle glute
10 gluteus_maximus
10 gluteus_medius
10 gluteus_minimus
9 musculus_sphincter_ani_externus
9 calf2 sura2
10 mid-calf
9 gastrocnemius gastrocnemius_muscle
9 psoas
9 rhomboid2 rhomboid_muscle
10 rhomboideus_major_muscle greater_rhomboid_muscle musculus_rhomboideus_major
10 rhomboid_minor_muscle lesser_rhomboid_muscle musculus_rhomboideus_minor
9 soleus soleus_muscle
9 splenius splenius_muscle
9 peroneus
9 pterygoid_muscle
9 biceps
10 musculus_biceps_femoris femoral_biceps
10 biceps_brachii musculus_biceps_brachii biceps_humeri
9 triceps
10 triceps_brachii musculus_triceps_brachii
9 axial_muscle
9 sartorius sartorius_muscle musculus_sartorius
9 scalenus scalene_muscle musculus_scalenus
9 sternocleidomastoid sternocleidomastoid_muscle sternocleido_mastoideus musculus_sternocleidomastoideus
9 teres teres_muscle
10 teres_major teres_major_muscle musculus_teres_major
10 teres_minor teres_minor_muscle musculus_teres_minor
9 tibialis tibialis_muscle musculus_tibialis
10 tibialis_anticus tibialis_anterior
10 tibialis_posticus tibialis_posterior
9 trapezius trapezius_muscle cowl_muscle musculus_trapezius
9 facial_muscle
10 cheek_muscle buccinator_muscle musculus_buccinator
10 masseter
10 platysma
9 temporalis_muscle temporal_muscle temporalis musculus_temporalis
8 pronator
8 supinator
8 levator
8 antagonistic_muscle
9 agonist3
9 antagonist2
8 ocular_muscle eye_muscle
9 abducens_muscle lateral_rectus_muscle lateral_rectus rectus_lateralis
9 inferior_rectus_muscle inferior_rectus rectus_inferior
9 medial_rectus_muscle medial_rectus rectus_medialis
9 superior_rectus_muscle superior_rectus rectus_superior
8 rectus
8 smooth_muscle involuntary_muscle
9 myometrium
9 musculus_sphincter_ani_internus
8 sphincter anatomical_sphincter sphincter_muscle
9 physiological_sphincter
10 cardiac_sphincter
9 anal_sphincter sphincter_ani musculus_sphincter_ani
9 urethral_sphincter musculus_sphincter_urethrae
9 bladder_sphincter musculus_sphincter_vesicae
9 musculus_sphincter_ductus_choledochi
9 musculus_sphincter_ductus_pancreatici
9 pupillary_sphincter musculus_sphincter_pupillae
9 pyloric_sphincter pyloric_valve musculus_sphincter_pylori
8 tensor2
9 tensor_tympani
6 primordium anlage
6 vital_organ vitals
6 effector3
6 external_organ
7 external_ear outer_ear
7 precordium
6 internal_organ viscus
7 viscera entrails innards
7 excretory_organ urinary_organ
8 flame_cell
8 kidney
7 liver
7 heart2 pump2 ticker
8 athlete's_heart
8 biauriculate_heart
7 stomach tummy2 tum breadbasket2
8 craw crop6
8 rumen first_stomach
8 reticulum3 second_stomach
8 psalterium omasum third_stomach
8 abomasum fourth_stomach
7 respiratory_organ
8 gill4 branchia
9 ctenidium
9 ceras
9 external_gill
8 lung
8 book_lung
7 intestine bowel gut
8 small_intestine
9 duodenum
9 jejunum
9 ileum
8 large_intestine
9 colon
10 megacolon
10 transverse_colon
10 ascending_colon
10 descending_colon
10 sigmoid_colon sigmoid_flexure
7 hindgut
6 sense_organ sensory_receptor receptor2
7 lateral_line lateral_line_organ
7 interoceptor enteroceptor
7 exteroceptor
7 third_eye pineal_eye
7 baroreceptor
7 chemoreceptor
8 tastebud taste_bud gustatory_organ
8 carotid_body
8 nose olfactory_organ
9 snout neb
10 proboscis2 trunk5
9 snout3 rostrum2
9 beak4 honker2 hooter nozzle2 snoot2 snout2 schnozzle schnoz
9 conk
9 hawk_nose
9 proboscis
9 pug_nose
9 hooknose
7 thermoreceptor
7 eye oculus optic
8 naked_eye
8 peeper2
8 oculus_dexter
8 oculus_sinister
8 simple_eye stemma3 ocellus
9 ommatidium
8 compound_eye
7 ear
7 organ_of_hearing
7 inner_ear internal_ear labyrinth2
7 semicircular_canal
7 stretch_receptor
6 tongue lingua glossa clapper2
6 speech_organ vocal_organ organ_of_speech
7 articulator2
7 glottis
6 lens4 crystalline_lens lens_of_the_eye
6 gland secretory_organ secretor secreter
7 green_gland
7 silk_gland serictery sericterium
7 exocrine_gland exocrine duct_gland
8 oil_gland
9 uropygial_gland preen_gland
9 sebaceous_gland sebaceous_follicle glandulae_sebaceae
10 tarsal_gland
8 sweat_gland sudoriferous_gland
9 apocrine_gland
9 eccrine_gland
8 lacrimal_gland lachrymal_gland tear_gland
8 pancreas
8 bulbourethral_gland
8 cervical_glands cervical_glands_of_the_uterus glandulae_cervicales_uteri
8 seminal_vesicle
8 digestive_gland
8 salivary_gland
9 parotid_gland
9 sublingual_gland sublingual_salivary_gland
9 submaxillary_gland submaxillary_salivary_gland submandibular_gland submandibular_salivary_gland mandibular_gland
8 mammary_gland mamma2
9 dug
9 udder bag8
9 breast2 bosom6 knocker4 boob2 tit titty
8 nabothian_gland
8 vestibular_gland
7 endocrine_gland endocrine2 ductless_gland
8 thyroid_gland thyroid
8 parathyroid_gland parathyroid
8 adrenal_gland adrenal suprarenal_gland
8 prostate_gland prostate
8 thymus_gland thymus2
8 pituitary pituitary_gland pituitary_body hypophysis
8 anterior_pituitary anterior_pituitary_gland adenohypophysis
8 pars_distilis pars_anterior
8 pars_intermedia
8 posterior_pituitary posterior_pituitary_gland neurohypophysis pars_nervosa
8 pineal_gland pineal_body epiphysis_cerebri epiphysis2
8 corpus_luteum
8 gonad sex_gland
9 ovotestis
6 organelle cell_organelle cell_organ
7 cilium
7 lysosome
7 nucleus cell_nucleus karyon
8 pronucleus
8 subthalamic_nucleus
7 nucleolus nucleole
7 mitochondrion chondriosome
8 sarcosome
7 centriole
7 ribosome
6 end_organ
7 end-plate endplate motor_end_plate
7 osmoreceptor
6 reproductive_organ sex_organ
7 genitalia genital_organ genitals private_parts privates crotch3
8 pudendum
8 female_genitalia female_genitals female_genital_organ fanny2
9 cunt2 puss pussy slit2 snatch2 twat2
9 vulva
8 male_genitalia male_genitals male_genital_organ family_jewels
7 female_internal_reproductive_organ
8 ovary2
8 uterus womb
9 venter3
7 male_internal_reproductive_organ
7 male_reproductive_gland
8 testis testicle orchis2 ball5 ballock bollock nut7 egg3
9 cobblers2
9 undescended_testis undescended_testicle
7 nipple mammilla mamilla pap3 teat tit2
6 target_organ
6 taret_organ
6 erectile_organ
7 clitoris clit button5
7 penis phallus2 member5
8 cock prick3 dick2 shaft6 pecker tool4 putz2
8 micropenis microphallus
5 venter4
5 energid protoplast
5 process5 outgrowth3 appendage2
6 horn2
7 antler
6 horn6
6 crest5
7 tuft2
7 topknot2
7 comb2 cockscomb4 coxcomb3
6 pseudopod pseudopodium
6 flagellum2
6 hair6
7 bristle2
7 whisker2 vibrissa sensory_hair
7 seta2
8 chaeta
7 pilus2
6 cirrus3
6 spine5
7 ray6
7 quill2
6 aculea
6 style9
7 stylet
6 villus
7 chorionic_villus
6 tail
7 rattle3
7 brush5
7 bobtail bob6 dock7
7 caudal_appendage
7 uropygium
7 oxtail
7 fluke4
7 scut
7 flag7
6 fetlock2
6 tentacle2
7 antenna3 feeler
7 barbel feeler4
6 arista
6 acromion acromial_process
6 ala
6 alveolar_arch
6 alveolar_ridge gum_ridge alveolar_process
6 acrosome
6 caruncle caruncula
7 wattle lappet
6 condyle
7 condylar_process condyloid_process mandibular_condyle
7 lateral_condyle
7 medial_condyle
6 coronoid_process processus_coronoideus
7 coronoid_process_of_the_mandible
6 epicondyle
7 lateral_epicondyle
6 fimbria
6 apophysis2
6 spicule spiculum
6 osteophyte
6 papilla3
6 papilla2
6 appendix2 vermiform_appendix vermiform_process cecal_appendage
6 mastoid mastoid_process mastoid_bone mastoidal
6 styloid_process
6 pterygoid_process
6 tuberosity tubercle3 eminence2
7 deltoid_tuberosity deltoid_eminence
6 zygomatic_process
6 trochanter
6 transverse_process
6 odontoid_process
6 metaphysis
6 olecranon olecranon_process
6 ridge5
7 supraorbital_ridge supraorbital_torus superciliary_ridge superciliary_arch
6 excrescence2
7 vegetation3
6 papilla
6 plant_process enation2
7 podetium
8 seta
7 peristome
7 haustorium
7 apophysis
7 callus3
7 blister2
7 nodule2 tubercle2
7 spur3
7 aculeus
8 spine3 thorn2 prickle pricker sticker spikelet
9 glochidium glochid
7 acumen
7 hair3 fuzz tomentum
8 stinging_hair
8 beard2
9 awn
7 node3 leaf_node
7 burl2
5 lobe
6 earlobe ear_lobe
6 hepatic_lobe
6 lobe_of_the_lung
6 lobule
6 frontal_lobe frontal_cortex
6 prefrontal_lobe prefrontal_cortex
6 parietal_lobe parietal_cortex
6 occipital_lobe occipital_cortex
6 temporal_lobe temporal_cortex
5 rectum
5 shoulder
5 torso trunk3 body5
5 thorax2 chest pectus
6 female_chest bust2
6 male_chest
5 thorax
5 hip
5 haunch
5 abdomen venter2 stomach2 belly
6 underbelly2 underbody
5 dorsum2
5 back dorsum
5 small
5 buttocks nates arse butt4 backside2 bum4 buns can4 fundament2 hindquarters hind_end keister posterior prat rear4 rear_end rump3 stern3 seat2 tail4 tail_end3 tooshie tush bottom3 behind derriere fanny ass
5 buttock cheek3
5 stump2
5 shank2
5 shin
5 toe3
5 joint articulation4 articulatio
6 fetlock fetlock_joint
6 hock2 hock-joint
6 stifle knee2
6 elbow5
6 suture sutura fibrous_joint
7 coronal_suture sutura_coronalis
7 frontal_suture sutura_frontalis
7 intermaxillary_suture sutura_intermaxillaris
7 internasal_suture sutura_internasalis
7 lamboid_suture sutura_lamboidea
7 occipitomastoid_suture
7 parietomastoid_suture
7 sagittal_suture interparietal_suture sutura_sagittalis
6 synovial_joint articulatio_synovialis diarthrosis
7 mandibular_joint temporomandibular_joint articulatio_temporomandibularis
7 gliding_joint articulatio_plana
8 ankle ankle_joint mortise_joint articulatio_talocruralis
8 wrist carpus wrist_joint radiocarpal_joint articulatio_radiocarpea
7 hinge_joint ginglymus ginglymoid_joint
8 knee knee_joint human_knee articulatio_genus genu
8 elbow elbow_joint human_elbow cubitus cubital_joint articulatio_cubiti
8 interphalangeal_joint
7 knuckle knuckle_joint metacarpophalangeal_joint
7 ball-and-socket_joint spheroid_joint cotyloid_joint enarthrodial_joint enarthrosis articulatio_spheroidea
8 shoulder3 shoulder_joint articulatio_humeri
8 hip3 hip_joint coxa articulatio_coxae
7 pivot_joint rotary_joint rotatory_joint articulatio_trochoidea
5 loins2
5 feature2 lineament2
6 chin mentum2
7 double_chin buccula
6 brow forehead
6 temple2
6 cheek
6 jowl2
6 jaw2
5 rudiment
4 corpus3
4 acicula
4 base4
4 corner9
4 craton
4 cutting4
5 pruning
4 fragment
5 bit2 chip flake3 fleck scrap
6 matchwood3
6 scale5 scurf2 exfoliation2
7 dander
7 dandruff2
6 scurf
6 splinter sliver
5 brickbat
5 cinder clinker
5 clast
5 ember coal2
5 filing2
6 metal_filing
7 iron_filing
5 paring sliver2 shaving2
6 splint
6 turning3
5 restriction_fragment
5 scraping
5 spall spawl
5 spark6
4 hunk2 lump4
5 nodule3
6 geode
5 nugget
4 nub2 stub2
5 nubbin
4 segment2
5 metamere somite
5 sarcomere
5 section9
5 internode
4 slice5
5 section2
4 strip
5 row3
4 world6
3 reservoir4 source8
3 unit5 building_block
4 chain2 chemical_chain
5 closed_chain ring4
6 heterocyclic_ring heterocycle2
5 long_chain long-chain_molecule
5 open_chain
6 branched_chain
6 straight_chain
4 couple5
5 dipole
6 electric_dipole electric_doublet
6 magnetic_dipole
4 unit_cell
4 group2 radical chemical_group
5 acyl acyl_group
6 acetyl acetyl_group acetyl_radical ethanoyl_group ethanoyl_radical
6 foryml
5 alcohol_group alcohol_radical
5 aldehyde_group aldehyde_radical
5 alkyl alkyl_group alkyl_radical
6 ethyl ethyl_group ethyl_radical
6 methyl methyl_group methyl_radical
7 aminomethane
7 hydroxymethyl
5 allyl allyl_group allyl_radical
5 amino amino_group
6 glucosamine
5 amyl
5 azido_group azido_radical
5 azo_group azo_radical
5 benzyl benzyl_group benzyl_radical
5 benzoyl_group benzoyl_radical
5 cacodyl2 cacodyl_group cacodyl_radical arsenic_group
5 carbonyl_group
5 carboxyl carboxyl_group
5 chromophore
5 cyano_group cyano_radical cyanide_group cyanide_radical
5 glyceryl
5 hydrazo_group hydrazo_radical
5 hydroxyl hydroxyl_group hydroxyl_radical
5 ketone_group
5 methylene_group methylene_radical methylene
5 propyl propyl_group propyl_radical
5 butyl
5 nitro_group
5 nitrite
6 sodium_nitrite
5 uranyl uranyl_group uranyl_radical
5 vinyl vinyl_group vinyl_radical
4 molecule
5 dipole_molecule
5 protein_molecule
5 coenzyme
6 cocarboxylase thiamine_pyrophosphate
6 nicotinamide_adenine_dinucleotide
6 nicotinamide_adenine_dinucleotide_phosphate
6 triphosphopyridine_nucleotide
5 ethylenediaminetetraacetic_acid
5 macromolecule supermolecule
6 protein
7 capsid2
7 gluten
8 corn_gluten
8 wheat_gluten
7 recombinant_protein
7 actomyosin
7 aleurone
7 amyloid2
7 apoenzyme
7 conjugated_protein compound_protein
8 glycoprotein
9 mucin
9 erythropoietin
9 lectin
9 mucoid
8 hemoprotein haemoprotein
9 hemoglobin haemoglobin
10 oxyhemoglobin oxyhaemoglobin
9 myoglobin
9 cytochrome
10 cytochrome_c
8 lipoprotein
9 high-density_lipoprotein alpha-lipoprotein
9 low-density_lipoprotein beta-lipoprotein
9 very_low_density_lipoprotein
7 enzyme
8 adenosine_deaminase
8 amylase
9 ptyalin
8 cholinesterase
8 coagulase
9 thrombin
8 collagenase
8 complement5
8 catalase
8 cyclooxygenase
8 decarboxylase
8 de-iodinase
8 disaccharidase
9 invertase saccharase sucrase
9 lactase
8 elastase
8 enterokinase
8 histaminase
8 hyaluronidase spreading_factor
8 isomerase
8 kinase
8 lipase
8 lysozyme muramidase
8 monoamine_oxidase
8 nitrogenase
8 nuclease
9 endonuclease
10 restriction_endonuclease restriction_nuclease restriction_enzyme
9 exonuclease
8 oxidase
9 peroxidase
10 glutathione_peroxidase
10 horseradish_peroxidase
8 oxidoreductase
9 oxygenase
8 papain
8 penicillinase beta-lactamase
8 pepsin
8 pepsinogen
8 phosphatase
8 plasmin fibrinolysin
9 plasminogen
8 polymerase
9 transcriptase
9 reverse_transcriptase
8 protease peptidase proteinase proteolytic_enzyme
9 caspase
9 angiotensin_converting_enzyme angiotensin-converting_enzyme
9 plasminogen_activator urokinase
9 renin
8 reductase
8 rennin chymosin
8 secretase
8 streptodornase
8 streptokinase
8 superoxide_dismutase
8 telomerase
8 transferase
9 ribonuclease ribonucleinase
9 transaminase aminotransferase aminopherase
10 glutamic_oxalacetic_transaminase glutamic_oxaloacetic_transaminase
8 trypsin
9 trypsinogen
8 urease
8 zymase
7 fibrin
7 filaggrin
7 growth_factor
8 nerve_growth_factor
7 haptoglobin
7 iodoprotein iodinated_protein
8 thyroprotein
8 thyroglobulin
7 nucleoprotein
7 opsin
7 phosphoprotein
8 casein
7 plasma_protein
8 gamma_globulin human_gamma_globulin
9 immunoglobulin immune_serum_globulin immune_gamma_globulin immune_globulin
10 reagin
10 tetanus_immunoglobulin tetanus_immune_globulin
8 coagulation_factor clotting_factor
9 fibrinogen
9 prothrombin
9 thromboplastin thrombokinase
9 proaccelerin prothrombin_accelerator accelerator_factor
9 proconvertin cothromboplastin stable_factor
9 antihemophilic_factor antihaemophilic_factor antihemophilic_globulin antihaemophilic_globulin
9 prothrombinase
9 plasma_thromboplastin_antecedent
9 fibrinase
7 prostate_specific_antigen
7 proteome
7 simple_protein
8 actin
8 albumin albumen
9 ricin ricin_toxin
9 lactalbumin
9 serum_albumin
8 globulin
9 alpha_globulin
9 serum_globulin
9 myosin
9 transferrin beta_globulin siderophilin
8 globin hematohiston haematohiston
8 glutelin
8 histone
8 prolamine
8 protamine
8 scleroprotein albuminoid
9 collagen
9 elastin
9 gelatin gelatine
9 chondrin
9 keratin ceratin
7 cytokine
8 tumor_necrosis_factor tumour_necrosis_factor
8 lymphokine
9 interleukin
7 ferritin
7 antibody
8 autoantibody
8 precipitin
8 antitoxin
9 antivenin antivenene
9 tetanus_antitoxin
8 agglutinin
9 isoagglutinin
8 heterophil_antibody heterophile_antibody
8 isoantibody alloantibody
8 monoclonal_antibody monoclonal
9 infliximab
8 opsonin
6 carbohydrate saccharide sugar2
7 ribose
7 beet_sugar
7 cane_sugar
8 demerara
7 deoxyribose
7 invert_sugar
7 maple_sugar
7 monosaccharide monosaccharose simple_sugar
8 triose
8 tetrose
8 pentose
8 hexose
8 aldose
9 aldohexose
10 glucose
11 corn_sugar
11 dextrose dextroglucose grape_sugar
11 blood_sugar blood_glucose
8 ketose
9 ketohexose
10 fructose fruit_sugar levulose laevulose
7 oligosaccharide
8 disaccharide
9 lactose milk_sugar
9 maltose malt_sugar
9 sucrose saccharose
10 galactose brain_sugar
8 tetrasaccharide
9 stachyose
8 trisaccharide
9 raffinose
7 polysaccharide polyose
8 heparin
8 chitin
8 cellulose
9 carboxymethyl_cellulose
9 diethylaminoethyl_cellulose
9 pulp3
10 bagasse
10 wood_pulp
9 pectin
8 glycogen animal_starch
8 inulin
8 dextrin
8 mucopolysaccharide
9 hyaluronic_acid
8 starch amylum
9 arum
9 cassava cassava_starch manioc manioca
9 arrowroot
9 cornstarch cornflour
9 sago
10 pearl_sago
9 amyloid
7 jaggery jagghery jaggary
7 wood_sugar xylose
6 lipid lipide lipoid
7 fat
8 edible_fat
9 cracklings
9 lard
9 marbling
9 shortening
9 suet
9 drippings
9 vegetable_oil oil4
10 cooking_oil
10 sweet_oil
10 canola_oil canola
10 coconut_oil copra_oil
10 corn_oil
10 cottonseed_oil
10 olive_oil
10 palm_oil
10 peanut_oil groundnut_oil
10 salad_oil
10 safflower_oil2
10 sesame_oil
10 soybean_oil soyabean_oil
10 sunflower_oil sunflower-seed_oil
10 walnut_oil
10 madia_oil
8 animal_fat
9 bone_fat
9 butterfat
8 cocoa_butter
8 leaf_fat leaf_lard
8 myelin myeline medulla
8 polyunsaturated_fat
7 triglyceride
7 oil
8 sassafras_oil
8 calamus_oil
8 mustard_oil
8 rape_oil rapeseed_oil colza_oil
8 safflower_oil
8 hydnocarpus_oil
8 babassu_oil babacu_oil
8 cohune-nut_oil cohune_oil cohune_fat
8 almond_oil expressed_almond_oil sweet_almond_oil
8 pennyroyal_oil2 hedeoma_oil
8 hyssop_oil
8 spike_lavender_oil spike_oil
8 pennyroyal_oil
8 croton_oil
8 fuel_oil heating_oil
9 gas_oil
8 animal_oil
9 drying_oil
9 blubber
9 bone_oil2
9 bone_oil
9 cod-liver_oil cod_liver_oil
10 cod_oil
9 lanolin wool_fat wool_grease
9 fish-liver_oil fish_oil
10 tuna_oil
9 goose_grease
9 halibut-liver_oil
9 lard_oil
9 menhaden_oil
9 neat's-foot_oil
9 oleo_oil
9 porpoise_oil
9 dolphin_oil
9 salmon_oil
9 sardine_oil
9 seal_oil
9 shark_oil shark-liver_oil
9 sperm_oil
9 tallow
10 beef_tallow
10 dubbin
10 mutton_tallow
9 tallow_oil
9 whale_oil train_oil
9 wool_oil
8 camphor_oil
8 grease lubricating_oil
9 axle_grease
8 essential_oil volatile_oil
9 ilang-ilang
9 bitter_almond_oil
9 attar atar athar ottar
10 attar_of_roses rose_oil
9 clove_oil oil_of_cloves
9 costus_oil
9 eucalyptus_oil
9 turpentine2 oil_of_turpentine spirit_of_turpentine turps
9 wormwood_oil absinthe_oil
9 linalool
8 mineral_oil
8 motor_oil
8 fixed_oil fatty_oil
8 fusel_oil
8 stand_oil
8 neroli_oil
8 tall_oil
8 petroleum crude_oil crude rock_oil fossil_oil oil3
9 residual_oil resid
8 shale_oil
8 linseed_oil flaxseed_oil
8 tung_oil
8 chaulmoogra_oil
8 lemongrass lemon_grass lemongrass_oil
7 phospholipid
8 lecithin
7 wax
8 bayberry_wax bayberry_tallow
8 carnauba_wax carnauba
8 candelilla_wax
8 ceresin
8 floor_wax
8 gondang_wax fig_wax
8 montan_wax
8 pisang_wax
8 scale_wax paraffin_scale
8 ski_wax
8 beeswax
8 cerumen earwax
8 paraffin paraffin_wax
8 spermaceti
8 vegetable_wax
8 shellac_wax lac_wax
6 nucleic_acid
3 variable
2 object physical_object
3 whole2 unit6
4 congener3
4 living_thing animate_thing
5 organism being2
6 benthos2
6 dwarf3
6 heterotroph
6 parent2
6 person individual someone somebody mortal soul2
7 self2
8 number_one
7 adult grownup
8 brachycephalic
8 caregiver2
8 catch3 match6
8 centrist middle_of_the_roader moderate moderationist2
8 character5 eccentric2 type2 case9
8 conservative conservativist
9 capitalist
9 conformist
9 fuddy-duddy
9 hardliner
9 minimalist
9 mossback
9 neoconservative neocon
9 reactionary ultraconservative extreme_right-winger
9 rightist right-winger
10 monarchist royalist
9 square6 square_toes
9 traditionalist diehard
8 dolichocephalic
8 elder senior2
9 dean3 doyen
9 doyenne
8 ex-spouse
8 fascist
9 falangist phalangist
9 fascista
9 storm_trooper
8 host
9 hostess
8 important_person influential_person personage2
9 big_shot big_gun big_wheel big_cheese big_deal big_enchilada big_fish head_honcho
10 knocker
10 supremo
9 celebrity famous_person
10 immortal
10 lion2 social_lion
10 luminary leading_light guiding_light notable notability
10 personality2
10 toast2
9 colossus2 behemoth2 giant2 heavyweight5 titan
9 elder_statesman
9 eminence_grise
9 fixer influence_peddler
9 heavy_hitter
9 hierarch
9 high-muck-a-muck pooh-bah
9 kingmaker2
9 kingpin top_banana2 bigwig
9 magnifico
9 name4 figure5 public_figure
9 nepotist
9 policy_maker
9 power_broker powerbroker
9 sacred_cow
9 sirdar
9 socialite
9 sun3
9 very_important_person high-up dignitary panjandrum high_muckamuck
9 worthy
8 liberal liberalist progressive2
9 armchair_liberal
9 latitudinarian
9 neoliberal
9 pluralist3
8 liberal2
8 militarist warmonger
9 hawk2 war_hawk
8 oldster old_person senior_citizen golden_ager
9 ancient antediluvian2
9 centenarian
9 curmudgeon
9 dodderer
9 dodo fogy fogey fossil
9 dotard
9 has-been back-number
9 nonagenarian
9 octogenarian
9 old_boy2
9 old_man greybeard graybeard
10 codger old_codger
10 old-timer2 oldtimer2 gaffer old_geezer antique
10 patriarch4
9 old_woman
10 beldam2 beldame2
10 granny2
10 hag beldam beldame witch4 crone
10 mother3
9 septuagenarian
9 sexagenarian
8 pacifist pacificist disarmer
9 dove2 peacenik
8 patrician
8 pledgee
8 pledger
8 professional professional_person
9 careerist
10 career_girl
10 career_man
9 craftsman
9 critic
10 art_critic
10 drama_critic theater_critic
10 literary_critic
10 music_critic
10 newspaper_critic
9 educator pedagogue pedagog
10 academician3 academic faculty_member
11 professor prof
12 assistant_professor
12 associate_professor
12 full_professor
12 visiting_professor
10 lector2 lecturer reader7
10 principal2 school_principal head_teacher head9
11 chancellor3
11 headmaster schoolmaster master5
12 housemaster
11 headmistress
10 schoolmaster2
10 teacher instructor
11 art_teacher
11 catechist
11 coach2 private_instructor tutor
12 crammer2
11 dancing-master dance_master
11 demonstrator
11 docent
11 governess
11 instructress
11 math_teacher mathematics_teacher
12 geometry_teacher
11 missionary
11 music_teacher
12 piano_teacher
11 preceptor don2
11 reading_teacher
11 riding_master
11 schoolteacher school_teacher
12 games-master games-mistress
12 schoolmarm schoolma'am schoolmistress mistress2
11 science_teacher
11 section_man
11 teaching_fellow
9 health_professional primary_care_provider health_care_provider caregiver
10 bonesetter
10 electrologist
10 medical_assistant
10 medical_practitioner medical_man
11 dentist tooth_doctor dental_practitioner
12 dental_surgeon
12 endodontist
12 exodontist
12 orthodontist
12 pedodontist
12 periodontist
12 prosthodontist
11 doctor doc physician medico2
12 abortionist
12 allergist
12 angiologist
12 extern medical_extern
12 gastroenterologist
12 general_practitioner
13 country_doctor
13 family_doctor
12 house_physician resident2 resident_physician
12 intern interne houseman medical_intern
12 primary_care_physician
12 quack
12 specialist2 medical_specialist
13 anesthesiologist anesthetist anaesthetist
13 baby_doctor pediatrician pediatrist paediatrician
13 cardiologist heart_specialist heart_surgeon
13 chiropodist foot_doctor podiatrist
13 dermatologist skin_doctor
13 diagnostician pathologist
14 etiologist aetiologist
13 diplomate
13 ear_doctor ear_specialist otologist
13 embryologist
13 endocrinologist
13 ear-nose-and-throat_doctor otolaryngologist otorhinolaryngologist rhinolaryngologist
13 gerontologist geriatrician
13 gynecologist gynaecologist woman's_doctor
13 hematologist haematologist
13 hygienist
13 internist
13 neurologist brain_doctor
13 obstetrician accoucheur
14 perinatologist
13 oncologist
13 ophthalmologist eye_doctor oculist2
13 orthopedist orthopaedist
13 orthoptist
13 proctologist
13 psychiatrist head-shrinker shrink
14 alienist
14 analyst3 psychoanalyst
13 radiographer
13 radiologist radiotherapist
13 rheumatologist
13 urologist
12 surgeon operating_surgeon sawbones
13 amputator
13 cosmetic_surgeon plastic_surgeon
13 neurosurgeon brain_surgeon
12 veterinarian veterinary veterinary_surgeon vet
13 horse_doctor
11 inoculator vaccinator
11 medical_officer medic2
12 flight_surgeon
10 nurse
11 foster-nurse
11 graduate_nurse trained_nurse
11 head_nurse
11 licensed_practical_nurse practical_nurse
11 matron3
11 midwife accoucheuse
11 probationer student_nurse
11 registered_nurse
12 nurse-midwife
12 nurse_practitioner nurse_clinician
11 scrub_nurse
11 visiting_nurse
10 pharmacist druggist chemist2 apothecary pill_pusher pill_roller
11 pharmacologist pharmaceutical_chemist
9 lawyer attorney
10 advocate2 counsel counselor3 counsellor3 counselor-at-law pleader
10 ambulance_chaser
10 barrister
11 serjeant-at-law serjeant sergeant-at-law sergeant3
10 conveyancer
10 defense_attorney defense_lawyer
10 divorce_lawyer
10 public_defender
10 referee3
10 solicitor2
11 law_agent
10 trial_attorney trial_lawyer
9 librarian bibliothec
10 cataloger cataloguer
9 practitioner practician
10 clinician
10 homeopath homoeopath
9 publisher2
9 yuppie
8 sobersides
8 sophisticate man_of_the_world
9 cosmopolitan cosmopolite
10 globetrotter world_traveler
9 slicker2
10 city_slicker city_boy
8 stay-at-home homebody
8 stoic2 unemotional_person
8 thoroughbred
7 adventurer venturer2
8 argonaut
8 adventuress
8 cowboy3
8 daredevil madcap hothead2 swashbuckler lunatic2 harum-scarum
9 tearaway
8 gambler2 risk_taker
8 hotspur2
8 mercenary soldier_of_fortune
9 ninja
8 speculator2 plunger
9 hedger2
9 operator5
9 scalper
10 tout ticket_tout
9 venture_capitalist
7 anomaly2 unusual_person
8 aberrant
8 giant5 goliath2 behemoth monster2 colossus
7 anachronism3
7 applicant applier
8 aspirant aspirer hopeful wannabe wannabee
8 bidder
8 claimant
8 job_candidate
8 material5
8 petitioner suppliant supplicant2 requester
9 besieger2
9 postulant
9 solicitor canvasser
10 fundraiser
8 possible2
8 probable
8 submitter2
7 appointee2 appointment4
7 capitalist2
8 businessperson bourgeois
9 accountant comptroller controller
10 auditor3
11 internal_auditor
10 bean_counter
10 bookkeeper
10 certified_public_accountant
10 chartered_accountant
10 cost_accountant
9 account_executive account_representative registered_representative customer's_broker customer's_man
9 agent4 factor4 broker
10 auctioneer
10 insurance_broker insurance_agent general_agent2 underwriter2
10 investment_banker underwriter
11 killer_bee
10 real_estate_broker real_estate_agent estate_agent land_agent house_agent
10 ship_broker
10 stockbroker
10 syndic
10 travel_agent
9 businessman man_of_affairs
10 amalgamator
10 arbitrageur arbitrager arb
10 baron3 big_businessman business_leader king3 magnate mogul3 power9 top_executive tycoon
11 oil_tycoon
10 industrialist
10 oilman
11 wildcatter
10 operator3
11 supermarketer supermarketeer
10 owner proprietor
11 bookseller
11 lessor lease_giver
11 letter3
11 patron2
12 host8 innkeeper boniface2
13 hostess2
13 padrone
13 victualer victualler
11 proprietress
11 publisher3 newspaper_publisher
12 press_lord
11 renter2
11 restaurateur restauranter
11 saloon_keeper
11 timberman
10 small_businessman
11 concessionaire concessioner
10 suit3
10 syndicator
10 transactor
9 businesswoman
10 madam2 brothel_keeper
9 entrepreneur enterpriser
9 exporter
9 importer
9 merchant merchandiser
10 baker
10 bookdealer book_seller
10 butcher meatman
11 pork_butcher
10 clothier haberdasher
10 grain_merchant
10 grocer
11 greengrocer
10 jeweler2 jeweller2
10 poultryman poulterer
10 retailer retail_merchant
11 chandler2
12 ship's_chandler
11 licensee
10 rug_merchant
10 salter2 salt_merchant
10 schlockmeister shlockmeister
10 seller marketer vender vendor trafficker
11 ticket_agent booking_clerk
11 cosmetician
11 flower_girl
11 fruiterer
11 huckster cheap-jack
11 peddler pedlar packman hawker pitchman2
12 chapman2
12 cheapjack
12 crier3
12 muffin_man
12 sandboy
11 selling_agent
11 dealer3
12 pusher2 drug_peddler peddler2 drug_dealer drug_trafficker
11 underseller
10 shopkeeper tradesman storekeeper market_keeper
11 cleaner2 dry_cleaner
11 florist
11 hosier
11 newsagent newsdealer newsvendor newsstand_operator
11 tobacconist
10 stationer stationery_seller
10 trader bargainer dealer monger
11 art_dealer
12 print_seller
11 barterer
11 bibliopole bibliopolist
11 cheesemonger
11 costermonger barrow-man barrow-boy
11 cutler
11 draper
12 linendraper
11 fence2
11 fishmonger fishwife
11 horse_trader
11 ironmonger hardwareman
11 mercer
11 seedsman seedman
11 slopseller slop-seller
11 stamp_dealer
11 stock_trader
12 profit_taker
12 stockjobber
10 venturer merchant-venturer
10 vintner wine_merchant
9 shipper
10 consigner consignor
9 supplier provider
10 black_marketeer
10 caterer
10 connection7
10 dispenser2
10 distributor distributer
11 jobber middleman wholesaler
12 meat_packer packer2
11 ship_chandler
11 wool_stapler
10 purveyor
10 recruiter
11 headhunter
11 scout3 talent_scout
10 stockist
10 sutler victualer2 victualler2 provisioner
8 financier moneyman
9 banker
10 teller3 cashier bank_clerk
9 city_man
9 principal6 dealer4
10 broker-dealer
8 holder3 bearer4
8 investor
9 contrarian
9 bear2
9 bondholder
9 bull6
9 caller2
9 depositor
10 withdrawer6
9 lender loaner
10 pawnbroker
10 usurer loan_shark moneylender shylock
9 rentier
9 stockholder shareholder shareowner
10 stockholder_of_record
8 materialist
8 moneymaker
9 moneygrubber
8 profiteer
7 captor capturer
8 surpriser
7 changer modifier3
8 adulterator2
8 normalizer normaliser
8 standardizer standardiser
7 color-blind_person
8 monochromat
8 dichromat
9 uniocular_dichromat
7 commoner common_man common_person
8 bourgeois2 burgher2
9 petit_bourgeois
8 cipher4 cypher3 nobody nonentity2
9 pip-squeak squirt small_fry
9 whippersnapper jackanapes lightweight2
8 everyman
8 man_in_the_street
8 layman layperson secular
9 lay_reader
8 plebeian pleb
9 philistine anti-intellectual lowbrow
8 proletarian prole worker2
9 dogsbody
8 rustic
9 coon
9 countryman2 ruralist2
9 countrywoman
9 hillbilly bushwhacker
9 peasant provincial2 bucolic
10 cotter cottar
10 muzhik moujik mujik muzjik
9 redneck cracker2
9 woodsman woodman
9 yokel rube hick yahoo hayseed bumpkin chawbacon
7 communicator
8 alarmist
9 scaremonger stirrer
8 allegorizer allegoriser
8 announcer
9 caller5
9 caller4 caller-out
9 muezzin muazzin muadhdhin
9 town_crier crier2
8 articulator
9 speaker talker utterer3 verbalizer verbaliser
10 alliterator
10 caller7 caller-up phoner telephoner
10 chatterer babbler prater chatterbox2 magpie3 spouter
10 conversationalist conversationist schmoozer
11 deipnosophist
11 interlocutor2 conversational_partner
10 dictator
10 drawler
10 driveller jabberer
10 ejaculator2
10 growler
10 inquirer enquirer questioner querier asker
11 cross-examiner cross-questioner
11 examiner tester quizzer
11 inquisitor interrogator
11 interviewer
11 pollster poll_taker headcounter canvasser3
10 lecturer2
10 lisper
10 mentioner
10 motormouth
10 mutterer mumbler murmurer
10 narrator storyteller teller4
11 anecdotist raconteur
11 fabulist
11 griot
10 orator speechmaker rhetorician public_speaker speechifier
11 eulogist panegyrist
11 elocutionist
11 haranguer
11 spellbinder
11 tub-thumper
10 prattler
10 ranter raver2
10 reciter
10 native_speaker
10 stammerer stutterer
10 stentor
10 talking_head
10 venter
10 vociferator
10 voicer2
10 whisperer
9 subvocalizer subvocaliser
8 asserter declarer2 affirmer asseverator avower2
9 postulator2
8 avower
8 broadcaster
9 announcer2
10 newscaster
11 newsreader news_reader
10 radio_announcer
10 sports_announcer sportscaster sports_commentator
10 tv_announcer television_announcer
9 broadcast_journalist
9 disk_jockey disc_jockey
9 telecaster
8 conferee2
8 conferrer2
8 confessor2
8 correspondent letter_writer
9 pen_pal pen-friend
8 gossip3 gossiper gossipmonger rumormonger rumourmonger newsmonger
9 cat3
9 scandalmonger
9 tattletale tattler taleteller talebearer telltale blabbermouth
9 yenta2
8 hisser
8 informant source5
9 informer betrayer rat4 squealer blabber
10 fink snitch snitcher2 stoolpigeon stool_pigeon stoolie sneak3 sneaker2 canary
10 nark copper's_nark
10 supergrass grass3
9 leaker
9 passive_source
9 whistle_blower whistle-blower whistleblower
8 laudator lauder2 extoller
9 clapper applauder
8 negotiator negotiant treater
9 mediator go-between intermediator intermediary intercessor
10 mediatrix
10 conciliator make-peace pacifier peacemaker reconciler
11 appeaser
10 diplomat2
10 harmonizer2 harmoniser2
10 interpreter translator2
11 dragoman
11 symbolist2 symbolizer symboliser
10 matchmaker matcher marriage_broker
10 moderator4
11 modifier2
10 second_hand
9 bargainer2
10 haggler
9 compromiser
9 holdout
9 negotiatress negotiatrix
9 representative
10 agent2
11 business_agent
12 actor's_agent theatrical_agent
11 literary_agent
11 bailee
11 booker booking_agent
12 showman2 promoter2 impresario
13 exhibitor exhibitioner shower5
13 organ-grinder
13 pornographer porn_merchant
11 deputy4 surrogate2
12 vicegerent
11 employment_agent
11 freight_agent
11 government_agent
12 government_man
12 revenuer
11 handler2
11 mill_agent
11 next_friend
11 parliamentary_agent
11 proxy placeholder procurator
11 purchasing_agent
11 secret_agent intelligence_officer intelligence_agent operative
12 agent-in-place
12 agent_provocateur provocateur
12 bridge_agent
12 case_officer
13 action_officer
12 codetalker windtalker
12 foot8
12 spy undercover_agent
13 counterspy mole2
13 double_agent
13 espionage_agent
13 foreign_agent
13 infiltrator
13 sleeper2
12 walk-in2
11 shipping_agent
11 shopper2
11 special_agent
11 talent_agent
11 universal_agent general_agent
10 alderman
10 assemblyman
10 assemblywoman
10 contact5 middleman3
10 delegate
11 apostolic_delegate
10 emissary envoy2
11 legate official_emissary
10 head_of_state chief_of_state
11 chancellor2 premier2 prime_minister2
12 taoiseach
11 premier
11 president3
12 ex-president
10 personal_representative
11 legal_representative
10 resident_commissioner
10 union_representative
11 organizer2 organiser labor_organizer
11 shop_steward steward4
11 walking_delegate
9 settler2
8 persuader inducer2
9 lobbyist
9 wheedler coaxer
8 popularizer populariser vulgarizer2 vulgariser2
8 presenter
8 promisee
8 promiser promisor
9 vower
8 propagandist
9 sloganeer
8 propagator2 disseminator
8 publicist publicizer publiciser
9 advertiser advertizer adman
10 huckster2
10 promoter booster2 plugger
11 barker
10 tout2 touter
9 press_agent publicity_man public_relations_man
9 sensationalist ballyhoo_artist
8 quoter
8 rambler2
8 reporter newsman newsperson
9 newswoman
9 television_reporter television_newscaster
10 anchor3 anchorman anchorperson
8 respondent2 responder answerer
9 assenter
9 hedger equivocator tergiversator
9 interviewee
10 don't-know
9 testee examinee
8 roarer bawler bellower screamer screecher shouter yeller
8 sender transmitter
9 spammer
8 signaler signaller
9 toller bell_ringer ringer
9 whistler2
8 signer
8 swearer2
8 sympathizer sympathiser comforter
8 telepathist thought-reader mental_telepathist mind_reader
8 twaddler
8 waffler
8 warner2
8 waver
8 wirer
8 writer author
9 abstractor abstracter
9 authoress
9 biographer
10 autobiographer
10 hagiographer hagiographist hagiologist
9 coauthor joint_author
9 commentator2 reviewer2
9 compiler
10 encyclopedist encyclopaedist
10 lexicographer lexicologist
11 etymologist
11 neologist
11 synonymist
9 contributor2
9 cyberpunk2
9 drafter
9 dramatist playwright
9 essayist litterateur
9 folk_writer
10 folk_poet
9 framer2
9 gagman2 gagster gagwriter
9 ghostwriter ghost2
9 hack3 hack_writer literary_hack
9 journalist
10 columnist editorialist
11 newspaper_columnist
12 agony_aunt
12 gossip_columnist
10 correspondent2 newspaperman newspaperwoman newswriter pressman2
11 foreign_correspondent
11 war_correspondent
10 gazetteer
10 photojournalist
10 scribe2 scribbler penman
10 sob_sister
10 sports_writer sportswriter
9 librettist
9 lyricist lyrist
9 novelist
9 pamphleteer
9 paragrapher
9 poet
10 bard
10 elegist
10 odist
10 poetess
10 poet_laureate2
10 poet_laureate
10 sonneteer
9 polemicist polemist polemic
9 rhymer rhymester versifier poetizer poetiser
9 scenarist
9 scriptwriter
10 screenwriter film_writer
9 space_writer
9 speechwriter
9 tragedian
9 wordmonger
9 word-painter
9 wordsmith
7 contestant
8 agonist2
8 athlete jock
9 acrobat
10 aerialist
11 ropewalker ropedancer
10 balancer
10 circus_acrobat
10 contortionist
10 funambulist tightrope_walker
9 amateur2
10 sporting_man2 outdoor_man
9 ball_hawk
9 ballplayer baseball_player
10 base_runner runner4
10 batter hitter slugger batsman
11 bunter
11 designated_hitter
11 switch-hitter
11 whiffer
10 fielder
11 infielder
12 catcher backstop
12 first_baseman first_sacker
12 second_baseman second_sacker
12 shortstop
12 third_baseman third_sacker
11 outfielder
12 right_fielder
12 center_fielder centerfielder
12 left_fielder
10 little_leaguer
10 major_leaguer big_leaguer
10 minor_leaguer bush_leaguer
10 utility_man
9 basketball_player basketeer cager
10 center9
10 dribbler
10 dunker2
10 forward
10 guard5
9 climber4
10 escalader
10 mountaineer mountain_climber
11 alpinist
10 rock_climber cragsman
9 cricketer
10 bowler
10 fielder2 fieldsman
11 outfielder2
10 wicket-keeper
9 football_player footballer
10 back4
11 flanker_back flanker
11 quarterback signal_caller field_general
11 running_back
12 fullback
12 halfback
11 tailback
11 wingback
10 ball_carrier runner7
11 passer4 forward_passer
11 rusher
10 blocker
10 cornerback
10 football_hero
10 kicker
11 dropkicker
11 place-kicker placekicker
11 punter2
10 linebacker line_backer
10 lineman
11 center9 snapper
11 end8
12 split_end
12 tight_end
11 guard2
11 tackle
10 receiver6 pass_receiver pass_catcher
10 tackler
9 gymnast
10 tumbler
11 turner5
9 hockey_player ice-hockey_player
10 center9
10 wing6
9 hooker5
9 hurdler
9 jumper2
10 bounder2 leaper
10 hopper2
9 lacrosse_player
9 letterman
9 pentathlete
9 professional2 pro
10 free_agent
10 semiprofessional semipro
9 runner6
10 marathoner marathon_runner road_runner long-distance_runner
10 miler2
11 four-minute_man
10 sprinter
9 sharpshooter
9 shot_putter
9 skater
10 ice-skater
11 speedskater speed_skater
10 roller-skater
11 rollerblader
10 skateboarder
9 skier
10 langlaufer
10 ski_jumper
9 sledder
10 luger2 slider2
10 tobogganist
9 soccer_player
10 goalkeeper goalie goaltender netkeeper netminder
9 sport5 sportsman sportswoman
9 striker
9 substitute2 reserve3 second-stringer
10 bench_warmer
10 pinch_hitter
9 swimmer
10 backstroker
10 breaststroker
10 diver2 plunger2
10 skinny-dipper
9 swinger
9 tennis_player
10 receiver5
10 tennis_pro professional_tennis_player
9 vaulter pole_vaulter pole_jumper
9 weightlifter lifter
9 winger
8 defaulter3
8 entrant4
8 long_shot2
8 loser also-ran
9 old_maid4
8 opposition4 opponent opposite3
8 outsider2
8 player participant2
9 billiard_player
9 bowler2
9 card_player
10 bridge_player hand9
11 bidder2
12 preemptor2 pre-emptor2
11 bridge_partner
12 raiser
11 contractor2 declarer
10 cardholder2
10 cardsharp card_sharp cardsharper card_sharper sharper sharpie2 sharpy2 card_shark
10 dealer5
10 eldest_hand elder_hand
10 shuffler
9 chess_player
10 chess_master
10 patzer
9 dart_player
9 golfer golf_player linksman
10 driver3
10 golf_pro professional_golfer
10 hacker
10 hooker4
10 medalist2 medallist2 medal_winner
10 putter
10 slicer
9 grandmaster
9 most_valuable_player
9 playmaker
9 pool_player
9 scorer
9 seeded_player seed3
9 server2
9 shooter4
9 stringer
9 volleyball_player
8 pothunter2
8 qualifier
8 rival challenger competitor competition4 contender
9 champion champ title-holder
10 record-breaker record-holder
9 comer
9 finalist
9 foe2 enemy4
10 mortal_enemy
9 front-runner favorite3 favourite
9 king2 queen5 world-beater
9 runner-up second_best
9 scratch4
9 semifinalist
9 street_fighter
9 tier2
9 tilter
8 starter2
8 winner victor2
9 contestee
9 medalist medallist
9 upsetter
9 walloper2
8 withdrawer4
7 coward
8 cur2
9 caitiff
8 dastard
8 poltroon craven recreant
8 quaker2 trembler
8 shy_person shrinking_violet
9 wallflower3
8 sissy pantywaist pansy2 milksop
8 waverer vacillator hesitator hesitater
7 creator2
8 architect designer2
9 landscape_architect landscape_gardener landscaper landscapist2
8 artist creative_person
9 illustrator
10 commercial_artist
9 classic2
9 classicist
9 constructivist
9 decorator2 ornamentalist
9 draftsman2 drawer3
10 cartoonist
11 lampoon_artist
10 pavement_artist
10 sketcher
9 etcher
9 expressionist
9 maestro master
9 minimalist2
9 modernist
9 musician2
10 arranger2 adapter transcriber5
11 orchestrator
10 choirmaster precentor cantor
10 composer
11 contrapuntist
11 psalmist
11 songwriter songster ballad_maker
11 symphonist
10 conductor music_director director5
11 bandleader
11 bandmaster
11 drum_major
11 drum_majorette2 majorette2
10 virtuoso2
9 painter
10 abstractionist abstract_artist
11 suprematist
10 colorist
10 cubist
10 dauber
10 distortionist
10 fauvist
10 genre_painter
10 impressionist
10 landscapist
10 miniaturist
10 muralist
10 oil_painter
10 old_master
10 pointillist
10 portraitist portrait_painter portrayer limner
10 realist3
10 scenic_artist scene_painter
10 watercolorist watercolourist
9 photographer lensman
10 cameraman camera_operator cinematographer
10 paparazzo
10 press_photographer
9 printmaker graphic_artist
10 engraver2
10 lithographer
9 pyrographer
9 romanticist2 romantic2
9 sculptor sculpturer carver3 statue_maker
10 sculptress
9 stylist
9 surrealist
9 symbolist
8 builder2
8 choreographer
8 couturier fashion_designer clothes_designer designer5
9 costumier costumer costume_designer
8 craftsman2 crafter
8 developer
8 fantasist
8 farmer husbandman granger sodbuster
9 contadino
9 agriculturist agriculturalist cultivator grower raiser2
10 fruit_grower
10 viticulturist
9 beekeeper apiarist apiculturist
9 dairyman dairy_farmer
9 forester2 tree_farmer arboriculturist
9 planter plantation_owner
9 rancher
10 grazier
9 smallholder
9 small_farmer
10 crofter
9 sower
9 stockman stock_raiser stock_farmer
10 breeder stock_breeder
10 cattleman cow_man beef_man
10 sheepman
9 tenant_farmer
9 tiller2
8 inventor discoverer artificer
9 patentee
8 maker shaper
9 basketweaver basketmaker
9 belt_maker
9 bookmaker
9 brewer beer_maker
9 chandler3
10 candlemaker
10 wax-chandler
9 cobbler shoemaker
10 bootmaker boot_maker
9 confectioner candymaker
9 generator3 source6 author2
10 coiner2
9 glassmaker
9 hatmaker hatter milliner modiste
9 ironworker
10 puddler
9 jewelry_maker jeweler jeweller
10 goldsmith goldworker gold-worker
10 silversmith silverworker silver-worker
9 maltster maltman
9 manufacturer2 producer
10 arms_manufacturer
10 brewer2
10 distiller
10 food_manufacturer
10 sericulturist
9 needleworker
10 edger
10 embroiderer
11 embroideress
10 garmentmaker garment-worker garment_worker
11 cloakmaker furrier
11 dressmaker modiste2 needlewoman seamstress sempstress
11 outfitter
11 stitcher
11 tailor seamster sartor
12 fitter
10 knitter
10 sewer2
11 baster2 tacker2
11 sewing-machine_operator
11 tucker3
9 patternmaker
9 perfumer
9 piano_maker
9 saddler
9 sailmaker
9 shirtmaker
9 spinner spinster2 thread_maker
9 steelmaker steelworker steelman
9 tentmaker
9 toolmaker
9 vintner2 winemaker wine_maker
9 violin_maker
9 watchmaker horologist horologer
9 wigmaker
8 modeler modeller
8 originator conceiver mastermind
9 founder2 beginner2 founding_father2 father7
10 cofounder
10 colonizer coloniser
10 foundress
9 pioneer innovator trailblazer2 groundbreaker
9 proposer2 mover2
10 nominator
9 suggester proposer
8 producer2
9 film_maker filmmaker film_producer movie_maker
10 auteur
10 film_director director4
9 theatrical_producer
7 disputant controversialist eristic
8 contester
8 accuser
8 debater arguer
9 devil's_advocate
9 rebutter disprover refuter confuter
9 wrangler
8 denier3
8 hairsplitter
8 logomach logomachist
8 obstructionist obstructor obstructer resister thwarter
9 naysayer
10 technophobe
9 stonewaller
8 quarreler quarreller
8 reformer reformist crusader social_reformer meliorist
9 abolitionist emancipationist
9 birth-control_campaigner birth-control_reformer
9 civil_rights_leader civil_rights_worker civil_rights_activist
10 freedom_rider
9 demonstrator3 protester2
10 counterdemonstrator
10 picket3
9 dry prohibitionist
9 environmentalist conservationist
10 tree_hugger
9 feminist women's_rightist women's_liberationist libber
9 hippie hippy hipster flower_child
9 militant activist
9 non-resistant passive_resister
9 preservationist
7 engineer applied_scientist technologist
8 aeronautical_engineer
8 aerospace_engineer
8 army_engineer military_engineer
9 sapper
8 automotive_engineer
8 civil_engineer
9 highway_engineer
8 electrical_engineer
8 marine_engineer naval_engineer
8 mechanical_engineer
9 tribologist
8 metallurgist metallurgical_engineer
8 mining_engineer
8 programmer computer_programmer coder software_engineer
9 cracker3
9 hacker2
9 cyber-terrorist cyberpunk
8 rocket_engineer rocket_scientist2
8 surveyor
9 lineman2
9 locator locater
7 entertainer
8 bombshell
8 busker
8 drawing_card draw2 attraction5 attractor attracter
8 humorist humourist
9 parodist lampooner
10 caricaturist
9 punster
9 satirist ironist ridiculer
9 wag wit3 card5
8 master_of_ceremonies emcee host4
9 compere
9 question_master quizmaster
9 ringmaster
9 toastmaster symposiarch
10 toast_mistress
8 performer performing_artist
9 actor histrion player3 thespian role_player2
10 actress
11 leading_lady
11 starlet
11 tragedienne
10 barnstormer playactor play-actor trouper2
10 character_actor
10 comedian2
11 comedienne
10 ham4 ham_actor
10 heavy
10 ingenue
10 leading_man
10 mime mimer mummer pantomimer pantomimist
10 plant3
10 reenactor
10 scene-stealer
10 screen_actor movie_actor
10 star4 principal3 lead8
11 co-star
11 film_star movie_star
11 idol2 matinee_idol
12 heartthrob
11 television_star
10 supernumerary2 spear_carrier extra
10 tragedian2
10 understudy standby2
10 upstager
10 walk-on
9 artiste
9 baton_twirler twirler
10 drum_majorette majorette
9 comedian comic
10 clown2 buffoon2 goof2 goofball2 merry_andrew
11 harlequin
11 jester fool3 motley_fool
11 whiteface2
11 zany
10 comedienne2
10 gagman standup_comedian
10 joker jokester
10 top_banana
9 cowboy2 rodeo_rider
9 dancer professional_dancer terpsichorean
10 ballet_dancer
11 ballerina danseuse
12 prima_ballerina
11 danseur danseur_noble
10 ballet_master
10 ballet_mistress
10 belly_dancer exotic_belly_dancer exotic_dancer2
10 chorus_girl showgirl chorine
10 hoofer stepper
10 kachina
10 nautch_girl
10 tap_dancer tapper5
10 taxi_dancer
9 executant
9 fire-eater3 fire-swallower
9 fire_walker
9 geek
9 headliner star6
9 juggler
9 magician prestidigitator conjurer conjuror illusionist2
10 escapologist escape_expert
10 mind_reader2 telepathist2 thought-reader2
9 minstrel2
10 end_man corner_man
10 interlocutor middleman2
9 monologist
9 musician instrumentalist player2
10 accompanist accompanyist
10 accordionist
10 concertinist
10 bandsman
10 bassist
10 bassoonist
10 bell_ringer2
10 carillonneur
10 cellist violoncellist
10 clarinetist clarinettist
10 flutist flautist flute_player
10 gambist
10 guitarist guitar_player
10 harmonizer harmoniser
10 harpist harper
10 harpsichordist
10 hornist
10 jazz_musician jazzman
11 syncopator
10 keyboardist
10 koto_player
10 lutist lutanist lutenist
10 oboist
10 organist
10 percussionist
11 cymbalist
11 drummer
12 tympanist timpanist
11 xylophonist
10 pianist piano_player
10 piper bagpiper
11 pipe_major
10 recorder_player
10 rhythm_and_blues_musician
10 rocker2 rock_'n'_roll_musician
11 rock_star
10 saxophonist saxist
11 alto_saxophonist altoist
11 tenor_saxophonist tenorist
10 singer vocalist vocalizer2 vocaliser2
11 alto
12 countertenor
11 baritone barytone
11 bass3 basso
11 canary2
11 caroler caroller
11 castrato
11 chorister
12 choirboy
11 contralto
11 crooner balladeer
11 folk_singer jongleur minstrel poet-singer troubadour
11 hummer
11 lieder_singer
11 madrigalist
11 opera_star operatic_star
12 prima_donna2 diva
11 rapper
11 songster2
12 songstress
11 soprano
12 coloratura coloratura_soprano
12 mezzo-soprano mezzo
11 tenor3
11 thrush2
11 torch_singer
11 voice7
11 warbler
11 yodeller
10 sitar_player
10 soloist
11 recitalist
10 trombonist trombone_player
10 trumpeter cornetist
11 bugler
10 vibist vibraphonist
10 violinist fiddler
10 violist
9 puppeteer
9 sightreader
9 snake_charmer
9 straight_man second_banana
9 stripper3 striptease_artist striptease stripteaser exotic_dancer ecdysiast peeler
9 strongman
9 vaudevillian
9 ventriloquist
8 pleaser
7 experimenter2
8 tinker tinkerer2
7 expert
8 ace3 adept champion4 sensation2 maven mavin virtuoso genius3 hotshot star2 superstar whiz whizz wizard wiz
9 track_star
8 agronomist
8 all-rounder all_arounder
8 analyst
9 assayer
9 intelligence_analyst
9 systems_analyst
8 analyst2
9 credit_analyst
9 financial_analyst securities_analyst
9 industry_analyst
10 oil-industry_analyst
9 market_analyst
10 chartist2 technical_analyst
8 anatomist
9 comparative_anatomist
9 histologist
9 osteologist osteologer
8 antiquary antiquarian archaist2
8 arbiter supreme_authority
8 archer bowman
9 longbowman
8 authority3
9 adviser advisor consultant
10 amicus_curiae friend_of_the_court
10 backroom_boy brain_truster
10 beauty_consultant
10 counselor counsellor2
10 county_agent agricultural_agent extension_agent
10 fashion_consultant fashionmonger
10 investment_adviser investment_advisor
10 management_consultant
10 media_consultant media_guru
10 military_adviser military_advisor
10 security_consultant
10 starets
10 tipster tout3
11 racetrack_tout
9 connoisseur cognoscente
10 esthete aesthete
10 wine_lover
9 evaluator judge2
10 appraiser valuator
11 valuer
10 arbiter2 arbitrator umpire2
11 third_party
10 critic2
11 appraiser2 authenticator
11 grader
12 wool_stapler2 woolsorter
11 panelist panellist
12 juror juryman jurywoman
13 foreperson
14 foreman2
14 forewoman forelady
13 petit_juror petty_juror
11 reviewer referee2 reader4
12 scanner
11 taster taste_tester taste-tester sampler2
12 wine_taster
9 high_priest
9 liturgist
9 master9 professional3
10 past_master
8 black_belt
8 cabalist2 kabbalist
8 calculator reckoner figurer estimator computer2
9 adder
9 number_cruncher
9 statistician2 actuary
10 surveyor2
9 subtracter
8 climatologist
8 computer_expert computer_guru
8 cosmetologist
8 efficiency_expert efficiency_engineer
8 exegete
8 genealogist
8 geographer
9 cartographer map_maker
8 horticulturist plantsman
9 gardener nurseryman
10 transplanter
8 investigator2
9 adjuster adjustor claims_adjuster claims_adjustor claim_agent
9 coroner medical_examiner
9 detective2
10 private_detective private_eye private_investigator operative2 shamus sherlock
11 hotel_detective house_detective house_dick
11 inquiry_agent
11 store_detective
10 sleuth sleuthhound
9 examiner2 inspector2
10 bank_examiner
10 checker2
10 scrutinizer scrutiniser
10 scrutineer canvasser2
9 ombudsman
8 jurist legal_expert
9 mufti
10 grand_mufti
8 lapidary lapidarist
8 logician logistician
9 dialectician
9 syllogist syllogizer syllogiser
9 symbolic_logician
8 mnemonist
8 mythologist
8 nerd2
8 observer2 commentator
9 annotator
8 out-and-outer
8 parliamentarian2
8 past_master2
8 prosthetist
8 pteridologist
8 scout4 pathfinder guide5
9 hunting_guide
9 trailblazer
8 shark3
8 shot5 shooter2
9 marksman sharpshooter2 crack_shot
10 deadeye
10 franc-tireur
10 rifleman
10 sniper
9 gunman2 gun3
9 trapshooter
8 specialist specializer specialiser
9 enologist oenologist fermentologist
9 attache
10 cultural_attache
10 military_attache
11 air_attache
11 army_attache
11 naval_attache
9 canonist
9 criminologist
9 crystallographer
9 nutritionist
9 dietician dietitian
9 educationist educationalist
9 fingerprint_expert fingerprint_specialist fingerprint_man
9 graphic_designer designer3
9 graphologist handwriting_expert
9 interior_designer designer
9 interior_decorator house_decorator room_decorator decorator
9 limnologist
9 meteorologist
10 weatherman weather_forecaster
9 optometrist oculist
9 orientalist
9 tree_surgeon arborist
8 talent2
8 technician2
8 technocrat
8 therapist healer
9 naprapath
9 alleviator
9 chiropractor
9 curandera
9 curandero
9 electrotherapist
9 herbalist herb_doctor
9 naturopath
9 osteopath osteopathist
9 physical_therapist physiotherapist
10 massager
11 masseur
11 masseuse
9 psychotherapist clinical_psychologist
9 sangoma
9 speech_therapist
8 veteran3 old-timer oldtimer old_hand warhorse2 old_stager stager2
7 face5
7 female2 female_person
8 female_child girl2 little_girl
9 farm_girl
9 flower_girl2
9 moppet
9 schoolgirl
8 foster-sister foster_sister
8 woman adult_female
9 white_woman
9 amazon virago2
9 maenad2
9 bachelor_girl bachelorette
9 baggage2
9 ball-buster ball-breaker
9 bar_girl
9 bluestocking bas_bleu
9 broad
9 coquette flirt vamp vamper minx tease2 prickteaser
9 dame2 madam ma'am lady2 gentlewoman
10 grande_dame
10 madame
9 debutante deb
9 divorcee grass_widow
9 ex-wife ex2
9 dominatrix
9 donna
9 enchantress temptress siren2 femme_fatale
9 eyeful
9 geisha geisha_girl
9 girl miss missy young_lady young_woman fille
10 belle
10 bimbo
10 chachka tsatske tshatshke tchotchke tchotchkeleh
10 chit
10 colleen
10 dame doll2 wench skirt4 chick2 bird3
10 flapper
10 gal3
10 gamine2
10 lass lassie young_girl jeune_fille
11 bobbysoxer bobby-socker
10 maid2 maiden
11 damsel demoiselle damoiselle damosel damozel
10 mill-girl
10 party_girl
10 peri
10 ring_girl
10 rosebud2
10 sex_kitten sexpot sex_bomb
10 soubrette
10 sweater_girl
10 tomboy romp2 hoyden
10 valley_girl
9 girl5
9 girlfriend2 girl4 lady_friend
9 girlfriend
9 gold_digger2
9 gravida2
10 primigravida
10 secundigravida
10 tertigravida
9 heroine2
9 inamorata
9 jezebel2
9 jilt
9 lady
10 begum
9 maenad
9 matriarch materfamilias
9 matriarch2
9 mestiza
9 mistress kept_woman fancy_woman2
10 concubine courtesan doxy paramour2
11 odalisque
9 mother_figure
9 nanny nursemaid nurse2
10 dry_nurse
10 mammy
10 wet_nurse wet-nurse wetnurse amah
9 nullipara
9 nymph3 houri
9 nymphet
9 prostitute cocotte whore harlot bawd tart cyprian fancy_woman working_girl2 sporting_lady lady_of_pleasure woman_of_the_street
10 call_girl
10 camp_follower
10 comfort_woman ianfu
10 demimondaine
10 streetwalker street_girl hooker3 hustler floozy floozie slattern
10 white_slave
9 shiksa shikse
9 smasher2 stunner knockout beauty2 ravisher2 sweetheart3 peach2 lulu looker2 mantrap dish4
9 sylph
9 unmarried_woman
10 signorina
10 spinster old_maid
9 vestal
9 widow widow_woman
10 dowager
10 war_widow
9 wife married_woman
10 battle-ax2 battle-axe
10 crown_princess
10 first_lady2
10 golf_widow
10 honest_woman
10 housewife homemaker lady_of_the_house woman_of_the_house
10 marchioness
10 matron
10 mayoress
10 missus missis
10 old_lady
10 sheika sheikha
10 signora
10 trophy_wife
10 uxor
10 vicereine
10 viscountess
9 wonder_woman
8 woman2
7 gypsy3 gipsy3
7 individualist
8 dropout2
8 loner lone_wolf lone_hand
9 hermit2 recluse solitary2 solitudinarian troglodyte
8 mugwump2 independent fencesitter
8 night_owl nighthawk nightbird
8 nudist naturist
8 withdrawer2
7 inhabitant habitant dweller denizen indweller2
8 coolie cooly
8 sahib
9 memsahib
8 chink
8 limey
8 pommy pom
8 frog2
8 sabra
8 wop dago ginzo greaseball
8 spic spik spick
8 greaser wetback taco
8 bluenose
8 polack
8 effendi
8 berserker berserk
8 borderer
8 brahman2 brahmin2
9 smarta
8 burgess2 burgher
8 cottager cottage_dweller
8 criollo
8 easterner
8 gitana
8 gitano
8 hajji
8 islander island-dweller
8 jawan
8 landlubber landsman landman
8 liver4
8 mafioso
8 mandarin4
8 marcher
8 palatine
8 patrial
8 peshmerga
8 plainsman
8 resident occupant occupier
9 coaster
9 colonial
9 dalesman
9 housemate
9 inmate
9 metropolitan2
9 outlier
9 owner-occupier
9 sojourner
9 stater2
9 suburbanite
9 tenant3
9 townsman2 towner
10 townee
10 townie towny
8 tellurian earthling earthman worldling2
8 transmigrante
8 villager
8 westerner
7 native indigen indigene aborigine aboriginal
7 native2
7 innocent inexperienced_person
8 boy_scout2
8 lamb4 dear2
8 naif
8 virgin
7 intellectual intellect3
8 anomalist
8 exponent2
8 alchemist
8 aphorist
8 bel_esprit
8 clever_clogs
8 decoder decipherer
9 cryptanalyst cryptographer cryptologist
8 egghead
8 expositor expounder
8 genius mastermind2 brain4 brainiac
9 prodigy
10 boy_wonder
10 child_prodigy infant_prodigy wonder_child
10 girl_wonder
8 highbrow
8 mentor wise_man
9 sage
10 mahatma
8 scholar scholarly_person bookman student2
9 academician2 schoolman2
9 alumnus alumna alum3 graduate grad2
10 old_boy3
9 bibliographer
9 bibliophile booklover book_lover
9 doctor4
9 goliard
9 historian historiographer
10 annalist
10 art_historian
10 chronicler
9 humanist
10 classicist2 classical_scholar
10 man_of_letters
10 philologist philologue
9 initiate2 learned_person pundit savant
10 polymath
9 licentiate
9 master8
9 mujtihad
9 musicologist
9 pedant bookworm scholastic
10 purist
9 philomath
9 philosopher
10 nativist
10 eclectic eclecticist
10 empiricist
10 epistemologist
10 esthetician2 aesthetician2
10 ethicist ethician
10 existentialist existentialist_philosopher existential_philosopher
10 gymnosophist
10 libertarian2
10 mechanist
10 moralist
11 egalitarian equalitarian
11 elitist
12 mandarin2
11 utilitarian
10 naturalist
10 necessitarian
11 fatalist determinist predestinarian predestinationist
10 nominalist
10 pluralist2
10 realist
11 pragmatist
10 transcendentalist
10 yogi2
9 postdoc2 post_doc2
9 reader
10 bookworm2
9 generalist
9 salutatorian salutatory_speaker
9 scholiast
10 glossarist
9 theologian theologist theologizer theologiser
10 eschatologist
10 futurist
10 presentist
10 preterist
9 valedictorian valedictory_speaker
8 skeptic sceptic doubter
9 pessimist
10 defeatist negativist2
8 specifier
8 subjectivist
8 synthesist synthesizer synthesiser
8 theorist theoretician theorizer theoriser idealogue
8 thinker creative_thinker mind4
8 thinker2
9 brainworker brain-worker
9 classifier
9 divergent_thinker
9 excogitator
9 muser muller7 ponderer ruminator
9 organizer organiser2 arranger
10 coordinator co-ordinator
10 orderer2 systematizer systematiser systemizer systemiser systematist2
9 philosophizer philosophiser
9 problem_solver solver convergent_thinker
9 reasoner ratiocinator
10 analogist
10 casuist sophist2
9 rocket_scientist
9 speculator
8 visionary2 illusionist seer
9 anticipator anticipant
9 diviner
10 geomancer
10 hydromancer
10 lithomancer
10 necromancer2
10 oneiromancer
10 onomancer
10 prophet prophesier oracle seer3 vaticinator
11 augur auspex
11 prophetess
11 sibyl2
10 pyromancer
10 water_witch dowser rhabdomancer
9 fantast futurist2
9 forecaster predictor prognosticator soothsayer
10 astrologer astrologist
10 fortuneteller fortune_teller
11 palmist palmister chiromancer
11 sibyl
8 wonderer
7 juvenile juvenile_person
8 preteen preteenager
8 adolescent stripling teenager teen
9 chebab
9 mod
9 pachuco
9 punk_rocker punk4
9 rocker3
9 young_buck young_man
8 child kid youngster minor shaver2 nipper small_fry2 tiddler tike2 tyke3 fry3 nestling2
9 bairn
9 buster2
9 changeling2
9 foster-child foster_child fosterling
10 foster-daughter foster_daughter
10 foster-son foster_son
9 imp2 scamp monkey2 rascal2 rapscallion2 scalawag3 scallywag3
10 terror3 brat little_terror holy_terror
9 kiddy kiddie
9 orphan
9 peanut3
9 poster_child
10 poster_boy
10 poster_girl
9 preschooler kindergartner kindergartener
9 silly
9 sprog2
9 toddler yearling tot2 bambino
9 urchin
10 ragamuffin tatterdemalion
10 street_urchin guttersnipe
11 gamine
11 street_arab gamin throwaway
9 waif street_child
8 ingenue2
8 young_person youth younker spring_chicken
9 blade2
9 hobbledehoy
9 puppy2 pup2
9 schoolchild school-age_child pupil3
10 boarder3
10 day_boarder
11 dayboy
11 daygirl
10 latchkey_child
9 slip5
7 lover
8 admirer3 adorer
9 fancier enthusiast2
10 animal_fancier
11 cat_fancier
11 horseman2 horse_fancier
10 bird_fancier
10 maniac2
10 technophile
9 suitor suer wooer
10 prince_charming
9 worshiper worshipper2
10 hero_worshiper hero_worshipper
8 beloved dear dearest honey2 love3
8 betrothed
9 fiance groom-to-be
9 fiancee bride-to-be
8 darling favorite2 favourite2 pet2 dearie deary ducky
9 chosen
9 macushla
9 mollycoddle
9 teacher's_pet
8 idolizer idoliser
8 kisser osculator
8 necker
8 petter fondler
8 soul_mate
8 squeeze4
8 sweetheart sweetie steady truelove
9 ladylove dulcinea
9 sugar_daddy
9 valentine
7 loved_one
7 leader
8 spiritual_leader
9 cantor2 hazan
9 clergyman reverend man_of_the_cloth
10 acolyte
11 thurifer
10 anagnost
10 archdeacon
10 chaplain
11 prison_chaplain
11 hospital_chaplain
11 military_chaplain padre sky_pilot
10 cleric churchman divine2 ecclesiastic
11 ordainer
11 pardoner2
12 absolver
11 pluralist
10 curate minister_of_religion minister parson pastor rector
11 ministrant
10 deacon2
10 dominus dominie domine dominee
10 doorkeeper2 ostiary ostiarius
10 lector reader6
10 officiant
10 ordinand
10 ordinary3
10 postulator
10 preacher preacher_man sermonizer sermoniser
11 evangelist revivalist gospeler gospeller
12 televangelist
10 priest
11 archpriest hierarch2 high_priest2 prelate primate
11 bishop
12 archbishop
13 metropolitan
12 cardinal
13 dean4
12 diocesan
12 eparch
12 exarch2
12 exarch
12 primus
12 suffragan suffragan_bishop
12 vicar_apostolic
11 canon2
12 prebendary
11 celebrant2
11 confessor
11 domestic_prelate
11 pontifex
11 priestess
11 vicar
10 shepherd
10 subdeacon
10 vicar3
10 vicar2
9 patriarch
9 pope pontiff
10 antipope
9 priest2
10 flamen
10 hoodoo2
10 lama
10 magus2
10 shaman priest-doctor
11 medicine_man
12 rainmaker2
10 votary2
11 vestal_virgin
11 bacchant3
11 bacchante
9 rabbi
10 amora
8 aristocrat blue_blood patrician2
9 baronet
9 brahman brahmin
9 female_aristocrat
10 czarina tsarina tzarina czaritza tsaritsa
10 noblewoman peeress
11 baroness
11 countess
11 duchess
12 grand_duchess
11 lady-in-waiting
11 marchioness2 marquise
10 queen2 queen_regnant female_monarch
10 queen3
11 queen_consort
11 queen_dowager
12 queen_mother
11 queen_regent
9 male_aristocrat
10 cavalier chevalier2
10 knight
11 carpet_knight
11 knight_bachelor bachelor-at-arms bachelor2
11 knight_banneret knight_of_the_square_flag banneret
11 knight-errant
10 noble nobleman
11 armiger2
11 baron
11 burgrave
11 count3
12 count_palatine
12 landgrave
11 duke2
11 grandee
11 margrave2
11 marquis2 marquess
11 mesne_lord
11 milord
11 palatine2 palsgrave
11 peer2
12 baron2
12 duke
12 earl
12 life_peer
12 marquess2
12 peer_of_the_realm
12 viscount2
12 viscountess2
11 sire
11 thane
11 viscount
9 prince
10 archduke
10 crown_prince
10 dauphin
10 grand_duke
10 maharaja maharajah
10 prince_consort
10 princeling2
10 princeling
9 princess
10 archduchess
10 crown_princess2
10 maharani maharanee
10 princess_royal
9 raja rajah
9 rani ranee
8 bellwether
8 caller6
9 convener
8 captain5 chieftain
8 cheerleader2
8 choragus
8 civic_leader civil_leader
8 commander2
8 demigod superman
8 duce
8 employer
9 boss2 hirer
10 guvnor
10 old_man5
9 master4
10 postmaster
11 postmistress
10 spymaster
10 stationmaster station_agent
9 mistress3
10 chatelaine
9 padrone2
9 slave_driver
8 father5
8 boss3
9 drug_baron drug_lord
8 fugleman
8 galvanizer2 galvaniser2 inspirer
8 guide2
9 cicerone
9 tour_guide
8 guru3
8 head4 chief top_dog
9 administrator3 executive3
10 commissioner
11 bank_commissioner
11 housing_commissioner
11 park_commissioner
11 police_commissioner
10 prefect
10 triumvir
9 administrator decision_maker
10 academic_administrator
11 dean
11 president5 prexy
11 provost
11 registrar2
10 director manager managing_director
11 bank_manager
11 district_manager
11 manageress
10 executive executive_director
11 corporate_executive business_executive
12 chairman_of_the_board
12 chief_executive_officer chief_operating_officer
12 chief_financial_officer
12 insider
12 president
11 minister2 government_minister
12 cabinet_minister
12 finance_minister minister_of_finance
12 foreign_minister secretary_of_state2
11 rainmaker
11 vice_president
12 executive_vice_president
12 senior_vice_president
10 hotelier hotelkeeper hotel_manager hotelman hosteller
10 land_agent2
10 security_director
10 vice_chancellor
9 capo
9 department_head
9 don3 father8
9 general2 superior_general
9 general_manager
9 grand_dragon
9 head_of_household
9 secretary
10 undersecretary
8 headman2 tribal_chief chieftain2 chief3
9 pendragon
9 sachem2 sagamore
8 imam imaum
8 instigator2 initiator
9 aggressor2
8 labor_leader
8 lawgiver lawmaker
9 legislator
10 backbencher
10 congressman congresswoman representative3
11 rep
10 crossbencher
10 deputy3
10 filibuster filibusterer
10 floor_leader
10 frontbencher
10 majority_leader
10 minority_leader
10 senator
11 state_senator
10 whip2 party_whip
9 promulgator
8 malik
8 military_leader
9 warlord
8 misleader
8 model6 role_model
9 ideal2 paragon2 nonpareil saint3 apotheosis nonesuch nonsuch
10 jimdandy jimhickey crackerjack
10 class_act
10 humdinger
9 trend-setter taste-maker fashion_arbiter
8 hero
8 pied_piper
8 point_man
8 point_woman
8 politician2 politico pol political_leader
9 campaigner candidate nominee
10 dark_horse
10 favorite_son
10 running_mate
10 spoiler
10 stalking-horse
10 write-in_candidate write-in
9 demagogue demagog rabble-rouser
9 machine_politician ward-heeler political_hack hack2
9 noncandidate
9 party_boss political_boss boss4
9 party_man party_liner
9 sachem
9 socialist
10 communist2 commie
11 apparatchik2
11 revisionist
10 internationalist2
10 collectivist leftist left-winger
11 pinko pink3
9 standard-bearer
9 statesman solon national_leader
10 elder_statesman2
10 stateswoman
9 technocrat2
8 politician
9 governor
10 bey2
10 eparch2
10 governor_general
10 military_governor
11 burgrave2
11 margrave
10 nawab nabob
10 proconsul2
10 satrap
10 viceroy vicereine2
11 exarch3
8 presiding_officer
9 moderator3
9 moderator2
9 president4 chairman chairwoman chair3 chairperson
10 vice_chairman
8 scoutmaster
8 spearhead
8 strike_leader
8 superior higher-up superordinate
9 better3
9 god3
9 supervisor
10 bell_captain
10 counselor2 counsellor
10 den_mother
10 director3 theater_director theatre_director
11 stage_director
12 art_director
10 foreman chief2 gaffer3 honcho boss
11 baas
11 ganger
11 straw_boss assistant_foreman
10 forewoman2
10 overseer superintendent
11 ramrod2
11 school_superintendent
10 oyabun
10 proctor monitor
11 invigilator
10 research_director director_of_research
10 stage_manager stager
10 system_administrator
10 taskmaster
11 slave_driver2
11 taskmistress
10 trail_boss
8 torchbearer
8 trainer
9 coach manager2 handler3
10 baseball_coach baseball_manager
11 batting_coach
11 pitching_coach
10 basketball_coach
10 conditioner2
10 football_coach
11 line_coach
10 hockey_coach
10 tennis_coach
9 animal_trainer handler
10 tamer
7 male2 male_person
8 chap fellow feller2 fella lad gent2 blighter2 cuss2 bloke
9 dog3
8 foster-brother foster_brother
8 macho
8 male_child boy
9 altar_boy
9 ball_boy
9 bat_boy
9 cub2 lad2 laddie sonny sonny_boy
9 catamite
9 farm_boy
9 plowboy ploughboy
9 rover2 scouter
9 schoolboy
8 man adult_male
9 white_man
10 good_old_boy good_ole_boy good_ol'_boy
10 squaw_man
9 babu baboo
9 bachelor unmarried_man
9 bey
9 boy2
10 broth_of_a_boy broth_of_a_man
10 one_of_the_boys
9 boyfriend fellow7 beau swain
9 ex-boyfriend
9 bull2 bruiser strapper
9 dandy dude2 fop gallant sheik2 beau2 swell4 fashion_plate clotheshorse2
10 coxcomb cockscomb2
10 macaroni
9 ejaculator
9 eunuch castrate
9 father_figure father_surrogate
9 father-figure
9 fellow6 dude buster
9 galoot
9 geezer
9 gentleman
10 gent
10 gentleman-at-arms
9 grass_widower divorced_man
9 guy cat2 hombre bozo2 sod4
9 housefather
9 hunk
9 ex-husband ex
9 inamorato
9 iron_man ironman
9 ironside
9 adonis
9 middle-aged_man
10 dirty_old_man
9 old_boy old_man2
9 patriarch2 paterfamilias
9 ponce
9 posseman
9 shaver
9 signor signior
9 signore
9 sir
9 stiff
9 stud he-man macho-man
9 widower widowman
9 wonder_boy golden_boy
8 man8
8 man6
8 mother's_son
8 sirrah
7 money_handler money_dealer
8 banker2
8 drawer2
8 exchanger money_changer
8 payer remunerator
9 drawee
10 acceptor2
9 paymaster
9 taxpayer
10 ratepayer
9 tenant renter
10 leaseholder lessee
10 lodger boarder roomer
9 tither
8 redeemer2
8 treasurer financial_officer
9 bursar
9 chamberlain2
9 state_treasurer
7 national subject7
8 citizen
9 active_citizen
9 civilian
9 freeman freewoman
10 freedman freedwoman
9 private_citizen
9 repatriate
9 thane2
9 voter elector
10 constituent2
10 crossover_voter crossover2
10 floater5
10 swing_voter floating_voter
8 compatriot
9 countryman
9 countrywoman2
8 patriot nationalist
9 chauvinist2 jingoist jingo flag-waver hundred-percenter patrioteer
7 nonreligious_person
8 blasphemer
9 swearer
8 deist
8 freethinker
8 nonbeliever
9 atheist
9 irreligionist
9 materialist2
8 heathen pagan gentile infidel
9 paynim
9 idolater idolizer2 idoliser2 idol_worshiper
10 idolatress
8 nihilist
8 positivist rationalist
9 logical_positivist
7 nonworker
8 deadhead
8 idler loafer do-nothing layabout bum3
9 clock_watcher
9 couch_potato
9 dallier dillydallier dilly-dallier mope lounger
9 dawdler drone3 laggard lagger trailer poke2
10 loiterer lingerer
10 plodder3 slowpoke stick-in-the-mud slowcoach
10 putterer potterer
10 straggler strayer
9 daydreamer woolgatherer
10 lotus-eater stargazer
10 escapist dreamer3 wishful_thinker
9 goldbrick2 goof-off ne'er-do-well good-for-nothing no-account good-for-naught
9 lazybones
9 lie-abed slugabed
9 loon
9 slacker shirker
10 malingerer skulker shammer
10 scrimshanker
9 sluggard slug4
9 spiv
9 sunbather
9 trifler
9 whittler
8 retiree retired_person
9 emeritus
8 striker3
8 unemployed_person
9 hunger_marcher
8 vacationer vacationist
9 camper
9 sport3 summercater
9 summercaters
9 weekender
7 peer equal match7 compeer
8 associate
9 adjunct2
9 affiliate
9 ally2 friend2
10 blood_brother2
9 bedfellow
9 collaborator3 cooperator partner2 pardner
9 colleague2 confrere fellow3
9 colleague co-worker fellow_worker workfellow
9 member fellow_member
10 brother2
10 cabalist
10 charter_member
10 commissioner2
10 committee_member
11 committeeman
11 committeewoman
11 director2
11 regent trustee2
10 council_member councillor
11 councilman
11 councilwoman
10 fellow5
10 homeboy
10 homegirl
10 huddler
10 inductee
10 joiner
10 kibbutznik
10 kolkhoznik
10 board_member
10 clansman clanswoman clan_member
10 club_member
10 pledge2
10 sister3
10 sodalist
10 tribesman
9 participant player5
10 attendant2 attender3 attendee meeter
11 conventioneer
11 partygoer
11 symposiast
10 discussant
11 adducer
10 bride3
10 groom bridegroom2
10 masquerader masker masquer
10 partaker sharer
11 pooler
10 retreatant
9 shipmate
9 teammate mate2
8 contemporary coeval
8 gangsta
8 stand-in substitute3 relief4 reliever backup2 backup_man fill-in
9 locum_tenens locum
9 double2 stunt_man stunt_woman
9 surrogate alternate replacement2
8 successor replacement6
8 townsman
7 perceiver percipient observer beholder
8 eyeglass_wearer
8 finder2 discoverer2 spotter4
9 co-discoverer
8 hearer listener auditor attender
8 audile
8 motile
8 noticer
8 seer2
8 spectator witness2 viewer watcher looker
9 browser
9 bystander
9 cheerer
9 eyewitness
9 gawker
9 moviegoer motion-picture_fan
9 ogler
9 onlooker looker-on
9 playgoer theatergoer theatregoer
10 first-nighter
10 groundling
9 rubberneck2 rubbernecker
9 spy2
10 snoop snooper
11 eavesdropper
12 tapper4 wiretapper phone_tapper
9 starer
9 voyeur peeper
8 visualizer visualiser
8 witness witnesser informant2
9 attester attestant2
9 testifier deponent deposer
7 percher
7 precursor2 forerunner
8 predecessor
9 forefather2
7 primitive primitive_person
8 autochthon
8 caveman cave_man cave_dweller troglodyte2
8 missing_link ape-man
8 savage barbarian
9 cannibal man-eater anthropophagus anthropophagite
9 headhunter2 head-shrinker2
9 hunter-gatherer
8 wild_man feral_man
9 ape-man2
9 wolf_boy
7 religious_person
8 religionist
8 gentile4
8 gentile3 goy
9 shegetz
8 papist
8 swami
8 chela
8 abstainer ascetic
9 puritan2
9 stylite
8 agnostic2
8 anointer
8 arianist
8 assassin2
8 believer2 worshiper2 worshipper
9 theist
10 polytheist
9 devil_worshiper
10 diabolist
9 monotheist
9 mystic religious_mystic
10 quietist
9 numerologist
9 pantheist
9 pilgrim3
10 hajji2 hadji haji
9 sun_worshiper
9 theosophist
8 celibate
8 churchgoer church_member
9 congregant
9 parishioner
8 communicant
8 chapelgoer
8 coreligionist
8 fundamentalist2
8 hakim2 hakeem
8 hakim
8 missionary2 missioner
8 mujahid
8 oblate
8 niqaabi
8 novitiate2 novice
8 pagan2
9 witch3
8 penitent
9 flagellant2
8 prayer5 supplicant
9 beadsman bedesman
8 prophet2
8 religious
9 friar mendicant
10 friar_preacher
9 monk monastic
9 nun
9 eremite
10 anchorite hermit
9 cenobite coenobite
9 superior2
10 abbess mother_superior prioress
11 mother4
10 abbot archimandrite
11 abbe
10 prior
9 votary
8 religious_leader
9 ayatollah
9 guru
8 sacrificer
8 sadhu saddhu
8 tritheist
8 ultramontane
7 sensualist
8 bisexual bisexual_person
9 hermaphrodite intersex gynandromorph androgyne epicene epicene_person
9 pseudohermaphrodite
9 switch-hitter2
8 cocksucker
8 epicure gourmet gastronome bon_vivant epicurean foodie
8 erotic
8 hedonist pagan3 pleasure_seeker
9 playboy man-about-town
8 voluptuary sybarite
8 wanton
9 light-o'-love light-of-love
7 traveler traveller
8 absentee
9 defaulter
9 exile expatriate expat
10 refugee
11 displaced_person stateless_person
10 remittance_man
9 truant hooky_player
8 air_traveler air_traveller
8 arrival3 arriver comer2
9 early_bird
9 latecomer
9 newcomer2
10 malahini
8 astronaut spaceman cosmonaut
9 spacewalker
8 business_traveler
8 carrier bearer toter
8 companion2 fellow_traveler2 fellow_traveller2
8 entrant3
9 intruder interloper trespasser
10 boarder2
10 gatecrasher crasher unwelcome_guest
10 infiltrator2
10 invader encroacher
10 penetrator
10 prowler sneak2 stalker3
10 pusher thruster
10 squatter2
10 stranger alien2 unknown2
11 foreigner2 outsider
12 transalpine
8 flier flyer2
8 follower2
9 pursuer chaser
10 bounty_hunter
9 shadow9
9 tail5 shadow8 shadower
8 foreigner alien noncitizen outlander
9 au_pair
10 au_pair_girl
9 exile2 deportee
9 gringo
9 import2 importee
9 metic
8 hosteller2
8 messenger courier
9 conveyer conveyor
9 dispatch_rider
9 herald trumpeter2
9 bearer2
9 messenger_boy errand_boy
10 page4 pageboy
9 process-server
9 runner3
8 migrant migrator
9 departer leaver goer
9 emigrant emigre emigree outgoer
9 evacuee
9 immigrant
9 rusher2
9 settler colonist
10 pioneer2
11 bushman2
11 frontiersman backwoodsman mountain_man
11 frontierswoman
10 sourdough2
10 squatter homesteader nester
8 motorcyclist
8 mover3
9 advancer
9 ascender
10 mounter2 climber3
9 coaster2
9 descender
10 abseiler rappeller
9 hitter2 striker4
10 slapper spanker
10 walloper
9 lunger
9 puller
10 wrester
10 yanker jerker
9 pusher3 shover
10 nudger
9 scrambler
9 transferer transferrer
10 transferor
9 traverser
8 musher
8 passenger rider4
9 commuter2
10 straphanger
9 fare3
9 hitchhiker
9 stowaway
9 straphanger2
8 pedestrian walker3 footer2
9 hiker tramp3 tramper2
10 backpacker packer3
9 hobbler limper
9 jaywalker
9 marcher2 parader
10 pivot pivot_man
10 wheeler3
9 nondriver
9 passerby passer-by passer
9 peripatetic
9 rambler
9 saunterer stroller ambler
9 shuffler2
9 staggerer totterer reeler
9 stalker
9 stamper2 stomper tramper trampler2
9 strider
9 stumbler tripper2
9 swaggerer
9 trudger plodder slogger
9 waddler
9 wayfarer
8 raftsman raftman rafter2
8 rider
9 hang_glider
9 horseman equestrian horseback_rider
10 buster3 bronco_buster broncobuster
10 fox_hunter
10 horsewoman
10 jockey
10 postilion postillion
10 roughrider
9 pedaler pedaller
10 cyclist bicyclist bicycler wheeler4 biker
10 unicyclist
8 rider3
8 runner2
9 jogger
8 scourer2
8 swimmer2 natator bather
9 floater6
9 skin-diver aquanaut
9 surfer surfboarder
8 tourist tourer holidaymaker
9 sightseer excursionist tripper3 rubberneck
8 transient
8 trekker
8 visitor visitant
9 boulevardier
9 caller company5
9 guest invitee
10 guest_of_honor
10 house_guest houseguest
10 wedding_guest
9 visiting_fireman
8 voyager
8 wanderer roamer rover bird_of_passage
9 nomad
9 vagrant drifter floater3 vagabond2 clochard
10 beachcomber
10 sundowner
10 tramp hobo bum2
11 dosser street_person
8 wayfarer2 journeyer
9 pilgrim
7 unfortunate unfortunate_person
8 abandoned_person
9 castaway2 shipwreck_survivor
8 amputee
8 choker2
8 desperate
9 goner toast3
8 homeless homeless_person
9 bag_lady
8 jonah2 jinx
8 languisher
8 failure4 loser2 nonstarter unsuccessful_person
9 bankrupt insolvent
9 flash_in_the_pan
9 flop2 dud washout3
9 underdog
8 maroon
8 mourner griever sorrower lamenter
9 pallbearer bearer3
9 wailer
9 weeper2
8 nympholept
8 outcast castaway pariah
9 heretic misbeliever religious_outcast
9 leper2
9 untouchable
8 poor_person have-not
9 down-and-out
9 pauper
10 beggar mendicant2
11 beggarman
11 beggarwoman
11 moocher mooch cadger scrounger
12 schnorrer shnorrer
11 panhandler
11 sannyasi sannyasin sanyasi
10 derelict
10 starveling
8 prisoner captive
9 convict con2 inmate3 yard_bird2 yardbird2
10 lifer
10 trusty
9 detainee political_detainee
9 hostage surety3
9 internee
9 political_prisoner
9 prisoner_of_war
8 schlimazel shlimazel
8 sick_person diseased_person sufferer
9 anorexic anorectic
9 bulimic
9 consumptive lunger2 tubercular
9 convalescent
9 depressive
10 melancholic melancholiac
9 diabetic
9 dyspeptic
9 epileptic
9 hemophiliac haemophiliac bleeder hemophile haemophile
9 incurable
9 insomniac sleepless_person
9 invalid shut-in
9 leper lazar
9 lunatic madman maniac
10 crazy loony looney nutcase weirdo2
10 bedlamite
10 pyromaniac
10 madwoman
9 manic-depressive
9 monomaniac
9 narcoleptic
9 neurasthenic
9 neurotic psychoneurotic mental_case
10 claustrophobe
10 hysteric
10 obsessive
10 obsessive-compulsive
10 sociopath psychopath
9 psychotic psychotic_person psycho
10 cataleptic
10 paranoid paranoiac
10 schizophrenic
9 rheumatic
9 syphilitic
9 valetudinarian
9 vomiter spewer
8 survivor subsister
8 victim
9 casualty2 injured_party
9 casualty
9 hunted_person
10 pursued chased
9 martyr sufferer2
10 shaheed
9 martyr2
9 muggee
9 murderee
9 poor_devil wretch2
9 prey quarry target2 fair_game
9 punching_bag
9 scapegoat whipping_boy
8 weeper crier
9 bawler2
9 blubberer
7 unwelcome_person persona_non_grata2
8 unpleasant_person disagreeable_person
9 aggravator annoyance3
9 alienator
9 anathema bete_noire
9 asshole bastard cocksucker2 dickhead shit5 mother_fucker motherfucker prick whoreson2 son_of_a_bitch
9 bore dullard2
10 gasbag windbag
10 nudnik nudnick
10 platitudinarian
10 stuffed_shirt
9 cold_fish
9 creep weirdo weirdie weirdy spook
9 critic3
10 carper niggler
10 nitpicker
10 roaster
9 cunt bitch2
9 cynic faultfinder
10 detractor disparager depreciator knocker3
11 defamer maligner slanderer vilifier libeler backbiter traducer
11 hatemonger
11 muckraker mudslinger
9 egotist egoist swellhead
10 bragger braggart boaster blowhard line-shooter vaunter
10 egomaniac
10 exhibitionist2 show-off
11 grandstander
11 hotdog hot_dog
11 poseur poser
12 poseuse
10 know-it-all know-all
10 megalomaniac
10 miles_gloriosus
10 popinjay
9 grabber
9 grouch grump crank churl3 crosspatch
10 crab2 crabby_person
10 fire-eater2 hothead
10 misanthrope misanthropist
11 misogynist woman_hater
9 incubus3
9 joker2 turkey3
9 monster4 fiend devil5 demon2 ogre
10 demoniac
9 oppressor
10 authoritarian dictator3
11 martinet disciplinarian moralist2
12 stickler
10 meanie meany2 unkind_person
10 switcher whipper
10 tormentor tormenter persecutor
11 harasser
11 pest3 blighter cuss pesterer gadfly
11 tantalizer tantaliser
11 witch-hunter
10 torturer
11 flogger scourger
9 pain4 pain_in_the_neck nuisance2
9 pawer
9 peasant3 barbarian2 boor churl tyke2 tike
9 pharisee
9 pill3
9 prima_donna
9 prude puritan3
9 rotter dirty_dog rat3 skunk stinker stinkpot bum puke crumb2 lowlife scum_bag so-and-so git
9 scoffer2 flouter mocker jeerer
9 scold scolder nag nagger common_scold
10 harridan
9 selfish_person
10 dog_in_the_manger
10 egocentric egoist2
10 exploiter user2
10 hog pig3
10 monopolist monopolizer monopoliser
10 narcissist narcist
10 opportunist self-seeker
11 backscratcher
11 bottom_feeder
11 carpetbagger
11 hustler2 wheeler_dealer operator4
12 wire-puller
11 timeserver
9 sneak
9 sneerer scorner
9 snob prig snot snoot
9 snorter
9 unpleasant_woman disagreeable_woman
10 bag7 old_bag
10 cow3
10 dragon2 tartar2
10 frump dog2
10 she-devil
10 shrew termagant
11 virago
11 yenta
10 vixen harpy hellcat
9 upstart2 parvenu nouveau-riche arriviste
10 social_climber climber2
11 lion-hunter
10 junior
9 upstart
10 wise_guy smart_aleck wiseacre wisenheimer weisenheimer
9 vulgarian
10 ribald
10 slob sloven pig2 slovenly_person
11 litterer litterbug litter_lout
11 slattern2 slut slovenly_woman trollop
9 whiner complainer moaner sniveller crybaby2 bellyacher grumbler squawker
10 kvetch
9 worm2 louse2 insect2 dirt_ball
8 ingrate thankless_wretch ungrateful_person
8 meddler
9 backseat_driver
9 busybody nosy-parker nosey-parker quidnunc
9 buttinsky
9 kibitzer
8 disreputable_person
8 sourpuss picklepuss pouter
8 spoilsport killjoy wet_blanket party_pooper
9 worrier fuss-budget fusspot worrywart
8 tease teaser2 annoyer vexer
8 troublemaker trouble_maker troubler mischief-maker bad_hat
9 agitator fomenter
9 disturber
9 heckler badgerer
9 hellion heller4 devil4
9 hellhound
9 instigator provoker inciter instigant firebrand2
10 ringleader
9 loudmouth blusterer
9 prankster cut-up trickster tricker hoaxer practical_joker
9 rioter
8 undesirable
8 villain scoundrel
9 cad bounder blackguard dog4 hound2 heel3
10 perisher
9 gallows_bird
9 rogue knave rascal rapscallion scalawag2 scallywag2 varlet
9 villainess
7 unskilled_person
8 bootblack shoeblack
8 grunt2
8 hack drudge hacker3
9 plodder2 slogger2
8 ignoramus know_nothing uneducated_person
9 aliterate aliterate_person
9 illiterate illiterate_person nonreader2
10 analphabet analphabetic
10 functional_illiterate
8 incompetent incompetent_person
9 bungler blunderer fumbler bumbler stumbler2 sad_sack botcher butcher4 fuckup
9 slouch
8 novice2 beginner tyro tiro initiate
9 abecedarian
9 apprentice learner2 prentice
10 printer's_devil
9 cub greenhorn rookie
9 landlubber2 lubber2 landsman2
9 newcomer fledgling fledgeling starter4 neophyte2 freshman2 newbie entrant2
10 recruit2 enlistee
9 tenderfoot
9 trainee
10 cadet plebe
11 midshipman
8 ragpicker
8 tinkerer fiddler3
7 worker
8 caster
8 finisher4
8 assistant helper help2 supporter3
9 coadjutor
9 accomplice confederate3
9 aide2 auxiliary
10 nursing_aide nurse's_aide
9 attendant attender2 tender2
10 companion3
10 baggageman
10 batman
10 bellboy bellman bellhop
10 bridesmaid maid_of_honor
10 caddie golf_caddie
10 checker
11 check_girl hatcheck_girl
10 courtier
10 cupbearer
10 equerry2
10 escort3
11 color_guard
11 honor_guard guard_of_honor
11 minder
11 usher3 guide
12 usherette
10 esquire
10 famulus
10 gillie
10 groomsman
11 best_man
10 lifeguard lifesaver
10 linkboy linkman
10 loader2
10 matron_of_honor
10 orderly2 hospital_attendant
10 orderly
10 page6 varlet2
10 page5
10 racker
10 rocker
10 second7
10 servitor
10 squire
11 armiger armor-bearer
10 squire3 gallant2
10 steward3 flight_attendant
11 stewardess air_hostess hostess3
10 stretcher-bearer litter-bearer
10 trainbearer
10 waker rouser arouser
9 dental_assistant
9 deputy2 lieutenant3
10 second-in-command
10 vicar-general
10 vice-regent
9 dresser3 actor's_assistant
9 event_planner
9 facilitator
9 hatchet_man2 enforcer
9 instrument3 pawn2 cat's-paw
9 labor_coach birthing_coach doula monitrice
9 underboss
9 mannequin manikin2 mannikin2 manakin fashion_model model8
10 supermodel
9 model3 poser2
10 artist's_model sitter4
10 dressmaker's_model
10 photographer's_model
11 cover_girl pin-up lovely
9 paraprofessional
10 paralegal legal_assistant
10 paramedic paramedical
9 powder_monkey
9 prompter theater_prompter
9 right-hand_man chief_assistant
9 secretary2 secretarial_assistant
10 executive_secretary
10 receptionist
10 social_secretary
10 stenographer amanuensis shorthand_typist
9 sidesman
9 subordinate subsidiary underling foot_soldier2
10 associate3
10 bottom_dog
10 cog
10 man5
10 second_fiddle second_banana2
9 water_boy waterer2
9 whipper-in
8 beater
8 bill_poster poster2 bill_sticker
8 bleacher
8 boatman boater2 waterman
9 canoeist paddler
9 ferryman
9 gondolier gondoliere
9 oarsman rower
10 oarswoman
10 sculler
10 stroke7
9 punter
8 carter3
8 charcoal_burner
8 collector2 gatherer2 accumulator
9 conductor3
10 conductress
9 gleaner2
9 rent_collector
8 comber
8 cornhusker
8 driver2
9 charioteer
9 coachman
9 lasher
9 mahout
9 teamster
9 wagoner waggoner
8 employable
8 employee
9 bartender barman barkeep barkeeper mixologist
10 barmaid
10 publican tavern_keeper
11 tapster tapper
9 clerk
10 desk_clerk hotel_desk_clerk hotel_clerk
11 room_clerk
10 file_clerk filing_clerk filer2
10 penpusher pencil_pusher
10 plotter2 mapper
10 postal_clerk mail_clerk
10 settler3
10 shipping_clerk
10 sorter
10 tallyman2 tally_clerk
10 timekeeper2
9 company_man
9 copyist scribe3 scrivener
9 copywriter
9 crewman3
9 deliveryman delivery_boy deliverer3
10 carrier8 newsboy
10 coalman
10 grocery_boy
10 iceman
10 mailman postman mail_carrier letter_carrier carrier7
10 milkman
10 paperboy
9 dining-room_attendant restaurant_attendant
10 busboy waiter's_assistant
10 captain7 headwaiter maitre_d'hotel maitre_d'
10 waiter server
11 carhop
11 counterperson counterwoman counterman
12 soda_jerk soda_jerker
11 sommelier wine_waiter wine_steward
11 waitress
12 bunny bunny_girl
9 dispatcher2
10 yardmaster trainmaster train_dispatcher
9 dog_catcher
9 floater4
9 floorwalker shopwalker
9 gardener2
10 groundsman groundskeeper groundkeeper
10 hedger3
9 gasman
9 gofer
9 hire
9 hired_help
10 kitchen_help
9 hireling pensionary2
9 jobholder
10 earner wage_earner
11 breadwinner
11 double_dipper
11 garnishee
9 line_worker
9 liveryman
9 office_boy
9 organization_man
9 porter6
9 potboy potman
9 public_servant
10 social_worker caseworker welfare_worker
11 almoner medical_social_worker
9 registrar
9 salesperson sales_representative sales_rep
10 demonstrator2 sales_demonstrator
10 salesclerk shop_clerk clerk2 shop_assistant
11 shop_boy
11 shop_girl
10 salesgirl saleswoman saleslady
11 midinette
10 salesman
11 book_agent
11 pitchman
11 traveling_salesman travelling_salesman commercial_traveler commercial_traveller roadman bagman
12 tallyman
9 sandwichman
9 spotter2
9 spotter
9 staff_member staffer
9 stagehand stage_technician
10 property_man propman property_master
10 sceneshifter shifter
9 stocktaker stock-taker
9 sweeper
9 tollkeeper tollman tollgatherer toll_collector toll_taker toll_agent toller2
9 trainman railroader railroad_man railwayman railway_man
10 brakeman
10 signalman
10 yardman
9 turncock
9 typist
10 touch-typist
9 workman workingman working_man working_person
10 excavator
10 blaster chargeman
10 fuller3
10 gas_fitter
10 guest_worker guestworker
10 heaver2
10 laborer manual_laborer labourer jack3
11 agricultural_laborer agricultural_labourer
12 peasant2
13 fellah
12 sharecropper cropper sharecrop_farmer
11 bracero
11 cleaner3
12 charwoman char2 cleaning_woman cleaning_lady woman3
12 chimneysweeper chimneysweep sweep2
12 scourer
12 street_cleaner street_sweeper
12 window_cleaner
11 day_laborer day_labourer
11 digger
12 ditch_digger mud_digger
12 trencher
11 dishwasher2
11 drudge2 peon navvy galley_slave2
11 gandy_dancer
11 gravedigger
11 hewer
11 hired_hand hand2 hired_man
12 farmhand fieldhand field_hand farm_worker
13 dairymaid milkmaid
13 dairyman2
13 farmerette
13 gleaner
13 harvester reaper
14 vintager
13 picker2
13 plowman ploughman plower
13 waterer
13 weeder
12 herder2 herdsman drover
13 goat_herder goatherd
13 sheepherder shepherd2 sheepman2
14 shepherdess
13 swineherd pigman
12 ranch_hand
13 cowboy cowpuncher puncher cowman cattleman2 cowpoke cowhand cowherd
14 vaquero buckaroo buckeroo
14 cowgirl
14 gaucho
14 horse_wrangler wrangler2
14 roper2
12 stableman stableboy groom2 hostler ostler
11 hod_carrier hodman
11 itinerant gypsy gipsy
12 swagman swagger swaggie
12 tinker2
11 lumberman lumberjack logger feller faller
12 scorer2
11 miner mineworker
12 coal_miner collier pitman2
12 gold_miner gold_digger gold_panner
13 forty-niner
12 placer_miner
12 prospector
12 strip_miner
11 muleteer mule_skinner mule_driver skinner5
11 platelayer tracklayer
11 porter
12 redcap2
12 skycap
11 rail-splitter splitter3
11 sawyer
11 section_hand
11 sprayer
11 stacker
11 steeplejack
11 stevedore loader longshoreman docker dockhand dock_worker dockworker dock-walloper lumper
11 stoker2 fireman2
11 woodcutter
11 wrecker
12 housewrecker housebreaker2
12 knacker
11 yardman2
10 lacer
10 lather3
10 mill-hand factory_worker
10 mover
11 remover2
10 packer bagger boxer2
10 paster
10 rat-catcher disinfestation_officer
10 roadman2 road_mender
10 roundsman
10 scratcher
10 shearer2
10 sponger
10 stamper
10 utility_man2
10 warehouser warehouseman
10 wetter2
8 freelancer freelance free-lance free_lance independent2 self-employed_person
8 gutter3
8 hanger
8 lamplighter
8 melter
8 moonlighter
8 mopper
8 muzzler
8 nailer
8 oiler
8 part-timer
8 peeler2
8 planter2
8 plier plyer
8 processor2
8 pruner trimmer
8 puller2 tugger dragger
8 quarryman quarrier
9 breaker ledgeman
10 stone_breaker
9 stonecutter cutter
8 ragsorter
8 scab strikebreaker blackleg rat2
8 scrubber
8 seasonal_worker seasonal
8 servant retainer2
9 body_servant
9 cabin_boy
9 domestic domestic_help house_servant
10 ayah
10 home_help
10 housekeeper
10 maid maidservant housemaid amah2
11 chambermaid fille_de_chambre
11 handmaid2 handmaiden2
11 lady's_maid
11 parlormaid parlourmaid
10 skivvy slavey
9 factotum
9 familiar
9 lackey flunky flunkey
9 major-domo seneschal
9 manservant
10 butler pantryman
10 footman
10 valet valet_de_chambre gentleman2 gentleman's_gentleman man7
9 menial
9 scullion
9 servant_girl serving_girl
8 sheller
8 shelver
8 shingler
8 shoveler shoveller
8 skidder2
8 skilled_worker trained_worker skilled_workman
9 aquanaut2 oceanaut
9 armorer armourer
9 aviator aeronaut airman flier2 flyer3
10 aviatrix airwoman aviatress
10 pilot airplane_pilot
11 barnstormer2 stunt_flier stunt_pilot
11 captain6 senior_pilot
12 group_captain
11 combat_pilot
12 fighter_pilot
13 dogfighter
12 strafer
11 copilot co-pilot
11 kamikaze2
11 test_pilot
11 wingman
9 baker2 bread_maker
9 balloonist
9 butcher3 slaughterer
10 knacker2
9 calligrapher calligraphist
9 coiner3 minter moneyer
9 cook
10 chef
11 cordon_bleu
11 pastry_cook
10 cookie2 cooky
10 fry_cook
10 preserver2
11 salter
10 roaster2
11 baster
10 seasoner
9 craftsman3 artisan journeyman artificer2
10 beautician cosmetician2
11 manicurist
12 parer
10 bookbinder
10 bricklayer
10 clocksmith clockmaker
10 coachbuilder
10 construction_worker hard_hat
10 cooper4 barrel_maker
10 coppersmith
10 currier2
10 diemaker diesinker die-sinker
10 glassblower
10 glass_cutter2 glass-cutter2 glassworker glazier glazer
10 goldbeater gold-beater
10 hairdresser hairstylist stylist2 styler
11 barber2
11 coiffeur
11 coiffeuse
11 tinter
10 luthier
10 machinist mechanic shop_mechanic
10 mason4 stonemason
10 miller4
10 paperhanger2 paperer
10 plumber pipe_fitter
10 potter thrower3 ceramicist ceramist
10 rigger
10 roofer
11 thatcher2
10 ropemaker rope-maker roper3
10 steamfitter
10 tanner2
10 taxidermist animal_stuffer stuffer
10 upholsterer
10 weaver
10 welder
11 spot-welder spot_welder
10 window_dresser window_trimmer
10 woodworker woodsman2 woodman2
11 cabinetmaker furniture_maker
11 carpenter
11 joiner2
11 splicer
11 woodcarver carver2
10 wright7
11 cartwright2
11 millwright
11 plowwright ploughwright
11 shipwright shipbuilder ship_builder
11 wagonwright waggonwright wainwright
11 wheelwright wheeler2
9 crewman2 crew_member
10 aircrewman
11 bombardier2
11 flight_engineer
11 navigator2
12 astrogator
9 cutter3
10 garment_cutter
10 gem_cutter
10 glass_cutter glass-cutter
9 dental_hygienist
9 draftsman draughtsman draftsperson
9 dyer
9 editor editor_in_chief
10 anthologist
10 art_editor
10 copy_editor copyreader text_editor
10 subeditor
10 expurgator bowdlerizer bowdleriser
10 managing_editor
10 newspaper_editor
11 business_editor
11 city_editor
11 sports_editor
10 redact redactor reviser rewriter rewrite_man
11 abridger abbreviator
9 electrician lineman3 linesman2
10 gaffer2
9 engraver
10 lapidary2 lapidist
9 esthetician aesthetician
9 fisherman fisher
10 angler2 troller
10 trawler
9 founder3
10 bell_founder
9 framer
9 fumigator
9 galvanizer galvaniser
9 gilder
9 grip5
9 harpooner harpooneer
9 hunter huntsman
10 bounty_hunter2
10 courser
10 deer_hunter
10 duck_hunter
10 falconer hawker2
10 fowler2
10 huntress
10 lion-hunter2
10 pothunter3
10 snarer
10 stalker2
10 tracker
10 trapper
11 coureur_de_bois
9 indexer
9 laminator
9 lobsterman
9 lockmaster lockman lockkeeper
9 mender repairer fixer3
10 darner
10 repairman maintenance_man service_man
11 automobile_mechanic auto-mechanic car-mechanic mechanic2 grease_monkey
11 handyman jack_of_all_trades2 odd-job_man
11 troubleshooter trouble_shooter
9 mortician undertaker funeral_undertaker funeral_director
10 embalmer
9 mounter
9 official functionary
10 apparatchik
10 appointee
11 placeman placeseeker
10 bailiff
10 beadle
10 bureaucrat administrative_official
11 paper-pusher
11 procurator2
11 tax_assessor assessor
12 lister2
11 tax_collector taxman exciseman collector_of_internal_revenue internal_revenue_agent
11 taxer
10 caretaker2
10 censor2
10 census_taker enumerator
10 church_officer
11 churchwarden
11 deacon
12 deaconess
11 elder3
12 presbyter
11 sexton2 sacristan
11 verger
11 vestryman
11 vestrywoman
10 city_father
10 civil_servant
10 commissar political_commissar
10 diplomat diplomatist
11 ambassador embassador
12 ambassadress
11 charge_d'affaires
11 consul
11 envoy envoy_extraordinary minister_plenipotentiary
11 high_commissioner
11 internuncio
11 minister3 diplomatic_minister
11 nuncio papal_nuncio
11 persona_grata
11 persona_non_grata
11 plenipotentiary
10 elected_official
11 lame_duck
11 lieutenant_governor
11 selectman
11 selectwoman
10 equerry
10 fire_marshall
10 fire_warden forest_fire_fighter ranger2
11 coyote3
10 hearing_examiner hearing_officer
10 holdover hangover2
10 incumbent officeholder2
11 office-bearer
10 invalidator voider nullifier2
10 judge justice3 jurist2
11 chief_justice
11 doge
11 justiciar justiciary
11 magistrate
12 justice_of_the_peace
12 stipendiary stipendiary_magistrate
11 ordinary
11 praetor pretor
11 qadi
11 recorder3
11 trial_judge
11 trier
10 licenser
10 macebearer mace2 macer
10 mandarin3
10 notary notary_public
10 noticer2
10 officeholder officer2
11 probation_officer
11 sergeant_at_arms serjeant-at-arms
10 agent5 federal_agent
11 federal_official
11 trustbuster
10 provincial
10 postmaster_general
10 proconsul
10 prosecutor public_prosecutor prosecuting_officer prosecuting_attorney
11 district_attorney
11 state's_attorney state_attorney
10 quaestor
10 recruiter2
10 registrar3 record-keeper recorder2
11 rapporteur
10 regulator2
10 returning_officer
10 sealer2
10 searcher2
10 teller2 vote_counter
11 canvasser4
10 town_clerk
10 usher2 doorkeeper
10 vizier
10 weigher
9 oilman2
10 rigger3 oil_rigger
9 optician lens_maker
9 painter2
10 finisher3
11 varnisher
10 house_painter
10 letterer
10 scene_painter2
10 sign_painter
10 stippler
9 perfecter
9 phlebotomist
9 plaiter
9 plasterer
9 plater
10 electroplater
9 power_worker power-station_worker
9 printer pressman
10 compositor typesetter setter typographer
10 proofreader reader5
9 projectionist
9 refiner
9 refinisher renovator restorer preserver
9 riveter rivetter
9 router
9 sailor crewman
10 hand9
10 lascar
10 mariner seaman tar2 old_salt seafarer gob sea_dog
11 able_seaman able-bodied_seaman
11 boatswain bos'n bo's'n bosun bo'sun
11 deckhand roustabout
11 helmsman steersman steerer
12 coxswain cox2
11 lighterman bargeman bargee
11 officer4 ship's_officer
12 master7 captain4 sea_captain skipper2
12 mate first_mate
12 privateer privateersman
12 purser
12 sailing_master navigator
12 steward2
12 supercargo
11 pilot2
11 sea_lawyer
11 whaler
10 water_dog water_rat
10 yachtsman yachtswoman
9 serviceman military_man man2 military_personnel2
10 air_force_officer commander4
10 artilleryman cannoneer gunner machine_gunner
10 bluejacket navy_man sailor2 sailor_boy
11 coastguardsman
11 striker2
11 submariner
10 commando ranger3
10 draftee conscript inductee2
10 enlisted_person
11 enlisted_man
12 armorer2 armourer2 artificer3
12 charge_of_quarters
12 private buck_private common_soldier
12 recruit military_recruit
13 raw_recruit
13 sprog
13 yard_bird yardbird
11 enlisted_woman
11 kitchen_police
11 soldier
12 bushwhacker2
12 cannon_fodder fodder fresh_fish
12 cavalryman2 trooper4
13 cuirassier
13 dragoon
13 hussar
13 lancer
12 cavalryman trooper
12 color_bearer standard-bearer2
12 redcoat lobsterback
12 flanker2
12 goldbrick
12 guardsman
12 infantryman marcher3 foot_soldier footslogger
13 fusilier
13 grenadier grenade_thrower
13 doughboy
13 musketeer
12 legionnaire2 legionary
12 man-at-arms
12 marine2
12 militiaman
13 trainbandsman
12 paratrooper para3
12 peacekeeper
12 pistoleer
12 poilu
12 point_man2
12 ranker2
12 regular2
12 reservist
13 weekend_warrior2
12 rifleman2
13 carbineer carabineer carabinier
12 greyback
12 tanker2 tank_driver
12 territorial
10 devil_dog leatherneck shipboard_soldier
10 military_officer officer
11 adjutant aide aide-de-camp
12 adjutant_general
11 army_officer
12 quartermaster
11 brass_hat
11 chief_of_staff
11 commanding_officer commandant commander
12 commander_in_chief commander-in-chief generalissimo
12 wing_commander
11 commissioned_officer
12 commissioned_military_officer
13 captain
13 colonel
14 lieutenant_colonel light_colonel
13 field-grade_officer field_officer
13 general_officer
14 brigadier brigadier_general
14 general full_general
14 lieutenant_general
14 major-general
13 lieutenant
14 first_lieutenant
14 second_lieutenant
14 sublieutenant
13 major
13 marshal2 marshall4
14 field_marshal
13 subaltern
12 commissioned_naval_officer
13 ensign
13 captain2 skipper3
14 flag_captain
13 commander3
13 commodore
13 flag_officer
14 admiral full_admiral
14 fleet_admiral five-star_admiral
14 rear_admiral
14 vice_admiral
13 lieutenant4
13 lieutenant_commander
13 lieutenant_junior_grade
12 judge_advocate
12 judge_advocate_general
12 line_officer
12 ranker
12 staff_officer
13 judge_advocate2
13 quartermaster_general
12 supply_officer
11 desk_officer
11 executive_officer
11 inspector_general
11 naval_officer
12 naval_commander
11 noncommissioned_officer noncom enlisted_officer
12 aircraftsman aircraftman
12 bombardier
12 chief_petty_officer
12 corporal
12 drill_master drill_instructor
12 lance_corporal
12 petty_officer
13 master-at-arms
13 senior_chief_petty_officer
12 sergeant
13 color_sergeant
13 first_sergeant sergeant_first_class
14 orderly_sergeant
13 gunnery_sergeant
13 master_sergeant
13 recruiting-sergeant
13 senior_master_sergeant
13 sergeant_major command_sergeant_major
13 staff_sergeant
13 technical_sergeant
11 warrant_officer
10 noncombatant
10 occupier2
10 striper
10 veteran2 vet2 ex-serviceman
10 veteran veteran_soldier
10 volunteer military_volunteer voluntary
9 shearer3
9 skinner4
9 smith9 metalworker
10 blacksmith
11 farrier horseshoer
10 forger
9 smith9
10 arrowsmith
10 gunsmith
10 locksmith
10 tinsmith tinner
9 technician
10 animator2
10 dental_technician denturist
10 soundman
10 techie tekki
10 webmaster
9 tuner piano_tuner
9 turner6
9 turtler
9 voicer
9 vulcanizer vulcaniser
9 wallpaperer wall-paperer
9 wireman wirer2
8 slave2 striver hard_worker
8 solderer
8 splicer2
8 splitter
8 stainer
8 stemmer2
8 stringer2
8 stripper2 stemmer sprigger
8 tacker
8 tapper3
8 teaser
8 temp temporary temporary_worker
9 hobo2 migrant_worker
8 toiler
8 throwster thrower
8 tier3 tier_up
8 tiler
8 topper2
8 topper
8 trade_unionist unionist union_member
8 twiner
8 volunteer2 unpaid_worker
9 candy_striper
9 pledge_taker
9 vigilante vigilance_man
8 wallah
8 washer
9 washerman laundryman
9 washwoman washerwoman laundrywoman laundress
9 window_washer
8 winder
8 wiper
8 working_girl
8 workmate
7 person_of_color person_of_colour
8 wog
7 soul_brother
7 white_trash poor_white_trash
7 whitey honky honkey honkie
7 red_man
7 gentile2
7 kike hymie sheeny yid
7 abator
7 abjurer
7 abomination
7 abstainer2 abstinent nondrinker
8 teetotaler teetotaller teetotalist
7 achiever winner3 success4 succeeder
8 first_lady
8 great
8 highflier highflyer
8 natural
8 sleeper3
7 acquaintance3 friend3
8 bunkmate
8 campmate
8 connection4
8 end_man2
8 homeboy2
8 messmate
8 pickup4
8 schoolmate classmate schoolfellow class_fellow
7 acquirer
8 recipient receiver4
9 addressee
9 alienee grantee2
9 annuitant
9 beneficiary donee
10 co-beneficiary
10 devisee
10 legatee
10 pensioner pensionary
11 old-age_pensioner
9 borrower
10 freeloader
9 conferee
9 consignee
9 dependant dependent
10 charge7
10 minion
9 grantee
9 heir inheritor heritor
10 heir_apparent
10 heir-at-law
10 heiress inheritress inheritrix
10 heir_presumptive
9 honoree
10 academician
10 laureate
9 host7
9 mandatary mandatory
9 payee
9 protege
10 protegee
9 sendee
9 transferee
9 warrantee
8 appropriator
9 kleptomaniac
9 poacher
9 preemptor pre-emptor
8 procurer2 securer
7 active3
7 actor2 doer worker4
8 demon3
8 eager_beaver busy_bee live_wire sharpie sharpy
9 goffer gopher
8 energizer energiser vitalizer vitaliser animator
8 go-getter whizz-kid whiz-kid ball_of_fire2
8 man_of_action man_of_deeds
8 powerhouse human_dynamo ball_of_fire fireball2
9 self-starter
7 adjudicator
8 official2
9 football_official
10 back_judge
10 field_judge
10 head_linesman
10 line_judge
10 side_judge
9 linesman
9 referee ref
9 scorekeeper scorer3
9 starter3 dispatcher
9 timekeeper timer2
9 umpire ump
7 admirer2
8 venerator
8 wonderer2 marveller
7 adoptee
7 adversary antagonist opponent2 opposer resister2
8 dueler dueller duelist duellist
8 enemy2 foe foeman opposition7
9 besieger
8 withstander
7 advisee
7 advocate advocator proponent exponent
8 apologist vindicator justifier
8 constitutionalist
8 democrat2
8 populist
8 federalist2
8 humanist2 humanitarian2
8 ideologist ideologue
8 internationalist
8 irredentist irridentist
8 isolationist
8 libertarian
9 civil_libertarian
9 economic_libertarian
8 nationalist2
9 nationalist_leader
8 neoclassicist
8 neutralist
8 nullifier
8 partisan zealot2 drumbeater
9 bigot
10 chauvinist
10 antifeminist
11 male_chauvinist sexist
10 homophobe
10 racist racialist
10 sectarian sectary sectarist
10 segregator segregationist
9 dogmatist doctrinaire
8 partitionist
8 pro-lifer
8 presenter2 sponsor2
8 protectionist
8 republican2
8 ritualist
8 ruralist
8 secessionist
8 secularist
8 separatist separationist
9 white_separatist
8 spokesperson interpreter3 representative2 voice8
9 ambassador2
9 flak_catcher flak flack_catcher flack
9 mouthpiece3 mouth6
9 spokesman
9 spokeswoman
8 suffragist
9 suffragette
8 supporter protagonist champion3 admirer booster friend4
9 anglophile anglophil
9 believer truster
10 abiogenist
10 apostle
10 colonialist
10 evolutionist
10 imperialist
10 vitalist
9 cheerleader
9 corporatist
9 enthusiast partisan2 partizan
10 addict nut6 freak2 junkie2 junky2
11 gym_rat
10 backslapper
10 balletomane
10 fanatic fiend3
10 gadgeteer
10 shutterbug
10 sports_fan fan2 rooter
11 aficionado
11 railbird
9 free_trader
9 functionalist
9 loyalist stalwart
9 philhellene philhellenist
9 pillar3 mainstay
9 seconder
9 subscriber endorser indorser ratifier
9 sympathizer2 sympathiser2 well-wisher
10 bleeding_heart2
10 fellow_traveler fellow_traveller
9 toaster wassailer2
9 upholder maintainer sustainer
9 voucher verifier
8 supremacist
9 white_supremacist
8 teleologist
8 unilateralist
7 affiant
7 agnostic doubter2
7 albino
7 amateur
8 bird_watcher2 birder
8 dabbler dilettante sciolist
8 hobbyist
7 ancient2
7 anti
7 apprehender2
7 appreciator
8 enophile oenophile
7 archaist
7 arrogator
7 assessee
7 asthmatic
7 authority2
8 abrogator
8 allocator distributor2
8 approver
8 authority_figure
8 authorizer authoriser
8 mandator
8 pasha pacha
8 civil_authority civil_officer
9 mayor city_manager
10 ex-mayor
10 alcalde
10 burgomaster
10 mayoress2
8 upbraider reprover reproacher rebuker
8 withdrawer
7 autodidact
7 automaton zombi4 zombie4
7 baby_boomer boomer
7 baby_buster buster5
7 bad_guy
7 bad_person
8 wrongdoer offender
9 abuser maltreater
9 attacker aggressor assailant assaulter
10 ambusher
10 avenger retaliator
10 beast2 wolf5 savage2 brute wildcat2
10 bludgeoner
10 bully tough3 hooligan ruffian roughneck rowdy yob yobo yobbo
11 bullyboy
11 muscleman muscle3
11 skinhead skin5
11 tough_guy plug-ugly
10 harasser2 harrier
10 iconoclast2
10 marauder predator vulture2 piranha
11 moss-trooper
10 night_rider nightrider
10 raper rapist
10 shedder spiller
10 slasher
10 stabber
10 stoner lapidator
9 barrator barrater
9 convict2
10 first_offender
10 sex_offender
9 deceiver cheat3 cheater trickster2 beguiler slicker3
10 bluffer four-flusher
10 swindler defrauder chiseller chiseler gouger2 scammer grifter
11 clip_artist
11 confidence_man con_man con_artist
11 welcher welsher
10 decoy steerer2
11 roper
11 shill
10 dodger fox2 slyboots
10 double-crosser double-dealer two-timer2 betrayer2 traitor2
10 falsifier
10 finagler wangler
10 forger2 counterfeiter
11 coiner
11 paperhanger
10 fortune_hunter
10 front_man front5 figurehead nominal_head straw_man strawman
10 hypocrite dissembler dissimulator phony phoney pretender3
11 smoothie smoothy sweet_talker charmer
11 whited_sepulcher whited_sepulchre
10 impersonator imitator
11 mimic mimicker
10 imposter impostor pretender2 fake2 faker fraud2 sham2 shammer2 pseudo pseud role_player
11 name_dropper
11 ringer3
10 liar prevaricator
11 perjurer false_witness
11 storyteller2 fibber fabricator
10 mountebank charlatan
11 phrenologist craniologist
10 obscurantist
10 sandbagger
10 two-timer
10 utterer2
9 delinquent juvenile_delinquent
9 deserter2 defector
10 deviationist
10 draft_dodger draft_evader
10 renegade
9 gonif goniff ganef ganof
9 transgressor
9 malfeasant
9 molester
10 fondler2
9 no-show2 nonattender truant2
9 perpetrator culprit
9 pimp procurer panderer pander pandar fancy_man ponce2
10 procuress
10 whoremaster2 whoremonger2
9 principal5
10 criminal felon crook outlaw malefactor
11 accessory3 accessary
12 abettor abetter
12 accessory_after_the_fact
12 accessory_before_the_fact
12 accessory_during_the_fact
12 confederate2 collaborator henchman partner_in_crime
11 arsonist incendiary firebug
12 barnburner
11 blackmailer extortioner extortionist
11 bootlegger moonshiner
11 briber suborner
11 conspirator coconspirator plotter3 machinator
11 desperado desperate_criminal
11 fugitive2 fugitive_from_justice
12 absconder
13 alien_absconder
12 escapee
11 gangster mobster
12 apache2
12 yakuza
12 yardie
11 highbinder
11 highjacker hijacker2
11 hood hoodlum goon2 punk thug tough2 toughie strong-armer
12 bully2
11 jail_bird jailbird gaolbird
11 kidnapper kidnaper abductor snatcher2
12 crimp2 crimper
12 shanghaier seizer
11 mafioso2
11 moll gun_moll gangster's_moll
11 murderer liquidator manslayer
12 assassin assassinator bravo
12 butcher2
12 cutthroat
12 fratricide
12 gunman gunslinger hired_gun gun4 gun_for_hire triggerman hit_man hitman torpedo shooter5
12 hatchet_man iceman2
12 infanticide
12 mass_murderer
12 murderess
12 parricide
13 matricide
13 patricide
12 ripper
12 serial_killer serial_murderer
13 spree_killer
11 probationer2 parolee
11 racketeer
12 bagman2
11 recidivist repeater2 habitual_criminal
11 scofflaw
11 smuggler runner contrabandist moon_curser moon-curser
12 coyote2
12 gunrunner arms-runner
12 rumrunner
11 thief stealer
12 bandit brigand
12 booster3 shoplifter lifter2
12 burglar
13 housebreaker cat_burglar
12 dacoit dakoit
12 embezzler defalcator peculator
12 graverobber2 ghoul body_snatcher
12 graverobber
12 holdup_man stickup_man
13 highjacker2 highwayman hijacker road_agent
14 footpad padder
12 larcenist larcener
12 pickpocket cutpurse dip3
12 plagiarist plagiarizer plagiariser literary_pirate pirate
12 plunderer pillager looter spoiler2 despoiler raider freebooter
13 pirate2 buccaneer sea_robber sea_rover
14 corsair
14 sea_king
12 robber
13 bank_robber
13 mugger
12 rustler cattle_thief
12 safebreaker safecracker cracksman
12 snatcher
12 sneak_thief pilferer snitcher
13 wharf_rat
11 traitor treasonist
12 collaborator2 collaborationist quisling
12 fifth_columnist saboteur2
12 traitress
11 violator lawbreaker law_offender
9 recidivist2 backslider reversionist
9 reprobate miscreant
10 pervert deviant deviate degenerate
11 fetishist
11 masochist
12 flagellant
11 nymphomaniac nympho
11 pederast paederast child_molester
11 pedophile paedophile
11 sadist
11 sadomasochist
11 satyr lecher lech letch
11 sodomite sodomist sod3 bugger
10 scapegrace black_sheep
10 wretch
9 shark2
9 shyster pettifogger
9 sinner evildoer
10 magdalen
9 usurper supplanter
10 claim_jumper
9 war_criminal
8 bad_egg
8 sellout
8 decadent
8 destroyer2 ruiner undoer3 waster2 uprooter
9 annihilator
9 iconoclast image_breaker
9 saboteur wrecker2 diversionist
9 vandal
8 libertine debauchee rounder
9 adulterer fornicator
10 adulteress fornicatress hussy jade2 loose_woman slut2 strumpet trollop2
10 wencher
9 gigolo
10 lounge_lizard lizard2
9 rake rakehell profligate rip blood3 roue
9 seducer2 ladies'_man lady_killer
10 undoer
9 swinger2 tramp2
9 violator2 debaucher ravisher
9 womanizer womaniser philanderer
10 wolf4 woman_chaser skirt_chaser masher
8 panderer2
8 polluter defiler
8 scalawag scallywag
8 seducer
9 seductress
8 shocker
8 snake2 snake_in_the_grass
8 trampler
8 vermin varmint
8 victimizer victimiser
9 slaver slave_dealer slave_trader
10 white_slaver
7 baldhead baldpate baldy skinhead2 skin6
7 balker baulker noncompliant
8 negativist
7 bullfighter toreador
8 banderillero
8 matador
8 novillero
8 picador
8 torero
7 bather2
7 beard3
7 bedfellow2
7 bereaved bereaved_person
7 best2 topper3
7 birth5
7 biter
8 nibbler
7 blogger
7 blond blonde
8 peroxide_blond peroxide_blonde
8 platinum_blond platinum_blonde
8 towhead
7 bluecoat
7 bodybuilder muscle_builder muscle-builder musclebuilder muscleman2
7 bomber2
7 brunet brunette
7 buster4
7 candidate2 prospect3
7 case6
8 client
8 patient
9 alexic
9 analysand
9 arthritic
9 hypertensive
9 hypochondriac
9 hypotensive
9 index_case
9 inpatient inmate2
9 outpatient
9 vaccinee
8 referral
8 welfare_case charity_case
7 cashier2
7 celebrant celebrator celebrater
8 reveler reveller merrymaker
9 roisterer
7 censor
7 chameleon
7 charmer2 beguiler2
8 heartbreaker
7 child3 baby3
7 chutzpanik
7 cliff_dweller
7 closer
7 clumsy_person
8 butterfingers
8 duffer
8 lout clod2 stumblebum2 goon oaf lubber lummox lump3 gawk
7 collector aggregator
8 archivist
8 conchologist
8 numismatist numismatologist coin_collector
8 packrat
8 philatelist stamp_collector
7 combatant battler belligerent fighter scrapper
8 defender2 withstander2
8 boxer pugilist
9 bantamweight2
9 slugger2 slogger3
9 featherweight
9 flyweight2
9 heavyweight
9 junior_featherweight
9 junior_lightweight
9 junior_middleweight
9 junior_welterweight
9 light_flyweight
9 light_heavyweight
9 light_middleweight
9 lightweight3
9 light_welterweight
9 middleweight
9 prizefighter gladiator2
10 featherweight3
10 heavyweight3
10 light_heavyweight3 cruiserweight
10 lightweight
10 middleweight3
10 welterweight4
9 puncher2
9 sparring_partner sparring_mate
9 stumblebum palooka
9 super_heavyweight
9 welterweight2
8 brawler
8 butter2
8 fencer swordsman
8 gladiator
8 gouger
8 hell-kite hell-rooster gamecock2
8 mauler
8 skirmisher
8 street_fighter2 tough
8 victor master3 superior3
9 conqueror vanquisher
10 subjugator
8 wrestler grappler matman
9 bantamweight
9 featherweight2
9 flyweight
9 heavyweight2
9 light_heavyweight2
9 lightweight4
9 middleweight2
9 sumo_wrestler
9 welterweight3
7 complexifier
7 compulsive
8 control_freak
8 exhibitionist flasher
9 streaker
8 perfectionist
8 workaholic
7 computer_user
8 cybernaut
8 power_user
7 contemplative
7 convert
8 proselyte
7 copycat imitator2 emulator ape2 aper
8 epigone epigon
8 parrot2
7 counter5
7 counterterrorist
7 crawler2 creeper2
7 creature2 wight
7 creditor
8 mortgagee mortgage_holder
7 cripple
8 humpback2 hunchback2 crookback
7 dancer2 social_dancer
8 clog_dancer
8 dancing_partner
8 folk_dancer
9 morris_dancer
9 reeler2
9 square_dancer
8 raver
8 waltzer
7 dead_person dead_soul deceased_person deceased decedent departed
8 infernal
8 zombi3 zombie living_dead
7 deaf_person
8 lip_reader
8 mute deaf-mute deaf-and-dumb_person
9 dummy silent_person
7 debaser degrader
8 vulgarizer vulgariser
7 debtor debitor
8 defaulter2 deadbeat
9 deadbeat_dad
8 fly-by-night
8 mortgagor mortgager
7 defecator voider2 shitter
7 delayer
8 procrastinator postponer cunctator
8 temporizer temporiser
7 deliverer4
8 bailor
7 demander
7 dieter
7 differentiator discriminator
7 disentangler unraveler unraveller
7 dissenter dissident protester objector contestant2
8 conscientious_objector
8 nonconformist2 recusant
9 beatnik beat5
9 bohemian3
9 enfant_terrible
9 heretic2
9 maverick rebel3
8 political_dissident
7 divider2
8 subdivider
7 domestic_partner significant_other spousal_equivalent spouse_equivalent
8 lover3
9 fancy_man2 paramour
7 double3 image6 look-alike
8 ringer2 dead_ringer clone
7 dresser2
8 chichi
7 dribbler2 driveller2 slobberer drooler
7 drug_user substance_abuser user3
8 addict2
9 caffeine_addict caffein_addict
9 drug_addict junkie junky
10 cocaine_addict
10 crack_addict binger
10 heroin_addict
10 opium_addict opium_taker
10 withdrawer3
9 speed_freak
8 head9
9 acid_head
9 hash_head
9 pill_head
9 pothead
8 tripper
7 dyslectic dyslexic
7 eccentric eccentric_person flake2 oddball geek2
8 crackpot crank2 nut5 nut_case fruitcake screwball
8 nutter wacko whacko
7 ectomorph
7 effecter effector
7 emotional_person
8 captive3
8 spitfire
7 endomorph
8 pudge
7 enjoyer
7 enrollee
8 student pupil educatee
9 art_student
9 auditor2
9 catechumen neophyte3
9 collegian college_man college_boy
10 college_student university_student
11 matriculate
11 student_teacher practice_teacher
10 graduate_student grad_student postgraduate
10 undergraduate undergrad
11 co-ed college_girl
11 lowerclassman underclassman
12 freshman fresher
12 junior2
12 sophomore soph
11 senior
9 crammer
9 law_student
9 major3
9 medical_student medico
9 nonreader
9 overachiever
9 passer3
9 scholar3
9 seminarian seminarist
9 sixth-former
9 skipper
9 underachiever underperformer nonachiever
9 withdrawer5
7 ethnic
7 explorer adventurer2
8 conquistador
8 diver frogman underwater_diver
9 deep-sea_diver
9 pearl_diver pearler
9 scuba_diver
8 navigator3
8 potholer spelunker speleologist spelaeologist
7 extrovert extravert
7 faddist
8 food_faddist
7 faller2
7 fastener
7 fiduciary
8 conservator2
8 administrator2
8 executor
9 executrix
8 liquidator2 receiver2
8 steward
9 chamberlain3
8 trustee legal_guardian
7 first-rater
7 follower
8 camp_follower2
8 cultist
8 cultist2
8 disciple adherent
9 absolutist
9 amoralist
9 animist
9 antinomian
9 clericalist
9 dualist
9 totalitarian
9 votary3
9 fundamentalist
8 fan3 buff devotee lover2
9 aerophile
9 aficionado2
9 amorist
9 bacchant2 bacchanal2
9 groupie
9 metalhead
8 flatterer adulator
9 sycophant toady crawler lackey2 ass-kisser
10 apple_polisher bootlicker fawner groveller groveler truckler
10 goody-goody
8 flunky2 flunkey2 stooge yes-man
9 pushover
8 inferior
8 janissary
8 leech2 parasite2 sponge3 sponger2
8 myrmidon
8 regular3
8 respecter
8 satellite2 planet2
8 sheep3
8 submitter
8 tagalong hanger-on
8 vassal liege liegeman liege_subject feudatory
7 free_agent2 free_spirit freewheeler
8 free-liver
7 friend
8 alter_ego
8 amigo
8 best_friend
8 brother4 comrade3
8 buddy brother3 chum crony pal sidekick
9 cobber
8 companion comrade fellow2 familiar2 associate2
9 date2 escort4
10 blind_date
9 playmate playfellow
9 tovarich tovarisch
8 confidant intimate
9 confidante
9 repository2 secretary3
8 flatmate
8 light8
8 mate8
8 roommate roomie roomy
8 schoolfriend
7 fugitive runaway2 fleer
7 gainer2
7 gainer weight_gainer
7 gambler
8 ex-gambler
8 bettor better2 wagerer punter3
9 taker2
9 caller3
8 bookmaker2 bookie
8 crapshooter
8 croupier
8 high_roller2
8 loser3
8 odds-maker handicapper
8 shooter3 crap-shooter
8 sporting_man
8 winner2
9 prize_winner lottery_winner
7 gatekeeper
7 gatherer
7 good_guy
7 good_person
8 benefactor helper2
9 benefactress
9 bondsman2 bondswoman
9 donor giver2 presenter3 bestower conferrer
10 abnegator
10 almsgiver
10 philanthropist altruist
10 settlor trustor
10 subscriber3 contributor
10 subsidizer subsidiser
10 tipper
9 donor2
10 blood_donor
11 universal_donor
10 organ_donor
9 fairy_godmother
9 humanitarian do-gooder improver
9 liberator
10 emancipator manumitter
9 obliger accommodator
9 offerer offeror
9 patron3 sponsor supporter2
10 angel3 backer
10 godfather2
10 godparent
11 godfather
11 godmother
10 guarantor surety4 warrantor warranter
10 patroness patronne
10 tower_of_strength pillar_of_strength
9 provider2
9 savior2 saviour2 rescuer deliverer2
10 messiah christ2
9 sparer
9 uncle2
8 brick2
8 giver
8 good_egg
8 mensch mensh
8 plaster_saint
8 rock4
8 saint2 holy_man holy_person angel2
9 fakir fakeer faqir faquir
10 dervish
11 whirling_dervish whirler
8 square_shooter straight_shooter straight_arrow
8 sweetheart2
8 trouper
7 granter
8 grantor
9 alienor
7 greeter saluter welcomer
7 grinner
7 groaner
7 grunter
7 guesser
7 handicapped_person
8 amnesic amnesiac
8 aphasic
8 hemiplegic
8 paralytic
9 paretic
9 spastic
8 paraplegic
8 quadriplegic
7 hater
8 abominator loather
8 anglophobe
7 heterosexual heterosexual_person straight_person straight
7 homosexual homophile homo gay
8 closet_queen
8 fagot faggot fag fairy2 nance pansy3 queen6 queer poof poove pouf
8 lesbian tribade gay_woman
9 butch dike dyke
7 homunculus2
7 hope4
8 white_hope great_white_hope
7 hoper
7 huddler2
7 hugger
7 immune
8 carrier9 immune_carrier
7 insured insured_person
7 interpreter2
7 introvert
7 jewel2 gem3
7 jumper
8 parachutist parachuter parachute_jumper
9 skydiver
7 junior3
7 kaffir2 kafir caffer caffre
7 killer slayer
8 executioner public_executioner
9 electrocutioner
9 hangman
9 headsman headman
8 exterminator terminator eradicator
8 garroter garrotter strangler2 throttler choker
8 poisoner
8 regicide
8 suicide2 felo-de-se
7 relative relation3
8 ancestor ascendant2 ascendent2 antecedent root6
9 ancestress
9 forebear forbear
10 grandparent
11 grandfather gramps granddad grandad granddaddy grandpa
11 grandma grandmother granny grannie gran nan2 nanna
12 nan
10 great_grandparent
11 great_grandmother
11 great_grandfather
9 forefather father2 sire2
10 patriarch3
11 antediluvian antediluvian_patriarch
9 foremother
9 progenitor primogenitor
10 genitor
11 parent
12 adoptive_parent adopter
12 empty_nester
12 father male_parent begetter
13 dad dada daddy pa papa pappa pop
13 father-in-law
13 old_man3
13 pater
12 filicide
12 mother female_parent
13 ma mama mamma mom momma mommy mammy2 mum2 mummy
13 mater
13 mother-in-law
13 primipara
13 puerpera
13 quadripara
13 quintipara
13 supermom
13 surrogate_mother
12 stepparent
13 stepfather
13 stepmother
8 cousin first_cousin cousin-german full_cousin
8 descendant descendent
9 child4
9 scion
8 in-law relative-in-law
9 brother-in-law
9 daughter-in-law
9 sister-in-law
9 son-in-law
8 blood_relation blood_relative cognate sib2
8 kin kinsperson family5
9 affine
8 enate matrikin matrilineal_kin matrisib matrilineal_sib
8 agnate patrikin patrilineal_kin patrisib patrilineal_sib
8 kinsman
9 male_sibling
10 brother blood_brother
11 big_brother2
11 little_brother
11 stepbrother half-brother half_brother
9 nephew
10 great-nephew grandnephew
9 uncle
10 great-uncle granduncle
8 kinswoman
9 aunt auntie aunty
10 great-aunt grandaunt
10 maiden_aunt
9 female_sibling
10 sister sis
11 big_sister
11 little_sister
11 half_sister half-sister stepsister
9 niece
10 great-niece grandniece
8 kissing_cousin kissing_kin
8 next_of_kin
8 offspring progeny issue8
9 baby2
9 bastard2 by-blow love_child illegitimate_child illegitimate whoreson
9 child2 kid4
10 army_brat
10 baby babe infant
11 blue_baby
11 cherub
11 foundling abandoned_infant
11 godchild
12 goddaughter
12 godson
11 neonate newborn
12 liveborn_infant
12 low-birth-weight_baby low-birth-weight_infant
12 postmature_infant
12 premature_baby preterm_baby premature_infant preterm_infant preemie premie
12 small-for-gestational-age_infant
12 stillborn_infant
12 term_infant
11 nursling nurseling suckling2
11 papoose pappoose
11 test-tube_baby
11 war_baby
10 female_offspring
11 daughter girl3
12 mother's_daughter
10 male_offspring man-child
11 son boy3
12 mother's_boy mamma's_boy mama's_boy
10 stepchild
11 stepdaughter
11 stepson
9 firstborn eldest
9 grandchild
10 granddaughter
10 grandson
10 great_grandchild
11 great_granddaughter
11 great_grandson
9 successor3 heir2
8 second_cousin
8 sibling sib
9 half_blood
9 quadruplet2 quad
9 quintuplet2 quint2 quin
9 triplet2
9 twin
10 fraternal_twin dizygotic_twin
10 identical_twin monozygotic_twin monozygous_twin
11 conjoined_twin
8 spouse partner married_person mate4 better_half
9 bigamist
9 consort
9 helpmate helpmeet
9 husband hubby married_man
10 benedick benedict3
10 cuckold
11 wittol
10 family_man
10 house_husband househusband
10 uxoricide
9 monogamist monogynist
9 newlywed honeymooner
10 bride
11 war_bride
10 groom3 bridegroom
9 polygamist
10 polyandrist
10 polygynist
7 kink3
7 kneeler
7 knocker2
7 knower apprehender
7 kook odd_fellow odd_fish queer_bird queer_duck odd_man_out
7 large_person
8 fatso fatty fat_person roly-poly butterball
8 giant4 hulk heavyweight4 whale
7 laugher
8 titterer giggler
7 learner scholar2 assimilator
8 memorizer memoriser
9 study9
8 quick_study sponge2
8 swot grind nerd wonk dweeb
8 tutee
7 left-hander2 lefty southpaw2
7 life8
7 lightning_rod
7 linguist2 polyglot
8 bilingual bilingualist
8 translator transcriber
7 literate literate_person
8 alphabetizer alphabetiser
8 reader3
9 decipherer2
9 map-reader
9 skimmer
8 writer2
9 diarist diary_keeper journalist2
9 scrawler scribbler2
9 speller good_speller poor_speller
9 transcriber4
9 transcriber2
7 liver3
7 longer thirster yearner
7 loose_cannon
7 machine2
8 cyborg bionic_man bionic_woman
7 mailer2
7 malcontent
8 quibbler caviller caviler pettifogger2
8 sorehead
8 squabbler
7 man3
7 manipulator2
8 twiddler fiddler2
7 man_jack
7 married
7 masturbator onanist
8 frotteur
8 tosser jerk-off wanker
7 measurer
8 photometrist photometrician
7 nonmember
7 mesomorph
7 mestizo
7 middlebrow
7 miracle_man miracle_worker
7 misfit
8 anthropoid ape3
8 jerk dork
9 schmuck shmuck schmo shmo
8 addle-head addlehead loon3 birdbrain
7 misogamist
7 mixed-blood
8 mulatto
8 quadroon
8 octoroon
8 half-caste
9 half-breed
7 modern
7 monolingual
7 mother_hen
7 mouse3
7 mutilator maimer mangler
7 namer
7 namesake
7 neglecter
7 neighbor neighbour
7 neutral
8 fence-sitter
8 stakeholder
7 nondescript
7 nonparticipant
7 nonpartisan nonpartizan
7 nonperson unperson
7 nonresident
7 nonsmoker
7 nude3 nude_person
7 nurser
7 occultist
8 enchantress2 witch
8 psychic
9 clairvoyant
9 medium9 spiritualist sensitive
9 spirit_rapper
8 sorcerer magician2 wizard2 necromancer thaumaturge thaumaturgist
9 enchanter
9 exorcist2 exorciser
9 magus
9 sorceress
9 witch_doctor
10 conjurer2 conjuror2 conjure_man
7 optimist
8 millenarian millenarist chiliast
7 orphan2
7 ostrich
7 ouster ejector
7 outcaste
7 outdoorsman
8 outdoorswoman
7 owner2 possessor
8 holder2
9 ticket_holder
9 cardholder
9 landowner landholder property_owner
10 abutter
10 franklin3
10 freeholder
11 yeoman2
10 laird
10 landlord
11 landlady
10 squire2
9 slaveholder slave_owner slaver2
9 tenant2
10 cotenant
10 life_tenant
8 homeowner householder
9 weekend_warrior
8 part-owner
8 saver2
9 economizer economiser
10 stinter
9 hoarder
10 magpie2 scavenger2 pack_rat
10 miser
11 cheapskate tightwad
10 niggard skinflint scrooge churl2
11 pinchgut
10 penny_pincher
8 shipowner
7 pamperer spoiler3 coddler mollycoddler
7 pansexual
7 pardoner forgiver excuser
7 partner3
8 copartner
8 silent_partner sleeping_partner
7 party5
8 assignee
8 assignor
8 contractor3
9 builder3 constructor
10 boatbuilder
10 contractor
11 defense_contractor
11 hauler haulier
12 garbage_man garbageman garbage_collector garbage_carter garbage_hauler refuse_collector dustman
11 ship-breaker
11 subcontractor
10 homebuilder home-builder housebuilder house-builder
10 jerry-builder
10 road_builder
10 shipbuilder2 ship_builder2
8 intervenor
8 litigant litigator
9 defendant suspect2
10 accused
10 codefendant co-defendant
11 corespondent co-respondent
11 respondent
9 appellant plaintiff_in_error
9 filer
9 plaintiff complainant
10 suer2 petitioner2
9 prevailing_party
8 reversioner
8 tort-feasor tortfeasor
8 vouchee
7 passer2
7 personage
7 personification
8 embodiment incarnation avatar
9 deification2
9 reincarnation
8 queen4
7 perspirer sweater2
7 philosopher2
7 pickaninny piccaninny picaninny
7 picker chooser selector
7 pisser urinator
8 bedwetter bed_wetter wetter3
7 planner contriver deviser
8 designer4 intriguer
8 maneuverer manoeuvrer
8 schemer plotter
9 angler
9 politician3
8 strategist strategian
9 market_strategist
8 tactician
7 player4
7 posturer
7 powderer
7 preserver3
8 defender guardian protector shielder
9 admonisher monitor2 reminder3
9 bodyguard escort
10 outrider
10 yeoman yeoman_of_the_guard beefeater
9 champion2 fighter3 hero3 paladin
9 chaperon chaperone
10 den_mother2
10 duenna
10 housemother
9 custodian keeper2 steward5
10 caretaker
11 concierge
11 superintendent2 super
10 curator conservator
10 gamekeeper game_warden
11 warrener
10 greenskeeper
10 house_sitter
10 janitor
10 lighthouse_keeper
10 pet_sitter critter_sitter
10 zoo_keeper
9 fireman4 firefighter fire_fighter fire-eater
10 fire_chief fire_marshal
9 foster-parent foster_parent
10 foster-father foster_father
10 foster-mother foster_mother
9 guard
10 bouncer chucker-out
10 doorkeeper3 doorman door_guard hall_porter porter2 gatekeeper2 ostiary2
11 commissionaire
11 night_porter
11 ticket_collector ticket_taker
10 halberdier
10 screener
10 watchman watcher2 security_guard
11 bank_guard
11 fire_watcher
11 lookout lookout_man sentinel sentry watch5 spotter3 scout picket
11 night_watchman
11 patroller
11 portwatcher port_watcher
9 keeper
10 baby_farmer
10 babyminder baby_minder minder2
10 babysitter baby-sitter sitter3
9 lawman law_officer peace_officer
10 attorney_general
10 border_patrolman
10 constable
10 deputy deputy_sheriff
10 flatfoot patrolman
10 prison_guard jailer jailor gaoler screw turnkey
10 lieutenant2 police_lieutenant
10 marshal marshall5
11 air_marshal sky_marshal
10 military_policeman
11 provost_marshal
11 redcap
10 narc nark2 narcotics_agent
10 policeman police_officer officer3
11 bobby
11 bull5 cop copper3 fuzz2 pig4
11 captain3 police_captain police_chief
11 constable3 police_constable
11 detective investigator3 tec police_detective
12 dick gumshoe hawkshaw
12 plainclothesman
12 tracer
11 gendarme
11 inspector
11 motorcycle_cop motorcycle_policeman speed_cop
11 police_matron policewoman
12 meter_maid
11 shoofly
11 traffic_cop
12 crossing_guard
13 lollipop_lady lollipop_woman
12 pointsman
11 trooper2
11 trooper3 state_trooper
10 police_sergeant sergeant2
11 buck_sergeant
11 desk_sergeant deskman station_keeper
10 sheriff
10 solicitor_general
10 warden
10 warder
11 wardress
12 matron2
9 patron_saint
9 peacekeeper2
9 tribune
9 watchdog
7 propositus
7 public_relations_person
8 spin_doctor spinmeister
7 pursuer2
7 pussycat
7 quarter9
7 quitter
8 abdicator
8 dropout
8 deserter apostate renegade2 turncoat recreant2 ratter
7 radical3
8 anarchist nihilist2 syndicalist
8 red3 bolshie bolshy
8 extremist
8 leveler leveller
8 revolutionist revolutionary subversive subverter
9 counterrevolutionist counter-revolutionist counterrevolutionary
9 dynamiter dynamitist
9 insurgent insurrectionist freedom_fighter rebel2
10 mutineer
8 terrorist
9 suicide_bomber
7 rare_bird rara_avis
7 realist2
8 pragmatist2
7 rectifier2
7 redhead redheader red-header carrottop
7 registrant
7 reliever2 allayer comforter2
7 repeater
7 rescuer2 recoverer saver
8 salvager salvor
9 stooper
8 succorer succourer
7 rester
8 sleeper slumberer
9 dreamer
9 sleeping_beauty2
9 sleepwalker somnambulist noctambulist
9 snorer
9 somniloquist
7 restrainer2 controller2
8 nazi2
8 subduer surmounter overcomer
8 suppressor suppresser
8 withholder2
7 revenant
7 rich_person wealthy_person have
8 affluent
8 fat_cat
8 man_of_means rich_man wealthy_man
9 nabob2
9 toff nob
8 millionairess
8 plutocrat
8 millionaire
8 billionaire
8 multi-billionaire
7 right-hander2 right_hander righthander
7 riser
8 early_bird2
7 romper
7 roundhead
7 ruler swayer
8 basileus
8 caliph calif kaliph kalif khalif khalifah
8 dictator2 potentate
9 shogun
9 strongman2
9 tyrant autocrat despot
10 czar2
8 emir amir emeer ameer
8 ethnarch
8 khan
8 oligarch
8 overlord master2 lord2
9 feudal_lord seigneur seignior
10 liege2 liege_lord
8 puppet_ruler puppet_leader
8 regent2
8 dynast
8 sheik tribal_sheik sheikh tribal_sheikh
8 sovereign crowned_head monarch
9 czar tsar tzar
9 emperor
10 empress
10 mikado tenno
9 king male_monarch
8 sultan
8 tyrant2
7 rusher3
7 sannup
7 scientist
8 cosmographer cosmographist
8 bibliotist
8 biologist life_scientist
9 bacteriologist
9 botanist phytologist plant_scientist
10 mycologist
10 pomologist
10 propagator
9 cytologist
9 ecologist
9 geneticist
10 cytogeneticist
9 microbiologist
10 virologist
9 molecular_biologist
9 naturalist2 natural_scientist
9 neurobiologist
10 neuroscientist
11 neurolinguist
9 physiologist
9 radiobiologist
9 sociobiologist
9 taxonomist taxonomer systematist
10 lumper2
10 splitter2 divider
9 vivisectionist
9 zoologist animal_scientist
10 entomologist bugologist bug-hunter
11 lepidopterist lepidopterologist butterfly_collector
10 ethologist
10 herpetologist
10 ichthyologist
10 malacologist
10 mammalogist
10 ornithologist bird_watcher
10 protozoologist
8 chemist
9 biochemist
10 enzymologist
9 nuclear_chemist radiochemist
9 phytochemist
8 cognitive_scientist
9 cognitive_neuroscientist
8 computer_scientist
9 computational_linguist
8 geologist
9 geophysicist
10 seismologist
9 hydrologist
9 petroleum_geologist oil_geologist
8 linguist linguistic_scientist
9 grammarian syntactician
9 phonetician
10 transcriber3
9 phonologist
10 orthoepist
9 semanticist semiotician
9 sociolinguist
8 mathematician
9 algebraist
9 arithmetician
9 geometer geometrician
9 number_theorist
9 probability_theorist
9 statistician mathematical_statistician
9 trigonometrician
8 medical_scientist
9 epidemiologist
9 immunologist
9 serologist
9 toxicologist
8 microscopist
8 mineralogist
8 oceanographer
8 paleontologist palaeontologist fossilist
8 physicist
9 acoustician
9 astronomer uranologist stargazer2
10 astrophysicist
10 cosmologist
9 biophysicist
9 nuclear_physicist
8 principal_investigator
8 psychologist
9 behaviorist behaviourist
9 hypnotist hypnotizer hypnotiser mesmerist mesmerizer
9 parapsychologist
9 psycholinguist
9 psychophysicist
8 radiologic_technologist
8 research_worker researcher investigator
9 experimenter
9 boffin
9 fieldworker
8 social_scientist
9 anthropologist
10 archeologist archaeologist
11 paleographer paleographist
11 pothunter
10 ethnographer
10 ethnologist
10 social_anthropologist cultural_anthropologist
11 ritualist2
9 economist economic_expert
10 econometrician econometrist
10 macroeconomist macroeconomic_expert
10 microeconomist microeconomic_expert
10 monetarist
11 bimetallist
9 penologist
9 political_scientist
9 sociologist
10 demographer demographist population_scientist
10 psephologist
7 scratcher2
7 second-rater mediocrity2
7 seeder cloud_seeder
7 seeker searcher quester
8 finder
8 gadabout
8 hunter2
9 forager
7 segregate
7 sentimentalist romanticist
7 sex_object
7 sex_symbol
7 shaker mover_and_shaker
7 showman
7 signer2 signatory
8 cosigner cosignatory
8 cosigner2
8 abhorrer
8 endorser2 indorser2
9 accommodation_endorser
8 witness4 attestant attestor attestator
7 simpleton simple2
8 airhead
8 dimwit nitwit half-wit2 doofus
8 dingbat
8 dumbbell2 dummy2 dope2 boob booby pinhead
8 fool sap2 saphead muggins tomfool
9 ass2
9 clown buffoon
9 flibbertigibbet foolish_woman
9 fucker
9 fathead goof goofball bozo jackass goose2 cuckoo twat zany2
9 meshuggeneh meshuggener
9 morosoph
9 putz
9 wally
8 idiot imbecile cretin moron changeling half-wit retard
9 mongoloid2
8 idiot_savant
8 nebbish nebbech
8 nincompoop poop2 ninny
8 scatterbrain forgetful_person
8 schlemiel shlemiel
8 schlepper shlepper schlep shlep
8 schnook shnook
8 sheep2
8 space_cadet
8 square5 lame
8 stupid stupid_person stupe dullard dolt pudding_head pudden-head poor_fish pillock
9 berk
9 dunce dunderhead numskull blockhead bonehead lunkhead hammerhead knucklehead loggerhead muttonhead shithead dumbass fuckhead
9 klutz
8 subnormal
8 twerp twirp twit
7 six-footer
7 skidder slider slipper2
8 snowboarder
7 slave
8 bondman2 bondsman
8 bondwoman2 bondswoman3 bondmaid2
8 bond_servant
9 bondman bondsman3
9 bondwoman bondswoman2 bondmaid
9 thrall2
10 serf helot villein
11 cotter2 cottier
8 creature3 tool3 puppet2
8 galley_slave
7 slave3
7 sleepyhead
7 sloucher
7 small_person
8 dwarf midget nanus
9 pituitary_dwarf hypophysial_dwarf
9 primordial_dwarf hypoplastic_dwarf true_dwarf normal_dwarf
8 lilliputian
8 manikin mannikin homunculus
8 pygmy pigmy
8 runt shrimp peewee half-pint
8 wisp2
7 smasher
7 smiler
8 simperer
8 smirker
7 sneezer
7 sniffer
7 sniffler sniveler
7 snuffer2
7 snuffler
7 socializer socialiser
7 sort3
7 sounding_board
7 sphinx
7 spitter expectorator
7 sport4
7 sprawler
7 spurner
7 squaw
7 squinter squint-eye
7 stifler smotherer
7 stigmatic stigmatist
7 stooper2
7 stranger2
7 struggler
7 subject6 case7 guinea_pig
7 supernumerary
7 surrenderer yielder
7 survivalist
7 survivor2
7 suspect
8 murder_suspect
8 rape_suspect
8 robbery_suspect
7 tagger2
7 tagger
7 tapper2
7 tempter
7 termer
7 terror2 scourge3 threat4
7 testator testate
8 devisor
8 testatrix
7 thin_person skin_and_bones scrag
8 spindlelegs spindleshanks
7 third-rater
7 thrower2
8 pelter2
8 pitcher hurler twirler2
9 left-handed_pitcher left-hander left_hander lefthander lefty2 southpaw
9 right-handed_pitcher right-hander
9 reliever3 relief_pitcher fireman3
10 closer2 finisher
11 slammer
9 screwballer
9 starting_pitcher
8 slinger
8 tosser2
7 tiger
7 totemist
7 toucher
7 transfer2 transferee2
7 transsexual2 transexual2
7 transsexual transexual transgendered
7 transvestite cross-dresser
7 trier2 attempter essayer
7 turner7
7 tyrant3
7 ugly_duckling
7 undoer2 opener2 unfastener untier
7 user
8 consumer
9 chewer
10 muncher
9 concert-goer music_lover
9 customer client2
10 buyer purchaser emptor vendee
11 customer_agent
11 home_buyer
11 orderer
10 guest3
11 no-show
11 overnighter
10 patron frequenter
11 operagoer
11 regular habitue fixture2
10 policyholder
10 shopper
11 bargain_hunter
11 shopaholic
10 spender3 disburser expender
10 subscriber2 reader2
10 taker
10 warrantee2
10 whoremaster whoremonger john4 trick6
9 drinker2 imbiber toper juicer
10 bar_fly
10 beer_drinker ale_drinker
10 drunk2
11 drunk-and-disorderly
10 drunkard drunk rummy sot inebriate wino
11 alcoholic alky dipsomaniac boozer lush soaker2 souse
10 guzzler
10 moderationist
10 drunken_reveler drunken_reveller bacchanal bacchant
10 tippler social_drinker
10 wassailer carouser
9 drinker
10 gulper guzzler2
10 quaffer
10 sipper
10 sucker3
9 eater feeder2
10 devourer
10 diner
11 cutter2 carver4
11 tablemate dining_companion
10 dunker
10 glutton gourmand gourmandizer trencherman
10 gobbler
10 luncher
10 mouth5
10 mycophagist mycophage
10 nosher snacker
10 omnivore
10 picnicker picknicker
10 scoffer gorger
10 vegetarian
11 vegan
9 prodigal profligate2 squanderer
10 spendthrift spend-all spender2 scattergood
11 big_spender high_roller
10 wastrel waster
9 smoker tobacco_user
10 chain-smoker
10 cigarette_smoker
10 cigar_smoker
10 pipe_smoker
9 snuffer3 snuff_user
8 end_user
8 usufructuary
8 utilizer utiliser
8 wearer
7 vanisher
7 victim2 dupe
8 butt3 goat2 laughingstock stooge2
8 chump fool2 gull mark9 patsy fall_guy sucker soft_touch mug2
8 lamb3
8 sitting_duck easy_mark
7 visionary
8 idealist dreamer2
9 romantic
7 visually_impaired_person
8 aphakic
8 blind_person
8 hyperope
8 myope
8 presbyope
7 waiter2
8 lurker skulker2 lurcher
7 waker2
7 walk-in
7 wanter needer
7 ward
7 warrior
8 brave
8 centurion
8 guerrilla guerilla irregular insurgent2
9 urban_guerrilla
8 samurai
7 watcher3
7 weakling doormat wuss
8 namby-pamby
8 softy softie
8 wimp chicken3 crybaby
7 weasel
7 wiggler wriggler squirmer
7 winker
7 withholder
7 witness5
8 adverse_witness hostile_witness
8 character_witness
8 expert_witness
8 lay_witness
8 material_witness
7 worldling
7 yawner
6 animal animate_being beast brute2 creature fauna2
7 pest4
8 vermin2
7 critter
7 creepy-crawly
7 darter2
7 peeper3
7 homeotherm homoiotherm homotherm
7 poikilotherm ectotherm
7 range_animal
7 varmint2 varment
7 scavenger3
8 bottom-feeder
7 work_animal
8 beast_of_burden jument
9 pack_animal sumpter
8 draft_animal
7 domestic_animal domesticated_animal
8 feeder
8 stocker
8 head2
8 stray
7 feeder6
7 migrator2
7 molter moulter
7 pet
7 stayer
7 stunt2
7 marine_animal marine_creature sea_animal sea_creature
8 by-catch bycatch
7 female
8 hen4
8 dam3
8 female_mammal
7 male
8 sire3
7 adult2
7 young offspring3
8 hatchling
8 orphan4
8 young_mammal
9 baby5
9 pup whelp
10 puppy
9 wolf_pup wolf_cub
9 cub3 young_carnivore
10 lion_cub
10 bear_cub
10 tiger_cub
9 kit3
9 suckling3
9 calf
10 dogie dogy leppy
10 maverick2
9 calf4
9 kitten kitty3
9 foal
10 filly
10 colt
11 ridgeling ridgling ridgel ridgil
9 piglet piggy shoat shote
10 sucking_pig
9 lamb
10 lambkin
10 baa-lamb
10 hog2 hogget hogg2
10 teg
8 young_bird
9 fledgling2 fledgeling2
9 nestling baby_bird
8 spat3
8 young_fish
9 parr3
9 whitebait2
9 brit2 britt
9 parr2
7 thoroughbred3 purebred pureblood
7 giant
7 survivor3
7 mutant2
7 herbivore
7 insectivore2
7 acrodont
7 pleurodont
7 zooplankton
7 embryo2 conceptus fertilized_egg
8 blastula blastosphere
9 blastocyst blastodermic_vessicle
8 gastrula
8 morula
7 chordate
8 cephalochordate
9 lancelet amphioxus
8 tunicate urochordate urochord
9 ascidian
10 sea_squirt
9 salp salpa
9 doliolum
9 larvacean
9 appendicularia
8 vertebrate craniate
9 fetus foetus
10 monster5 teras
10 abortus
10 baby4
9 amniote
9 aquatic_vertebrate
10 jawless_vertebrate jawless_fish agnathan
11 ostracoderm
11 heterostracan
11 osteostracan cephalaspid
11 anaspid
11 conodont2
11 cyclostome
11 lamprey lamprey_eel lamper_eel
12 sea_lamprey
11 hagfish hag2 slime_eels
12 eptatretus
10 placoderm
10 fish
11 bottom-feeder2 bottom-dweller
11 bottom_lurkers
11 cartilaginous_fish chondrichthian
12 holocephalan holocephalian
13 chimaera3
14 rabbitfish
12 elasmobranch selachian
13 shark
14 cow_shark six-gilled_shark
14 mackerel_shark
15 porbeagle
15 mako mako_shark
16 shortfin_mako
16 longfin_mako
16 bonito_shark blue_pointed
15 great_white_shark white_shark man-eater2 man-eating_shark
15 basking_shark
14 thresher2 thrasher3 thresher_shark fox_shark
14 carpet_shark
14 nurse_shark
14 sand_tiger sand_shark
14 whale_shark
14 cat_shark
14 requiem_shark
15 bull_shark cub_shark
15 sandbar_shark2
15 blacktip_shark sandbar_shark
15 whitetip_shark2 oceanic_whitetip_shark white-tipped_shark
15 dusky_shark
15 lemon_shark
15 blue_shark great_blue_shark
15 tiger_shark
15 soupfin_shark soupfin soup-fin
14 dogfish2
15 smooth_dogfish
16 smoothhound smoothhound_shark
16 whitetip_shark reef_whitetip_shark
15 spiny_dogfish
14 hammerhead3 hammerhead_shark
15 smooth_hammerhead
15 smalleye_hammerhead
15 shovelhead bonnethead bonnet_shark
14 angel_shark angelfish3 monkfish3
13 ray7
14 electric_ray crampfish numbfish torpedo7
14 sawfish
15 smalltooth_sawfish
14 guitarfish
14 stingray
15 roughtail_stingray
15 butterfly_ray
14 eagle_ray
15 spotted_eagle_ray spotted_ray
15 cownose_ray cow-nosed_ray
14 manta2 manta_ray devilfish3
15 devil_ray
14 skate2
15 grey_skate gray_skate
15 little_skate
15 thorny_skate
15 barndoor_skate
11 fingerling
11 game_fish sport_fish
11 food_fish
12 groundfish bottom_fish
12 barracouta snoek
11 rough_fish
11 mouthbreeder
11 spawner
11 northern_snakehead
11 bony_fish
12 crossopterygian lobefin lobe-finned_fish
13 coelacanth
12 lungfish
13 ceratodus
12 teleost_fish teleost teleostan
13 soft-finned_fish malacopterygian
14 cypriniform_fish
15 loach
15 cyprinid cyprinid_fish
16 carp2
17 domestic_carp
18 leather_carp
18 mirror_carp
16 tench
16 dace
16 chub
16 shiner4
17 emerald_shiner
17 common_shiner silversides2
17 golden_shiner
16 roach5
16 rudd
16 minnow
16 gudgeon2
16 goldfish
17 silverfish2
16 crucian_carp
15 electric_eel
15 catostomid
16 sucker7
17 buffalo_fish buffalofish2
18 black_buffalo
17 hog_sucker hog_molly
17 redhorse redhorse_sucker
15 cyprinodont
16 killifish
17 mummichog
17 striped_killifish mayfish may_fish
17 rivulus
17 flagfish
16 swordtail helleri topminnow2
16 guppy rainbow_fish
15 topminnow poeciliid_fish poeciliid live-bearer
16 mosquitofish
16 platy
16 mollie molly
15 characin characin_fish characid
16 tetra
16 cardinal_tetra
16 piranha2 pirana caribe
14 catfish3 siluriform_fish
15 silurid silurid_fish
16 sheatfish
16 electric_catfish
15 bullhead2 bullhead_catfish
16 horned_pout hornpout pout3
16 brown_bullhead
15 channel_catfish channel_cat
16 blue_catfish blue_cat blue_channel_catfish blue_channel_cat
15 flathead_catfish mudcat2 goujon shovelnose_catfish spoonbill_catfish
15 armored_catfish
15 sea_catfish
16 crucifix_fish
14 gadoid gadoid_fish
15 cod3 codfish2
16 codling
16 burbot eelpout2 ling5 cusk3
16 scrod2 schrod2
15 whiting6
15 haddock2
15 pollack3 pollock3
15 hake2
16 silver_hake whiting5
16 ling4
15 ling3
15 cusk2 torsk
15 grenadier2 rattail rattail_fish
14 eel2
15 elver2
15 common_eel freshwater_eel
15 tuna4
15 moray moray_eel
15 conger conger_eel
14 beaked_salmon sandfish2
14 clupeid_fish clupeid
15 shad2
16 river_shad
16 allice_shad allis_shad allice allis
15 alewife2
15 menhaden
15 herring2
15 sardine2
16 sild
16 brisling2 sprat2
15 pilchard2 sardine4
14 anchovy2
15 mediterranean_anchovy
14 salmonid
15 salmon
16 blackfish2
16 redfish3
16 landlocked_salmon lake_salmon
16 sockeye2 sockeye_salmon2 red_salmon2 blueback_salmon
16 chinook5 chinook_salmon2 king_salmon2 quinnat_salmon
16 chum_salmon chum3
16 coho2 cohoe2 coho_salmon2 blue_jack silver_salmon2
15 trout2
16 brown_trout salmon_trout3
17 sea_trout3
16 rainbow_trout2
16 lake_trout2 salmon_trout2
16 brook_trout2 speckled_trout2
15 char3 charr
14 whitefish3
15 lake_whitefish
15 cisco2 lake_herring2
15 round_whitefish
14 smelt2
15 rainbow_smelt2
15 sparling2
15 capelin capelan caplin
14 tarpon
15 ladyfish tenpounder
14 bonefish
14 argentine
14 lanternfish
14 lizardfish snakefish snake-fish
14 greeneye
14 lancetfish lancet_fish wolffish2
14 handsaw_fish
14 opah moonfish2
14 ribbonfish2
15 dealfish
14 oarfish king_of_the_herring ribbonfish
13 cornetfish
13 pipefish needlefish2
14 dwarf_pipefish
14 deepwater_pipefish
14 seahorse2 sea_horse2
13 snipefish bellows_fish
13 shrimpfish shrimp-fish
13 trumpetfish
13 needlefish gar2 billfish4
14 timucu
13 flying_fish
14 monoplane_flying_fish two-wing_flying_fish
14 biplane_flying_fish four-wing_flying_fish
13 halfbeak
13 saury billfish3
13 spiny-finned_fish acanthopterygian
14 squirrelfish2
15 reef_squirrelfish
15 deepwater_squirrelfish
15 soldierfish soldier-fish
14 anomalops flashlight_fish2
14 flashlight_fish
14 dory3
14 boarfish2
14 boarfish
14 stickleback prickleback2
15 three-spined_stickleback
15 ten-spined_stickleback
14 batfish
14 goosefish angler3 anglerfish angler_fish monkfish2 lotte allmouth
14 toadfish
15 oyster_fish oyster-fish oysterfish
14 frogfish
14 sargassum_fish
14 percoid_fish percoid percoidean
15 perch7
15 perch6
16 yellow_perch
16 pike-perch pike_perch
17 walleye2 walleyed_pike jack_salmon dory2
18 blue_pike blue_pickerel blue_pikeperch blue_walleye
16 snail_darter
15 sandfish
15 cusk-eel
15 brotula
15 pearlfish pearl-fish
15 robalo
16 snook
15 pike5
16 northern_pike
16 muskellunge2
16 pickerel2
17 chain_pickerel chain_pike
17 redfin_pickerel barred_pickerel
15 sunfish3 centrarchid
16 crappie2
17 black_crappie
17 white_crappie
16 freshwater_bream2 bream4
17 bluegill
17 spotted_sunfish stumpknocker
16 pumpkinseed
16 rock_bass2 rock_sunfish
16 black_bass2
17 spotted_black_bass
17 smallmouth smallmouth_bass2 smallmouthed_bass smallmouth_black_bass smallmouthed_black_bass
17 largemouth largemouth_bass2 largemouthed_bass largemouth_black_bass largemouthed_black_bass
15 bass8
16 freshwater_bass2
15 serranid_fish serranid
16 white_perch silver_perch2
16 yellow_bass
16 sea_bass2
17 blackmouth_bass
17 rock_sea_bass rock_bass
17 black_sea_bass black_bass
17 striped_bass2 striper3 rockfish3
17 stone_bass wreckfish
17 belted_sandfish
17 grouper2
18 coney
18 hind
19 rock_hind
18 creole-fish
18 jewfish2
16 soapfish
15 surfperch surffish2 surf_fish2
16 rainbow_seaperch rainbow_perch
15 bigeye
15 catalufa
15 cardinalfish
16 flame_fish flamefish
16 conchfish
15 tilefish2
15 bluefish
15 cobia sergeant_fish
15 carangid_fish carangid
16 jack9
17 crevalle_jack jack_crevalle
17 yellow_jack3
17 runner9 blue_runner
17 rainbow_runner
17 leatherjacket2 leatherjack
17 threadfish thread-fish
17 amberjack amberfish
17 yellowtail2
17 rudderfish2 banded_rudderfish
17 kingfish5
16 moonfish horsefish horsehead horse-head dollarfish2
17 lookdown lookdown_fish
16 pompano2
17 permit3
16 pilotfish
16 scad
17 horse_mackerel3 jack_mackerel saurel2
17 horse_mackerel2 saurel
17 bigeye_scad big-eyed_scad goggle-eye
17 mackerel_scad mackerel_shad
17 round_scad cigarfish quiaquia
15 dolphinfish2 dolphin mahimahi2
15 blanquillo tilefish
15 cichlid cichlid_fish
16 bolti
15 snapper5
16 red_snapper2
16 grey_snapper gray_snapper mangrove_snapper
16 mutton_snapper muttonfish
16 schoolmaster3
16 yellowtail yellowtail_snapper
15 grunt3
16 margate
16 tomtate
16 cottonwick
16 sailor's-choice2 sailors_choice
16 porkfish pork-fish
16 pompon2 black_margate
16 pigfish2 hogfish2
15 sparid sparid_fish
16 sheepshead
16 pinfish sailor's-choice squirrelfish
16 snapper4
15 sea_bream2 bream3
16 pomfret
16 porgy2
17 red_porgy
17 sheepshead_porgy
17 scup4 northern_porgy northern_scup
17 scup3 southern_porgy southern_scup
16 black_bream
15 sciaenid_fish sciaenid
16 drum6 drumfish
17 striped_drum
17 jackknife-fish
17 silver_perch mademoiselle
17 red_drum channel_bass redfish2
16 mulloway jewfish
16 maigre maiger
16 croaker2
17 yellowfin_croaker surffish surf_fish
17 white_croaker2 chenfish kingfish3
17 white_croaker queenfish
16 whiting4
17 kingfish4
17 king_whiting
17 northern_whiting
17 corbina
17 silver_whiting
16 sea_trout2
17 weakfish2
17 spotted_weakfish spotted_sea_trout spotted_squeateague
15 mullet3
16 goatfish red_mullet surmullet
17 red_goatfish
17 yellow_goatfish
15 mullet2 grey_mullet2 gray_mullet2
16 striped_mullet
16 white_mullet
16 liza
15 sea_chub
16 rudderfish
15 spadefish angelfish2
15 butterfly_fish
16 chaetodon
16 angelfish
16 rock_beauty
15 damselfish demoiselle2
16 beaugregory
16 anemone_fish
17 clown_anemone_fish
16 sergeant_major2
15 wrasse
16 pigfish giant_pigfish
16 hogfish hog_snapper
16 slippery_dick
16 puddingwife pudding-wife
16 bluehead
16 razor_fish razor-fish
17 pearly_razorfish
16 tautog blackfish
16 cunner bergall
15 parrotfish polly_fish pollyfish
15 threadfin
16 barbu
15 jawfish
15 stargazer3
15 sand_stargazer
15 blennioid_fish blennioid
16 blenny combtooth_blenny
17 shanny
16 clinid clinid_fish
16 pikeblenny
17 bluethroat_pikeblenny
16 gunnel2 bracketed_blenny
17 rock_gunnel butterfish3
16 prickleback
17 snakeblenny
17 eelblenny
16 wrymouth ghostfish
16 wolffish wolf_fish catfish2
16 eelpout pout2
17 viviparous_eelpout
17 fish_doctor
17 ocean_pout
15 goby gudgeon
16 mudskipper mudspringer
15 sleeper8 sleeper_goby
15 flathead2
15 archerfish
15 worm_fish
15 surgeonfish
16 doctorfish doctor-fish
15 gempylid
16 snake_mackerel
16 escolar
16 oilfish
15 cutlassfish frost_fish hairtail
15 scombroid scombroid_fish
16 mackerel2
17 common_mackerel shiner3
17 chub_mackerel tinker3
17 wahoo3
17 king_mackerel cavalla cero2
17 cero pintado kingfish2
17 sierra2
16 tuna3 tunny2
17 albacore2 long-fin_tunny
17 bluefin2 bluefin_tuna2 horse_mackerel
17 yellowfin yellowfin_tuna
16 bonito3
17 skipjack2
16 skipjack skipjack_tuna
16 bonito2 oceanic_bonito
16 swordfish2
16 sailfish2
16 billfish2
17 marlin
18 blue_marlin
18 black_marlin
18 striped_marlin
18 white_marlin
17 spearfish
16 louvar
16 squaretail
15 butterfish2 stromateid_fish stromateid
16 dollarfish
16 palometa
16 harvestfish
16 driftfish2
16 driftfish
16 barrelfish black_rudderfish
15 clingfish
16 skillet_fish skilletfish
15 tripletail
15 mojarra
16 yellowfin_mojarra
16 silver_jenny
15 whiting3
14 remora suckerfish sucking_fish
15 sharksucker
15 whale_sucker whalesucker
14 silversides silverside
15 jacksmelt
14 barracuda
15 great_barracuda
14 sand_lance sand_launce sand_eel launce
14 dragonet
14 scorpaenoid scorpaenoid_fish
15 lingcod2
15 scorpaenid scorpaenid_fish
16 scorpionfish scorpion_fish sea_scorpion
17 plumed_scorpionfish
16 lionfish
16 stonefish
16 rockfish2
17 copper_rockfish
17 vermillion_rockfish rasher
17 red_rockfish2
17 rosefish2 ocean_perch2
15 sculpin
16 bullhead
16 miller's-thumb
16 sea_raven
16 grubby
15 lumpfish
16 lumpsucker
15 snailfish seasnail sea_snail
15 poacher3 sea_poacher sea_poker
16 pogge armed_bullhead
16 alligatorfish
15 greenling
16 kelp_greenling
16 painted_greenling convict_fish convictfish
15 flathead
15 gurnard
16 tub_gurnard yellow_gurnard
16 sea_robin searobin
17 northern_sea_robin
17 armored_searobin armored_sea_robin
15 flying_gurnard flying_robin butterflyfish
14 plectognath plectognath_fish
15 triggerfish
16 queen_triggerfish oldwench oldwife
15 filefish
16 leatherjacket leatherfish
15 boxfish trunkfish
16 cowfish
15 puffer2 pufferfish2 blowfish2 globefish
15 spiny_puffer
16 porcupinefish porcupine_fish
16 balloonfish
16 burrfish
15 ocean_sunfish sunfish2 mola headfish
16 sharptail_mola
14 flatfish2
15 flounder2
15 righteye_flounder righteyed_flounder
16 plaice2
16 yellowtail_flounder2
16 winter_flounder2 blackback_flounder lemon_sole6
16 lemon_sole5
15 halibut2 holibut
15 lefteye_flounder lefteyed_flounder
16 southern_flounder
16 summer_flounder
16 grey_flounder gray_flounder
16 whiff2
17 horned_whiff
16 sand_dab2
16 windowpane2
16 brill
16 turbot2
15 tonguefish tongue-fish
15 sole4
16 lemon_sole4
16 lemon_sole3
16 sand_sole
16 hogchoker
13 sweeper3
13 ganoid ganoid_fish
14 bowfin grindle dogfish
14 paddlefish duckbill
14 sturgeon
15 white_sturgeon2
15 beluga hausen white_sturgeon
14 gar garfish garpike billfish
11 climbing_perch
9 gnathostome
9 bird
10 dickeybird dickey-bird dickybird dicky-bird
10 cock5
11 gamecock fighting_cock
10 hen2
10 nester2
10 night_bird
11 night_raven2
10 bird_of_passage2
10 protoavis
10 archaeopteryx archeopteryx
10 archaeornis
10 ratite ratite_bird flightless_bird
11 ostrich2
11 cassowary
11 emu2
11 kiwi4 apteryx
11 rhea3
11 rhea2 nandu
11 elephant_bird aepyornis
11 moa
12 giant_moa
12 anomalopteryx
10 carinate carinate_bird flying_bird
10 passerine passeriform_bird
11 oscine oscine_bird
12 songbird songster3
12 honey_eater honeysucker
12 accentor
13 hedge_sparrow sparrow2 dunnock
12 lark3
13 skylark
12 wagtail
12 pipit titlark lark2
13 meadow_pipit
12 finch
13 chaffinch
13 brambling
13 goldfinch2
13 linnet2 lintwhite
13 siskin
13 red_siskin
13 redpoll2
13 redpoll
13 goldfinch yellowbird2
13 pine_siskin pine_finch
13 house_finch linnet
13 purple_finch
13 canary4 canary_bird
14 common_canary
13 serin
13 crossbill
13 bullfinch2
13 junco snowbird3
14 dark-eyed_junco slate-colored_junco
13 vesper_sparrow grass_finch2
13 white-throated_sparrow whitethroat3
13 white-crowned_sparrow
13 chipping_sparrow
13 field_sparrow
13 tree_sparrow2
13 song_sparrow
13 swamp_sparrow
13 bunting2
14 indigo_bunting indigo_finch indigo_bird
14 ortolan ortolan_bunting
14 reed_bunting
14 yellowhammer2 yellow_bunting
14 yellow-breasted_bunting
14 snow_bunting snowbird2 snowflake2
13 grosbeak grossbeak
14 evening_grosbeak
14 hawfinch
14 pine_grosbeak
13 cardinal4 cardinal_grosbeak redbird2
13 pyrrhuloxia
13 towhee
14 chewink cheewink
14 green-tailed_towhee
13 honeycreeper
14 mamo
12 honeycreeper2
13 banana_quit
12 weaver2 weaverbird weaver_finch
13 baya
13 whydah whidah widow_bird
13 ricebird2
13 avadavat amadavat
13 grassfinch grass_finch
14 zebra_finch
12 true_flycatcher flycatcher
13 spotted_flycatcher
13 thickhead whistler5
12 thrush3
13 missel_thrush mistle_thrush mistletoe_thrush
13 song_thrush mavis throstle2
13 fieldfare snowbird
13 redwing2
13 blackbird2 merl merle ouzel ousel
13 ring_ouzel ring_blackbird ring_thrush
13 robin2
13 clay-colored_robin
13 hermit_thrush
13 veery
13 wood_thrush
13 nightingale
14 bulbul
13 thrush_nightingale
13 chat3
14 stonechat
14 whinchat
13 solitaire3
13 redstart2 redtail2
13 wheatear
13 bluebird2
13 robin redbreast robin_redbreast
13 bluethroat
12 warbler2
13 gnatcatcher
13 kinglet
14 goldcrest golden-crested_kinglet
14 gold-crowned_kinglet
14 ruby-crowned_kinglet ruby-crowned_wren
13 true_warbler
14 blackcap4
14 wood_warbler2
14 sedge_warbler sedge_bird sedge_wren2 reedbird2
14 wren_warbler
14 tailorbird
13 greater_whitethroat whitethroat2
13 lesser_whitethroat whitethroat
13 wood_warbler
14 parula_warbler northern_parula
14 flycatching_warbler
15 redstart
14 yellow_warbler golden_warbler yellowbird
14 myrtle_warbler myrtle_bird
14 blackpoll
14 chat2
15 yellow-breasted_chat
14 ovenbird
14 water_thrush
14 yellowthroat
15 common_yellowthroat
12 babbler2 cackler2
12 bird_of_paradise3
13 riflebird
12 oriole2
13 northern_oriole
14 hangbird firebird2
13 orchard_oriole
13 meadowlark lark
14 eastern_meadowlark
14 western_meadowlark
13 cacique cazique
13 bobolink ricebird reedbird
13 blackbird
14 grackle2 crow_blackbird
15 purple_grackle
14 rusty_blackbird rusty_grackle
14 cowbird
14 red-winged_blackbird redwing
12 oriole
13 golden_oriole
13 fig-bird
12 starling
13 common_starling
13 rose-colored_starling rose-colored_pastor
13 myna mynah mina minah myna_bird mynah_bird
14 crested_myna
14 hill_myna grackle
12 corvine_bird
13 crow
13 raven
13 rook2
13 jackdaw daw
13 chough
13 jay2
14 blue_jay jaybird
14 grey_jay gray_jay camp_robber whisker_jack
13 nutcracker3
14 common_nutcracker
13 magpie
12 butcherbird2
12 currawong bell_magpie
12 piping_crow piping_crow-shrike
12 mockingbird mocker2
12 blue_mockingbird
12 catbird2 grey_catbird gray_catbird
12 thrasher2 mocking_thrush
13 brown_thrasher brown_thrush
12 rock_wren
12 rifleman_bird
12 creeper3 tree_creeper
13 brown_creeper
13 wall_creeper tichodrome
12 nuthatch nutcracker2
13 red-breasted_nuthatch
13 white-breasted_nuthatch
12 titmouse tit3
13 chickadee
14 black-capped_chickadee blackcap3
13 tufted_titmouse
13 blue_tit tomtit
13 bushtit bush_tit
13 wren-tit
13 verdin
12 fairy_bluebird bluebird
12 swallow3
13 barn_swallow chimney_swallow2
13 cliff_swallow
13 tree_swallow2 tree_martin
13 white-bellied_swallow tree_swallow
13 martin5
14 house_martin
14 bank_martin bank_swallow sand_martin
14 purple_martin
12 wood_swallow swallow_shrike
12 tanager
13 scarlet_tanager redbird firebird
13 western_tanager
13 summer_tanager summer_redbird
13 hepatic_tanager
12 shrike
13 butcherbird
14 northern_shrike
14 white-rumped_shrike
13 loggerhead_shrike
13 migrant_shrike
13 bush_shrike
14 black-fronted_bush_shrike
12 bowerbird catbird
13 satin_bowerbird satin_bird
13 great_bowerbird
12 water_ouzel dipper5
12 vireo
13 red-eyed_vireo
13 solitary_vireo
13 blue-headed_vireo
12 waxwing
13 cedar_waxwing cedarbird
11 sparrow true_sparrow
12 house_sparrow
12 tree_sparrow
11 lyrebird
11 scrubbird scrub-bird scrub_bird
11 broadbill4
11 tyrannid
12 flycatcher2 tyrant_flycatcher tyrant_bird
13 kingbird
14 western_kingbird
14 eastern_kingbird
14 grey_kingbird gray_kingbird petchary
13 pewee peewee2 peewit2 pewit3 wood_pewee
14 western_wood_pewee
13 phoebe3 phoebe_bird
13 vermillion_flycatcher firebird3
13 cotinga chatterer2
14 cock_of_the_rock2
14 cock_of_the_rock
14 bellbird
14 umbrella_bird
13 scissortail scissortailed_flycatcher
12 manakin3
12 ovenbird2
12 antbird ant_bird
13 ant_thrush
13 ant_shrike
13 spotted_antbird
12 woodhewer woodcreeper wood-creeper tree_creeper2
12 pitta
11 wren2 jenny_wren
12 winter_wren
12 house_wren
12 marsh_wren
13 long-billed_marsh_wren
13 sedge_wren short-billed_marsh_wren
12 rock_wren2
12 cactus_wren
10 nonpasserine_bird
10 bird_of_prey raptor raptorial_bird
11 hawk
12 eyas
12 tiercel tercel tercelet
12 goshawk
12 sparrow_hawk2
12 blue_darter
12 chicken_hawk hen_hawk
12 buteonine
12 redtail red-tailed_hawk
12 rough-legged_hawk roughleg
12 red-shouldered_hawk
12 buzzard2
12 honey_buzzard
12 kite4
13 black_kite
13 swallow-tailed_kite swallow-tailed_hawk
13 white-tailed_kite
12 harrier3
13 marsh_harrier
13 marsh_hawk northern_harrier hen_harrier
12 harrier_eagle short-toed_eagle
12 falcon
13 peregrine peregrine_falcon
14 falcon-gentle falcon-gentil
13 gyrfalcon gerfalcon
13 kestrel2
13 sparrow_hawk kestrel
13 pigeon_hawk merlin2
13 hobby3
13 caracara
14 carancha
12 osprey fish_hawk fish_eagle sea_eagle
11 eagle
12 eaglet
12 harpy4 harpy_eagle
12 golden_eagle
13 ringtail4
12 tawny_eagle
12 bald_eagle
12 sea_eagle2
13 ern erne grey_sea_eagle gray_sea_eagle white-tailed_sea_eagle
13 fishing_eagle
11 vulture
12 griffon_vulture griffon4
12 bearded_vulture lammergeier lammergeyer
12 black_vulture2
12 cathartid
13 buzzard turkey_buzzard turkey_vulture
13 condor
13 black_vulture carrion_crow
13 king_vulture
11 secretary_bird
11 owl bird_of_night hooter3
12 owlet
12 little_owl
12 horned_owl
13 great_horned_owl
12 great_grey_owl great_gray_owl
12 tawny_owl
12 barred_owl
12 screech_owl2
12 screech_owl
12 scops_owl
12 spotted_owl
12 hoot_owl
12 hawk_owl
12 long-eared_owl
12 laughing_owl laughing_jackass2
12 barn_owl
10 gallinaceous_bird gallinacean
11 domestic_fowl fowl poultry
12 game_fowl
12 cochin cochin_china
12 chicken2
13 chick biddy2
13 cock4 rooster
14 cockerel
13 capon2
13 hen biddy
14 cackler
14 brood_hen broody broody_hen setting_hen sitter5
14 mother_hen2
14 layer4
14 pullet2
13 spring_chicken2
12 bantam
12 turkey
13 turkey_cock gobbler2 tom2 tom_turkey
12 guinea_fowl guinea4
13 guinea_hen2
11 jungle_fowl gallina
12 jungle_cock
12 jungle_hen
12 red_jungle_fowl
11 ocellated_turkey
11 guan
12 piping_guan
11 curassow
11 chachalaca
11 megapode mound_bird mound-bird mound_builder2 scrub_fowl
12 mallee_fowl leipoa lowan
13 mallee_hen
12 brush_turkey
12 maleo
11 hoatzin hoactzin stinkbird
11 columbiform_bird
12 dodo2
12 solitaire2
12 pigeon
13 pouter_pigeon pouter2
13 dove
14 turtledove2
15 ringdove
14 turtledove
14 mourning_dove
13 rock_dove rock_pigeon
13 band-tailed_pigeon band-tail_pigeon bandtail
13 wood_pigeon ringdove2 cushat
13 domestic_pigeon
14 fairy_swallow
14 roller7 tumbler4 tumbler_pigeon
14 homing_pigeon homer5
15 carrier_pigeon
13 squab3
13 passenger_pigeon
12 sandgrouse sand_grouse
13 painted_sandgrouse
13 pin-tailed_sandgrouse pin-tailed_grouse
13 pallas's_sandgrouse
10 parrot
11 popinjay2
11 poll4 poll_parrot
11 amazon4
11 macaw
11 kea
11 cockatoo
12 sulphur-crested_cockatoo
12 pink_cockatoo
11 cockateel cockatiel cockatoo_parrot
11 lovebird2
11 lory
12 lorikeet
13 rainbow_lorikeet
11 parakeet parrakeet parroket paraquet paroquet parroquet
12 budgerigar budgereegah budgerygah budgie grass_parakeet lovebird shell_parakeet
12 ring-necked_parakeet
10 cuculiform_bird
11 cuckoo2
12 black-billed_cuckoo
12 roadrunner chaparral_cock
12 ani
12 coucal
13 crow_pheasant
13 pheasant_coucal pheasant_cuckoo
11 touraco turaco turacou turakoo
10 coraciiform_bird
11 roller6
12 ground_roller
11 kingfisher
12 belted_kingfisher
12 kookaburra laughing_jackass
11 bee_eater
11 hornbill
11 hoopoe hoopoo
11 wood_hoopoe
11 motmot momot
11 tody
10 apodiform_bird
11 swift3
12 chimney_swift chimney_swallow
12 swiftlet
11 tree_swift crested_swift
11 hummingbird
12 thornbill
10 caprimulgiform_bird
11 goatsucker nightjar caprimulgid
12 chuck-will's-widow
12 whippoorwill
12 nighthawk2 bullbat mosquito_hawk2
12 poorwill
11 frogmouth
11 oilbird guacharo
10 piciform_bird
11 woodpecker peckerwood pecker2
12 green_woodpecker
12 downy_woodpecker
12 flicker2
13 yellow-shafted_flicker yellowhammer
13 gilded_flicker
13 red-shafted_flicker
12 ivorybill ivory-billed_woodpecker
12 redheaded_woodpecker redhead3
12 sapsucker
13 yellow-bellied_sapsucker
13 red-breasted_sapsucker
12 wryneck2
12 piculet
11 barbet
11 puffbird
11 honey_guide
11 jacamar
11 toucan
12 toucanet
10 trogon
11 quetzal2 quetzal_bird
12 resplendent_quetzel resplendent_trogon
10 aquatic_bird
11 waterfowl water_bird waterbird
12 anseriform_bird
13 duck
14 drake2
14 quack-quack
14 duckling2
14 diving_duck
14 dabbling_duck dabbler2
14 mallard
14 black_duck
14 teal2
15 greenwing green-winged_teal
15 bluewing blue-winged_teal
15 garganey
14 widgeon wigeon
15 baldpate2
14 shoveler2 shoveller2 broadbill3
14 pintail pin-tailed_duck
14 sheldrake2
15 shelduck
14 ruddy_duck
14 bufflehead butterball2 dipper4
14 goldeneye2 whistler4
14 canvasback canvasback_duck
14 pochard
14 redhead2
14 scaup scaup_duck bluebill broadbill2
15 greater_scaup
15 lesser_scaup lesser_scaup_duck lake_duck
14 wild_duck
14 wood_duck summer_duck wood_widgeon
15 wood_drake
14 mandarin_duck
14 muscovy_duck musk_duck
14 sea_duck
15 eider eider_duck
15 scoter scooter5
16 common_scoter
15 old_squaw oldwife2
15 merganser fish_duck sawbill sheldrake
16 goosander
16 red-breasted_merganser
16 smew
16 hooded_merganser hooded_sheldrake
13 goose
14 gosling
14 gander
14 greylag graylag greylag_goose graylag_goose
14 blue_goose
15 snow_goose
14 brant brant_goose brent brent_goose
15 common_brant_goose
14 honker3
14 barnacle_goose barnacle2
12 screamer3
13 horned_screamer
13 crested_screamer
14 chaja
11 swan
12 coscoroba
12 cob4
12 pen5
12 cygnet
12 mute_swan
12 whooper2 whooper_swan
12 tundra_swan
13 whistling_swan
12 trumpeter4 trumpeter_swan
12 black_swan
11 wading_bird wader
12 stork
13 white_stork
13 black_stork
13 adjutant_bird adjutant2 adjutant_stork
13 marabou marabout marabou_stork
13 openbill
13 jabiru3
13 saddlebill jabiru2
13 policeman_bird black-necked_stork jabiru
13 wood_ibis2 wood_stork2 flinthead
12 shoebill shoebird
12 ibis
13 wood_ibis wood_stork
13 sacred_ibis
12 spoonbill
13 common_spoonbill
13 roseate_spoonbill
12 flamingo
12 heron2
13 great_blue_heron
13 great_white_heron3
13 egret
14 snowy_egret snowy_heron
14 little_egret
14 great_white_heron2
14 great_white_heron
14 cattle_egret
13 little_blue_heron
13 night_heron night_raven
14 black-crowned_night_heron
14 yellow-crowned_night_heron
13 boatbill boat-billed_heron broadbill
13 bittern
14 stake_driver
14 least_bittern
12 crane5
13 whooping_crane whooper
12 courlan
12 limpkin
12 crested_cariama seriema2
12 chunga seriema
12 rail5
13 weka maori_hen wood_hen
13 crake
14 corncrake land_rail
14 spotted_crake
13 notornis takahe
13 coot
14 marsh_hen mud_hen water_hen
12 bustard
13 great_bustard
13 plain_turkey
12 button_quail button-quail bustard_quail hemipode
13 striped_button_quail
12 ortygan
12 plain_wanderer
12 trumpeter3
12 shorebird shore_bird limicoline_bird
13 plover
14 piping_plover
14 killdeer kildeer killdeer_plover
14 dotterel dotrel
14 golden_plover
14 lapwing green_plover peewit pewit2
14 turnstone
15 ruddy_turnstone
15 black_turnstone
13 sandpiper
14 spotted_sandpiper
14 least_sandpiper stint2
14 red-backed_sandpiper dunlin
14 greenshank
14 redshank
14 yellowlegs
15 greater_yellowlegs
15 lesser_yellowlegs
14 pectoral_sandpiper jacksnipe2
14 knot7 greyback3 grayback2
14 curlew_sandpiper
14 sanderling
14 upland_sandpiper upland_plover
14 ruff3
15 reeve
14 tattler2
15 willet
13 surfbird
13 woodcock
14 woodcock_snipe2
13 snipe
14 whole_snipe
14 great_snipe woodcock_snipe
14 jacksnipe half_snipe
14 dowitcher
15 greyback2 grayback
15 red-breasted_snipe
13 curlew
13 godwit
13 stilt4 stiltbird longlegs long-legs stilt_plover
14 black-necked_stilt
14 black-winged_stilt
14 white-headed_stilt
14 kaki2
13 stilt3
14 banded_stilt
13 avocet
13 oystercatcher oyster_catcher
13 phalarope
14 red_phalarope
14 northern_phalarope
13 pratincole glareole
13 courser4
14 cream-colored_courser
14 crocodile_bird
13 stone_curlew thick-knee
11 gallinule marsh_hen2 water_hen2 swamphen
12 moorhen
12 purple_gallinule
11 seabird sea_bird seafowl
12 coastal_diving_bird
13 larid
14 gull2 seagull sea_gull
15 mew2 mew_gull sea_mew
15 black-backed_gull great_black-backed_gull cob3
15 herring_gull
15 laughing_gull blackcap2 pewit pewit_gull
15 ivory_gull
15 kittiwake
14 tern
15 sea_swallow
13 skimmer4
13 jaeger
14 parasitic_jaeger arctic_skua
14 skua bonxie
15 great_skua
12 auk
13 auklet
13 razorbill razor-billed_auk
13 little_auk dovekie
13 great_auk
13 guillemot
14 black_guillemot
14 pigeon_guillemot
14 murre
15 common_murre
15 thick-billed_murre
12 puffin
13 horned_puffin
13 tufted_puffin
12 gaviiform_seabird
13 loon2 diver3
12 podicipitiform_seabird
13 grebe
14 great_crested_grebe
14 red-necked_grebe
14 black-necked_grebe eared_grebe
14 dabchick little_grebe
14 pied-billed_grebe
12 pelecaniform_seabird
13 pelican
14 white_pelican
13 frigate_bird man-of-war_bird
13 gannet
14 solan solan_goose solant_goose
14 booby2
13 cormorant
13 snakebird anhinga darter
14 water_turkey
13 tropic_bird tropicbird boatswain_bird
12 sphenisciform_seabird
13 penguin
14 king_penguin
14 emperor_penguin
14 jackass_penguin
14 rock_hopper crested_penguin
12 pelagic_bird oceanic_bird
13 procellariiform_seabird
13 albatross2 mollymawk
14 wandering_albatross
14 black-footed_albatross gooney gooney_bird goonie goony
13 petrel
14 white-chinned_petrel
14 giant_petrel giant_fulmar
14 fulmar fulmar_petrel
14 shearwater
14 storm_petrel
15 stormy_petrel northern_storm_petrel
13 diving_petrel
10 twitterer
9 amphibian3
10 urodele caudate2
10 salamander
11 spotted_salamander2 fire_salamander
11 alpine_salamander
11 newt triton4
12 common_newt
12 red_eft
12 rough-skinned_newt
12 eft
11 ambystomid ambystomid_salamander
12 mole_salamander
12 spotted_salamander
12 tiger_salamander
12 axolotl mud_puppy3
12 waterdog
11 hellbender mud_puppy2
11 giant_salamander
11 olm
11 mud_puppy
11 dicamptodon dicamptodontid
11 olympic_salamander
11 lungless_salamander plethodont
11 eastern_red-backed_salamander
11 western_red-backed_salamander
11 dusky_salamander
11 climbing_salamander
12 arboreal_salamander
11 slender_salamander worm_salamander
11 web-toed_salamander
12 limestone_salamander
11 amphiuma congo_snake congo_eel blind_eel
11 siren5
10 frog toad toad_frog anuran batrachian salientian
11 true_frog ranid
12 wood-frog wood_frog
12 leopard_frog spring_frog2
12 bullfrog
12 green_frog spring_frog
12 cascades_frog
12 goliath_frog
12 pickerel_frog
12 tarahumara_frog
12 grass_frog
11 leptodactylid_frog leptodactylid
11 robber_frog2
11 barking_frog robber_frog
11 crapaud
11 tree_frog2 tree-frog2
11 tailed_frog bell_toad ribbed_toad tailed_toad
11 true_toad
12 bufo
12 agua agua_toad
12 natterjack
12 southwestern_toad
12 western_toad
11 obstetrical_toad midwife_toad2
11 midwife_toad
11 fire-bellied_toad
11 spadefoot spadefoot_toad
12 western_spadefoot
12 southern_spadefoot
12 plains_spadefoot
11 tree_toad tree_frog tree-frog
12 spring_peeper
12 canyon_treefrog
12 chameleon_tree_frog
12 cricket_frog
13 northern_cricket_frog
13 eastern_cricket_frog
12 chorus_frog
12 lowland_burrowing_treefrog northern_casque-headed_frog
11 western_narrow-mouthed_toad
11 eastern_narrow-mouthed_toad
11 sheep_frog
11 tongueless_frog
10 caecilian blindworm2
10 labyrinthodont
9 reptile reptilian
10 anapsid anapsid_reptile
11 chelonian chelonian_reptile
12 turtle2
13 sea_turtle marine_turtle
14 green_turtle
14 loggerhead2 loggerhead_turtle
14 ridley
15 bastard_ridley bastard_turtle
15 olive_ridley
14 hawksbill_turtle hawksbill hawkbill tortoiseshell_turtle
14 leatherback_turtle leatherback leathery_turtle
13 snapping_turtle
14 common_snapping_turtle snapper6
14 alligator_snapping_turtle alligator_snapper
13 mud_turtle
14 musk_turtle stinkpot2
13 terrapin
14 diamondback_terrapin
13 red-bellied_terrapin red-bellied_turtle redbelly
13 slider3 yellow-bellied_terrapin
13 cooter river_cooter
13 box_turtle box_tortoise
13 painted_turtle painted_terrapin painted_tortoise
13 tortoise
14 giant_tortoise
14 gopher_tortoise gopher_turtle gopher5
14 desert_tortoise
13 soft-shelled_turtle pancake_turtle
14 spiny_softshell
14 smooth_softshell
10 diapsid diapsid_reptile
11 tuatara
11 saurian
12 lizard
13 gecko
14 flying_gecko fringed_gecko
14 banded_gecko
13 iguanid iguanid_lizard
14 common_iguana iguana
14 marine_iguana
14 desert_iguana
14 chuckwalla
14 zebra-tailed_lizard gridiron-tailed_lizard
14 fringe-toed_lizard
14 earless_lizard
14 collared_lizard
14 leopard_lizard
14 spiny_lizard2
15 fence_lizard
16 western_fence_lizard swift4 blue-belly
16 eastern_fence_lizard pine_lizard
15 sagebrush_lizard
14 side-blotched_lizard sand_lizard2
14 tree_lizard
14 horned_lizard horned_toad horny_frog
14 basilisk3
14 anole
13 worm_lizard
13 night_lizard
13 skink scincid scincid_lizard
14 western_skink
14 mountain_skink
13 teiid_lizard teiid
14 whiptail whiptail_lizard
15 racerunner race_runner six-lined_racerunner
15 plateau_striped_whiptail
15 western_whiptail
15 checkered_whiptail
14 teju
14 caiman_lizard
13 agamid agamid_lizard
14 agama
14 frilled_lizard
14 dragon4 flying_dragon flying_lizard
14 moloch3
15 mountain_devil2 spiny_lizard
13 anguid_lizard
14 alligator_lizard
14 blindworm slowworm
14 glass_lizard glass_snake joint_snake
13 legless_lizard
13 venomous_lizard
14 beaded_lizard
13 lacertid_lizard lacertid
14 sand_lizard
14 green_lizard
13 chameleon3 chamaeleon2
14 horned_chameleon
13 monitor7 monitor_lizard varan
14 dragon_lizard giant_lizard
11 archosaur archosaurian archosaurian_reptile
12 dinosaur
13 ornithischian ornithischian_dinosaur
14 pisanosaur pisanosaurus
14 staurikosaur staurikosaurus
14 armored_dinosaur
15 stegosaur stegosaurus
15 ankylosaur ankylosaurus
14 bone-headed_dinosaur
15 pachycephalosaur pachycephalosaurus
14 ceratopsian horned_dinosaur
15 protoceratops
15 triceratops
15 styracosaur styracosaurus
15 psittacosaur psittacosaurus
14 ornithopod ornithopod_dinosaur
14 hadrosaur hadrosaurus duck-billed_dinosaur
15 anatotitan
15 corythosaur corythosaurus
15 edmontosaurus
15 trachodon trachodont
13 iguanodon
13 saurischian saurischian_dinosaur
14 sauropod sauropod_dinosaur
15 apatosaur apatosaurus brontosaur brontosaurus thunder_lizard
15 barosaur barosaurus
14 theropod theropod_dinosaur bird-footed_dinosaur
15 ceratosaur ceratosaurus
16 coelophysis
15 carnosaur
15 tyrannosaur tyrannosaurus
15 allosaur allosaurus
15 compsognathus
15 herrerasaur herrerasaurus
15 eoraptor
15 megalosaur megalosaurus
15 ornithomimid
16 struthiomimus
16 deinocheirus
15 maniraptor
16 oviraptorid
16 velociraptor
16 dromaeosaur
16 deinonychus
16 utahraptor superslasher
13 diplodocus
13 titanosaur titanosaurian
13 argentinosaur
13 ground-shaker seismosaur
12 pterosaur flying_reptile
13 pterodactyl
12 thecodont thecodont_reptile
12 ichthyosaur
13 ichthyosaurus
13 stenopterygius
12 plesiosaur plesiosaurus
12 nothosaur
11 crocodilian_reptile crocodilian
12 crocodile
12 false_gavial
12 alligator2 gator
12 caiman cayman
13 spectacled_caiman
12 gavial
11 snake serpent ophidian
12 colubrid_snake colubrid
13 hoop_snake
13 thunder_snake worm_snake2
13 ringneck_snake ring-necked_snake ring_snake2
13 hognose_snake puff_adder2 sand_viper2
13 leaf-nosed_snake
13 green_snake2 grass_snake3
14 smooth_green_snake
14 rough_green_snake
13 green_snake
13 racer4
14 blacksnake2 black_racer
15 blue_racer
14 horseshoe_whipsnake
13 whip-snake whip_snake whipsnake
14 coachwhip2 coachwhip_snake
14 striped_racer
13 rat_snake
14 corn_snake red_rat_snake
14 black_rat_snake blacksnake pilot_blacksnake mountain_blacksnake
14 chicken_snake
13 glossy_snake
13 bull_snake bull-snake
14 gopher_snake2
14 pine_snake
13 king_snake kingsnake
14 common_kingsnake
14 milk_snake house_snake milk_adder checkered_adder
13 garter_snake grass_snake2
14 common_garter_snake
14 ribbon_snake
13 lined_snake
13 ground_snake
13 eastern_ground_snake
13 water_snake
14 common_water_snake banded_water_snake
14 water_moccasin2
14 grass_snake ring_snake ringed_snake
15 viperine_grass_snake
13 red-bellied_snake
13 sand_snake
14 banded_sand_snake
13 black-headed_snake
13 vine_snake
13 lyre_snake
13 night_snake
13 indigo_snake gopher_snake
14 eastern_indigo_snake
12 blind_snake worm_snake
13 western_blind_snake
12 constrictor
13 boa2
14 boa_constrictor
14 rubber_boa tow-headed_snake
14 rosy_boa
14 anaconda
14 python
15 carpet_snake
15 reticulated_python
15 rock_python rock_snake
15 amethystine_python
12 elapid elapid_snake
13 coral_snake2 harlequin-snake
14 eastern_coral_snake
14 western_coral_snake
13 coral_snake
13 copperhead2
13 cobra
14 asp2
14 black-necked_cobra spitting_cobra
14 hamadryad2 king_cobra
13 ringhals rinkhals spitting_snake
13 mamba
14 black_mamba
15 green_mamba
13 death_adder
13 tiger_snake
13 krait
14 banded_krait banded_adder
13 taipan
12 sea_snake
12 viper
13 adder3 common_viper
13 asp asp_viper
13 puff_adder
13 gaboon_viper
13 horned_viper cerastes sand_viper horned_asp
13 pit_viper
14 copperhead
14 water_moccasin cottonmouth cottonmouth_moccasin
14 rattlesnake rattler
15 diamondback diamondback_rattlesnake
15 timber_rattlesnake banded_rattlesnake
16 canebrake_rattlesnake canebrake_rattler
15 prairie_rattlesnake prairie_rattler
15 sidewinder horned_rattlesnake
15 rock_rattlesnake
15 tiger_rattlesnake
15 speckled_rattlesnake
15 massasauga2 massasauga_rattler
15 ground_rattler massasauga
14 fer-de-lance
10 synapsid synapsid_reptile
11 therapsid protomammal
12 cynodont
12 dicynodont
11 ictodosaur
11 pelycosaur
11 edaphosaurus
11 dimetrodon
9 mammal mammalian
10 tusker
10 prototherian
11 monotreme egg-laying_mammal
12 echidna2 spiny_anteater2 anteater6
12 echidna spiny_anteater anteater5
12 platypus duckbill2 duckbilled_platypus duck-billed_platypus
10 metatherian
11 marsupial pouched_mammal
12 opossum2 possum
13 common_opossum
13 crab-eating_opossum
12 opossum_rat
12 bandicoot
13 rabbit-eared_bandicoot rabbit_bandicoot bilby
12 kangaroo
13 giant_kangaroo great_grey_kangaroo
13 wallaby brush_kangaroo
14 common_wallaby
14 hare_wallaby kangaroo_hare
14 nail-tailed_wallaby nail-tailed_kangaroo
14 rock_wallaby rock_kangaroo
14 pademelon paddymelon
14 tree_wallaby tree_kangaroo
13 musk_kangaroo
13 rat_kangaroo kangaroo_rat2
14 potoroo
14 bettong
14 jerboa_kangaroo kangaroo_jerboa
12 phalanger opossum possum2
13 cuscus
13 brush-tailed_phalanger
13 flying_phalanger flying_opossum flying_squirrel
14 flying_mouse
13 koala koala_bear kangaroo_bear native_bear
12 wombat
12 dasyurid_marsupial dasyurid
13 dasyure
14 eastern_dasyure
14 native_cat
13 thylacine
13 ursine_dasyure
13 pouched_mouse marsupial_mouse marsupial_rat
13 numbat banded_anteater anteater4
12 pouched_mole marsupial_mole
10 placental placental_mammal eutherian eutherian_mammal
11 livestock stock9 farm_animal
11 bull9
11 cow2
11 yearling3
11 buck5
12 stag2
13 royal2 royal_stag
11 doe2
11 insectivore
12 mole6
13 starnose_mole star-nosed_mole
13 brewer's_mole hair-tailed_mole
13 golden_mole
13 shrew_mole
12 shrew2 shrewmouse
13 common_shrew
13 masked_shrew
13 short-tailed_shrew
13 water_shrew
13 least_shrew
12 hedgehog2
12 tenrec tendrac
13 tailless_tenrec
12 otter_shrew potamogale
11 aquatic_mammal
12 cetacean cetacean_mammal blower3
13 whale2
14 baleen_whale whalebone_whale
15 right_whale
15 bowhead bowhead_whale
15 rorqual razorback2
16 finback finback_whale fin_whale common_rorqual
16 sei_whale
16 lesser_rorqual piked_whale minke_whale
15 blue_whale sulfur_bottom
15 humpback3 humpback_whale
15 grey_whale gray_whale devilfish
14 toothed_whale
15 sperm_whale cachalot black_whale2
15 pygmy_sperm_whale
15 dwarf_sperm_whale
15 beaked_whale
16 bottle-nosed_whale bottlenose_whale bottlenose2
15 dolphin2
16 common_dolphin
16 bottlenose_dolphin bottle-nosed_dolphin bottlenose
16 porpoise
17 harbor_porpoise herring_hog
17 vaquita
16 grampus2
16 killer_whale killer4 orca grampus sea_wolf
16 pilot_whale black_whale common_blackfish blackfish3
16 river_dolphin
16 white_whale beluga2
14 narwhal narwal narwhale
14 spouter3
12 sea_cow sirenian_mammal sirenian
13 manatee
13 dugong
12 pinniped_mammal pinniped pinnatiped
13 seal9
14 crabeater_seal crab-eating_seal
14 eared_seal
15 fur_seal2
16 guadalupe_fur_seal
15 fur_seal
15 sea_lion
14 earless_seal true_seal hair_seal
15 harbor_seal common_seal
15 harp_seal
15 elephant_seal sea_elephant
15 bearded_seal squareflipper_square_flipper
15 hooded_seal bladdernose
13 walrus seahorse sea_horse
11 carnivore
12 fissiped_mammal fissiped
12 canine2 canid
13 bitch4
14 brood_bitch
13 dog domestic_dog
14 pooch doggie doggy barker2 bow-wow2
14 cur mongrel2 mutt
15 feist fice
15 pariah_dog pye-dog pie-dog
14 lapdog
14 toy_dog toy5
15 toy_spaniel
16 papillon
15 toy_terrier
14 hunting_dog
15 courser3
15 hound hound_dog
16 basset basset_hound
16 beagle
16 bloodhound sleuthhound2
16 bluetick
16 boarhound
16 coonhound
17 coondog
17 black-and-tan_coonhound
16 foxhound
16 harrier2
16 redbone
16 wolfhound
17 borzoi
16 greyhound
17 whippet
16 elkhound
16 otterhound otter_hound
16 gazelle_hound
16 deerhound
16 staghound
15 dachshund dachsie badger_dog
16 sausage_dog sausage_hound
15 terrier
16 bullterrier bull_terrier
17 pit_bull_terrier
16 rat_terrier ratter2
17 black-and-tan_terrier
16 fox_terrier
17 smooth-haired_fox_terrier
17 wire-haired_fox_terrier
16 wirehair wirehaired_terrier wire-haired_terrier
16 cairn2 cairn_terrier
16 schnauzer
17 miniature_schnauzer
17 giant_schnauzer
17 standard_schnauzer
16 chrysanthemum_dog
16 silky_terrier
16 soft-coated_wheaten_terrier
15 sporting_dog gun_dog
16 bird_dog
16 water_dog2
16 retriever
17 flat-coated_retriever
17 curly-coated_retriever
17 golden_retriever
16 pointer4
17 vizsla
16 setter2
17 red_setter
16 spaniel
17 clumber clumber_spaniel
17 field_spaniel
17 springer_spaniel springer3
17 cocker_spaniel cocker
17 water_spaniel
16 griffon3 wire-haired_pointing_griffon
14 working_dog
15 watchdog2 guard_dog
16 kuvasz
16 attack_dog
16 housedog
16 schipperke
16 pinscher
17 miniature_pinscher
17 affenpinscher monkey_pinscher monkey_dog
15 shepherd_dog sheepdog sheep_dog
16 groenendael
16 malinois
16 briard
16 kelpie2
16 komondor
16 bobtail2
16 collie
16 alsatian2
15 police_dog
15 boxer4
15 mastiff
15 bull_mastiff
15 bulldog
15 guide_dog
15 hearing_dog
15 seizure-alert_dog
15 sled_dog sledge_dog
16 malamute malemute
15 husky
14 dalmatian2 coach_dog carriage_dog
15 liver-spotted_dalmatian
14 basenji
14 pug pug-dog
14 spitz
15 chow3 chow_chow
15 keeshond
14 griffon2
14 corgi
14 poodle poodle_dog
15 toy_poodle
15 miniature_poodle
15 standard_poodle
15 large_poodle
13 wolf
14 timber_wolf grey_wolf gray_wolf
14 white_wolf
14 red_wolf maned_wolf
14 coyote prairie_wolf brush_wolf
15 coydog
13 jackal
13 wild_dog
14 dingo warrigal2 warragal2
14 dhole
14 crab-eating_dog crab-eating_fox
14 raccoon_dog
14 hyena_dog
13 hyena hyaena
14 striped_hyena
14 brown_hyena strand_wolf
14 spotted_hyena laughing_hyena
14 aardwolf
13 fox
14 vixen2
14 red_fox3
15 black_fox
15 silver_fox
14 red_fox2
14 kit_fox2 prairie_fox
14 kit_fox
14 white_fox
15 blue_fox
14 grey_fox gray_fox
12 feline felid
13 cat true_cat
14 domestic_cat house_cat
15 kitty4 kitty-cat puss2 pussy2 pussycat2
15 mouser
15 alley_cat
15 tom tomcat
16 gib2
15 tabby2 queen9
15 tabby tabby_cat
15 tiger_cat2
15 tortoiseshell3 tortoiseshell-cat calico_cat
14 wildcat3
15 sand_cat
15 catamountain
15 cougar puma catamount2 mountain_lion painter4 panther3
15 ocelot panther_cat
15 jaguarundi jaguarundi_cat jaguarondi eyra
15 kaffir_cat caffer_cat
15 jungle_cat
15 serval
15 leopard_cat
15 tiger_cat
15 margay margay_cat
15 manul
15 lynx2 catamount
16 common_lynx
16 bobcat bay_lynx
16 spotted_lynx
16 caracal desert_lynx
13 big_cat cat7
14 leopard2
15 leopardess
15 panther2
14 snow_leopard ounce3
14 jaguar panther
14 lion king_of_beasts
15 lioness
15 lionet
14 tiger2
15 tigress
14 liger
14 tiglon tigon
14 cheetah chetah
14 saber-toothed_tiger sabertooth
15 false_saber-toothed_tiger
12 bear
13 brown_bear bruin2
14 grizzly grizzly_bear silvertip silver-tip
13 bruin
13 black_bear2
14 cinnamon_bear
13 black_bear
13 ice_bear polar_bear
13 sloth_bear
12 viverrine viverrine_mammal
13 civet civet_cat2
14 large_civet
14 small_civet
14 binturong bearcat
14 fanaloka
14 banded_palm_civet
14 palm_cat palm_civet
13 fossa3 fossa_cat
13 genet3
13 mongoose
14 ichneumon
13 meerkat mierkat
14 slender-tailed_meerkat
14 suricate
12 musteline_mammal mustelid musteline
13 weasel2
14 ermine2 shorttail_weasel
15 stoat
14 longtail_weasel long-tailed_weasel
14 muishond
15 snake_muishond
15 striped_muishond
15 zoril
13 mink3
13 polecat2 fitch foulmart foumart
14 ferret2
13 black-footed_ferret ferret
13 otter2
14 river_otter
13 sea_otter
13 skunk4 polecat wood_pussy
14 striped_skunk
14 hooded_skunk
14 hog-nosed_skunk hognosed_skunk badger_skunk rooter_skunk
14 spotted_skunk little_spotted_skunk
13 badger2
14 ferret_badger
14 hog_badger hog-nosed_badger sand_badger
13 ratel honey_badger
13 wolverine3 carcajou skunk_bear
13 glutton2 wolverine2
13 grison
13 marten marten_cat
14 pine_marten
14 sable5
14 stone_marten beech_marten
14 fisher2 pekan fisher_cat black_cat
14 yellow-throated_marten
13 tayra taira
12 procyonid
13 raccoon2 racoon
14 common_raccoon common_racoon coon2 ringtail2
14 crab-eating_raccoon
13 bassarisk cacomistle cacomixle coon_cat2 raccoon_fox ringtail ring-tailed_cat civet_cat miner's_cat
13 kinkajou honey_bear potto
13 coati coati-mondi coati-mundi coon_cat
13 lesser_panda red_panda panda2 bear_cat cat_bear
13 giant_panda panda panda_bear coon_bear
11 aardvark ant_bear2 anteater3
11 bat chiropteran
12 fruit_bat megabat
13 flying_fox
13 harpy3 harpy_bat tube-nosed_bat tube-nosed_fruit_bat
12 carnivorous_bat microbat
13 mouse-eared_bat
13 leafnose_bat leaf-nosed_bat
14 macrotus
14 spearnose_bat
14 hognose_bat
14 horseshoe_bat2
14 horseshoe_bat
14 orange_bat orange_horseshoe_bat
14 false_vampire false_vampire_bat
15 big-eared_bat
13 vespertilian_bat vespertilionid
14 frosted_bat
14 red_bat
14 little_brown_bat little_brown_myotis
14 cave_myotis
14 big_brown_bat
14 serotine
14 pallid_bat cave_bat
14 pipistrelle pipistrel
14 eastern_pipistrel
14 western_pipistrel
14 jackass_bat spotted_bat
14 long-eared_bat
15 western_big-eared_bat
13 brown_bat
13 freetail free-tailed_bat freetailed_bat
14 guano_bat
14 pocketed_bat pocketed_freetail_bat
13 mastiff_bat
13 vampire_bat true_vampire_bat
14 hairy-legged_vampire_bat
11 lagomorph gnawing_mammal
12 leporid leporid_mammal
13 rabbit coney4 cony3
14 rabbit_ears2
14 lapin2
14 bunny2 bunny_rabbit
14 wood_rabbit cottontail cottontail_rabbit
15 eastern_cottontail
15 swamp_rabbit2 canecutter swamp_hare
15 marsh_hare swamp_rabbit
14 leporide
13 hare
14 leveret
14 jackrabbit
15 white-tailed_jackrabbit whitetail_jackrabbit
15 blacktail_jackrabbit
14 polar_hare
14 snowshoe_hare snowshoe_rabbit varying_hare
12 pika mouse_hare rock_rabbit2 coney3 cony2
13 little_chief_hare
13 collared_pika
11 rodent gnawer
12 mouse
13 house_mouse
13 harvest_mouse2
13 field_mouse2 fieldmouse
13 nude_mouse
13 wood_mouse
14 white-footed_mouse vesper_mouse
14 deer_mouse
14 cactus_mouse
14 cotton_mouse
14 pygmy_mouse
12 rat
13 pocket_rat
14 pocket_mouse
15 silky_pocket_mouse
15 plains_pocket_mouse
15 hispid_pocket_mouse
14 kangaroo_rat desert_rat
14 kangaroo_mouse dwarf_pocket_rat
14 gopher4 pocket_gopher pouched_rat
15 plains_pocket_gopher
15 southeastern_pocket_gopher
15 valley_pocket_gopher
15 northern_pocket_gopher
13 brown_rat
14 wharf_rat2
14 sewer_rat
13 black_rat roof_rat
13 bandicoot_rat mole_rat3
13 jerboa_rat
14 kangaroo_mouse2
13 rice_rat
12 murine
12 water_rat3
13 beaver_rat
12 harvest_mouse
12 muskrat2 musquash
12 round-tailed_muskrat
12 cotton_rat
12 wood_rat wood-rat
13 dusky-footed_wood_rat
13 vole field_mouse
14 grasshopper_mouse
14 pine_vole pine_mouse
14 meadow_vole meadow_mouse
14 water_vole2
14 prairie_vole
14 water_vole water_rat2
14 red-backed_mouse redback_vole
14 phenacomys
13 packrat2 pack_rat2 trade_rat bushytail_woodrat
14 dusky-footed_woodrat
13 eastern_woodrat
12 hamster
13 golden_hamster
12 gerbil gerbille
13 jird
13 tamarisk_gerbil
13 sand_rat2
12 lemming
13 brown_lemming
13 grey_lemming gray_lemming red-backed_lemming
13 pied_lemming
13 southern_bog_lemming
13 northern_bog_lemming
12 porcupine hedgehog
13 brush-tailed_porcupine brush-tail_porcupine
13 long-tailed_porcupine
12 jumping_mouse
13 meadow_jumping_mouse
12 jerboa
13 typical_jerboa
12 dormouse
13 loir
13 hazel_mouse
13 lerot
12 squirrel
13 tree_squirrel
14 eastern_grey_squirrel eastern_gray_squirrel cat_squirrel2
14 western_grey_squirrel western_gray_squirrel
14 fox_squirrel eastern_fox_squirrel
14 black_squirrel
14 red_squirrel2 cat_squirrel
14 spruce_squirrel red_squirrel
14 chickeree
13 ground_squirrel2 gopher3 spermophile
14 antelope_squirrel whitetail_antelope_squirrel antelope_chipmunk
14 mantled_ground_squirrel
14 suslik souslik
14 flickertail
14 rock_squirrel
14 parka_squirrel
13 eastern_chipmunk hackee striped_squirrel ground_squirrel
13 chipmunk
13 baronduki baranduki barunduki burunduki
13 southern_flying_squirrel
13 northern_flying_squirrel
13 taguan flying_marmot flying_cat2
12 prairie_dog prairie_marmot
13 blacktail_prairie_dog
13 whitetail_prairie_dog
12 marmot
13 groundhog woodchuck
13 hoary_marmot whistler3 whistling_marmot
13 yellowbelly_marmot rockchuck
12 beaver7
12 mountain_beaver sewellel
12 cavy
13 guinea_pig2
13 aperea wild_cavy
12 mara2
12 capybara capibara
12 agouti
12 paca
12 mountain_paca
12 coypu nutria
12 chinchilla3
12 mountain_chinchilla mountain_viscacha
12 viscacha chinchillon
12 abrocome chinchilla_rat rat_chinchilla
12 mole_rat2
12 mole_rat
12 sand_rat
11 ungulate hoofed_mammal
12 dinocerate
13 dinoceras uintathere
12 odd-toed_ungulate perissodactyl perissodactyl_mammal
13 equine equid
14 horse
15 roan2
15 stablemate stable_companion
15 gee-gee
15 eohippus dawn_horse
15 mesohippus
15 protohippus
15 male_horse
16 stallion entire
17 stud4 studhorse
16 gelding
15 mare female_horse
16 broodmare stud_mare
15 saddle_horse riding_horse mount
16 remount
16 palfrey
16 warhorse3
17 cavalry_horse
17 charger courser2
17 steed
16 prancer
16 hack8
16 cow_pony
16 quarter_horse
16 buckskin
16 crowbait crow-bait
16 dun
16 grey7 gray4
15 pony
16 mustang
17 bronco bronc broncho
18 bucking_bronco
16 cayuse
15 polo_pony
15 wild_horse
16 tarpan
16 warrigal warragal
15 hack7
15 hack6 jade4 nag2 plug7
15 pony5
15 racehorse race_horse bangtail
16 thoroughbred2
16 pony2
16 yearling2
16 two-year-old_horse two_year_old
16 three-year-old_horse three_year_old
16 dark_horse2
16 mudder
16 nonstarter2
16 pacer pacemaker4 pacesetter2
16 trotting_horse trotter2
17 pole_horse
15 steeplechaser
15 stalking-horse4
15 harness_horse
16 cob2
16 hackney2
15 workhorse2
16 plow_horse plough_horse
16 draft_horse draught_horse dray_horse
17 carthorse cart_horse drayhorse
17 shire2 shire_horse
17 pole_horse2 poler
17 wheel_horse wheeler5
17 coach_horse
16 packhorse
16 farm_horse dobbin
15 post_horse post-horse poster3
15 pacer2
15 stepper3 high_stepper
15 chestnut6
15 liver_chestnut
15 bay7
15 sorrel5
15 palomino
15 pinto
14 ass3
15 domestic_ass donkey2
16 burro
16 moke
15 jack9 jackass2
15 jennet jenny2 jenny_ass
15 wild_ass
16 kiang
16 onager2
17 chigetai dziggetai
14 mule
14 hinny
14 zebra
15 common_zebra
15 mountain_zebra
15 grevy's_zebra
14 quagga
13 rhinoceros rhino
14 woolly_rhinoceros
14 white_rhinoceros
14 black_rhinoceros
13 tapir
12 even-toed_ungulate artiodactyl artiodactyl_mammal
13 swine
14 hog3 pig grunter2 squealer2
15 porker
14 boar2
14 sow
14 razorback razorback_hog razorbacked_hog
14 wild_boar boar
14 babirusa babiroussa babirussa
14 warthog
13 peccary musk_hog
14 collared_peccary javelina
14 white-lipped_peccary
13 hippopotamus hippo2 river_horse
13 ruminant
14 pollard2
14 bovid
15 bovine
16 ox2 wild_ox
17 aurochs2 urus
17 yak2
17 banteng banting2 tsine
17 gaur
17 gayal mithan
16 cattle cows kine oxen
17 ox
17 stirk
17 bullock2 steer2
17 bull
18 bullock
17 cow moo-cow
18 springer2 springing_cow
18 heifer
17 beef beef_cattle
18 longhorn
18 shorthorn
18 whiteface
18 cattalo beefalo
17 red_poll
17 dairy_cattle dairy_cow milch_cow milk_cow milcher milker
18 milking_shorthorn
17 grade9
16 zebu
15 buffalo4
16 water_buffalo water_ox
17 carabao
16 anoa dwarf_buffalo
16 tamarau tamarao
15 bison
16 buffalo
16 wisent aurochs
15 musk_ox musk_sheep
15 sheep
16 ewe3
16 ram5 tup
16 wether
17 bellwether2
16 black_sheep2
16 domestic_sheep
17 broadtail2 caracul karakul
17 longwool
17 merino merino_sheep
15 wild_sheep
16 argali argal
16 urial
16 white_sheep
16 mountain_sheep
17 bighorn2 bighorn_sheep cimarron2
17 mouflon moufflon
16 aoudad arui audad maned_sheep
15 goat caprine_animal
16 kid5
16 billy2 billy_goat he-goat
16 nanny2 nanny-goat she-goat
16 domestic_goat
16 wild_goat
17 bezoar_goat pasang2
17 markhor markhoor
17 ibex
15 goat_antelope
16 mountain_goat
16 goral
16 serow
16 chamois2
16 takin gnu_goat
15 antelope
16 blackbuck black_buck
16 gerenuk
16 addax
16 gnu wildebeest
16 dik-dik
16 hartebeest
16 sassaby topi2
16 impala
16 gazelle
17 springbok springbuck
16 bongo2
16 kudu koodoo koudou
17 greater_kudu
17 lesser_kudu
16 harnessed_antelope
17 nyala2
17 bushbuck guib
16 mountain_nyala
16 nilgai nylghai nylghau blue_bull
16 sable_antelope
16 saiga
16 steenbok steinbok
16 eland
17 common_eland
17 giant_eland
16 waterbuck
17 kob
17 lechwe
16 puku
16 oryx pasang
17 gemsbok gemsbuck
15 forest_goat spindle_horn
14 pronghorn prongbuck pronghorn_antelope
14 deer cervid
15 pricket2
15 fawn2
15 red_deer elk3 wapiti2
16 hart3 stag
16 hind2
16 brocket2
15 sambar sambur
15 wapiti elk2
15 sika
15 white_tail whitetail white-tailed_deer whitetail_deer
15 mule_deer burro_deer
16 black-tailed_deer blacktail_deer blacktail
15 elk moose
15 fallow_deer
15 roe_deer
16 roebuck
15 caribou reindeer
16 woodland_caribou
16 barren_ground_caribou
15 brocket
15 muntjac barking_deer
15 musk_deer
15 pere_david's_deer elaphure
14 chevrotain mouse_deer
15 kanchil
15 napu
15 water_chevrotain water_deer
14 giraffe camelopard
15 okapi
13 camel
14 dromedary
13 llama
14 domestic_llama
14 guanaco
14 alpaca3
13 vicuna3
11 unguiculate unguiculate_mammal
11 hyrax coney2 cony dassie das
12 rock_hyrax rock_rabbit
11 pachyderm
11 edentate
12 armadillo
13 peba nine-banded_armadillo
13 apar three-banded_armadillo
13 tatouay cabassous
13 peludo poyou
13 giant_armadillo tatou tatu
13 pichiciago pichiciego fairy_armadillo chlamyphore
13 greater_pichiciego
12 sloth2 tree_sloth
13 three-toed_sloth ai3
13 two-toed_sloth2 unau2 unai2
13 two-toed_sloth unau unai
12 megatherian megatheriid megatherian_mammal
13 ground_sloth megathere
12 mylodontid
13 mapinguari
12 mylodon
12 anteater2
13 ant_bear giant_anteater great_anteater tamanoir
13 silky_anteater two-toed_anteater
13 tamandua tamandu lesser_anteater
11 pangolin scaly_anteater anteater
11 primate2
12 simian
12 ape
13 anthropoid_ape
14 great_ape pongid
15 orangutan orang orangutang
15 gorilla
16 western_lowland_gorilla
16 eastern_lowland_gorilla
16 mountain_gorilla
16 silverback
15 chimpanzee chimp
16 western_chimpanzee
16 eastern_chimpanzee
16 central_chimpanzee
16 pygmy_chimpanzee bonobo
14 lesser_ape
15 gibbon2
15 siamang
12 anthropoid2
12 hominoid
13 proconsul3
12 hominid
13 homo2 man4 human_being human
14 world8 human_race humanity3 humankind human_beings humans mankind man9
14 modern_man
13 australopithecine
13 dryopithecine
14 rudapithecus
12 monkey
13 catarrhine
14 guenon guenon_monkey
15 talapoin
15 grivet
15 vervet vervet_monkey
15 green_monkey
14 mangabey
14 patas hussar_monkey
14 baboon
15 chacma chacma_baboon
15 mandrill
15 drill2
14 macaque
15 rhesus rhesus_monkey
15 bonnet_macaque bonnet_monkey capped_macaque crown_monkey
15 crab-eating_macaque croo_monkey
14 langur
15 entellus hanuman2
14 colobus colobus_monkey
15 guereza
14 proboscis_monkey
13 platyrrhine platyrrhinian
14 marmoset
15 true_marmoset
15 pygmy_marmoset
15 tamarin lion_monkey lion_marmoset leoncita
16 silky_tamarin
16 pinche
14 capuchin2 ringtail3
14 douroucouli
14 howler_monkey howler2
14 saki3
14 uakari
14 titi3 titi_monkey
14 spider_monkey
14 squirrel_monkey
14 woolly_monkey
12 prosimian
12 lemur
13 ring-tailed_lemur
13 aye-aye
13 slender_loris
13 slow_loris
13 potto2 kinkajou2
13 angwantibo golden_potto
13 galago bushbaby bush_baby
13 indri indris
13 woolly_indris
12 tarsier
11 tree_shrew
12 pentail pen-tail pen-tailed_tree_shrew
11 flying_lemur flying_cat colugo
11 proboscidean proboscidian
12 elephant
13 rogue_elephant
13 white_elephant2
13 mammoth
14 woolly_mammoth northern_mammoth
14 columbian_mammoth
14 imperial_mammoth imperial_elephant
13 gomphothere
12 mastodon mastodont
11 plantigrade_mammal plantigrade
11 digitigrade_mammal digitigrade
10 fossorial_mammal
11 naked_mole_rat
12 queen9 queen_mole_rat
9 tetrapod
10 quadruped
7 invertebrate
8 arthropod
9 trilobite
9 arachnid arachnoid2
10 harvestman daddy_longlegs2
10 scorpion3
10 false_scorpion pseudoscorpion
11 book_scorpion
10 whip-scorpion whip_scorpion
11 vinegarroon
10 spider
11 orb-weaving_spider
11 black_and_gold_garden_spider
11 barn_spider
11 garden_spider
11 comb-footed_spider theridiid
11 black_widow
11 tarantula2
11 wolf_spider hunting_spider
12 tarantula
11 trap-door_spider
10 acarine
11 tick2
12 hard_tick ixodid
13 deer_tick
13 western_black-legged_tick
13 black-legged_tick
13 sheep-tick2 sheep_tick2
13 wood_tick
12 soft_tick argasid
11 mite2
12 web-spinning_mite
12 acarid
12 trombidiid
12 trombiculid
13 harvest_mite chigger2 jigger3 redbug
12 acarus
12 itch_mite sarcoptid
12 rust_mite
12 spider_mite tetranychid
13 red_spider red_spider_mite
9 myriapod
9 garden_centipede garden_symphilid symphilid
9 tardigrade
9 centipede
10 house_centipede
9 millipede millepede milliped
9 sea_spider pycnogonid
9 horseshoe_crab king_crab4
9 eurypterid
9 tongue_worm pentastomid
9 crustacean
10 malacostracan_crustacean
11 krill
11 opossum_shrimp
11 isopod
12 woodlouse wood_louse slater
13 pill_bug
13 sow_bug
12 sea_louse sea_slater
11 amphipod
12 beach_flea sand_hopper sandhopper sand_flea
12 skeleton_shrimp
12 whale_louse
10 decapod_crustacean decapod
11 crab
12 stone_crab2
12 hard-shell_crab
12 soft-shell_crab2 soft-shelled_crab2
12 rock_crab
12 swimming_crab
13 lady_crab calico_crab
13 blue_crab2
12 fiddler_crab
12 pea_crab
13 oyster_crab
12 king_crab3
12 spider_crab
13 king_crab2
13 giant_crab
11 lobster2
12 true_lobster
12 spiny_lobster2 langouste2 rock_lobster2 crawfish3 crayfish4 sea_crawfish
11 crayfish3 crawfish2 crawdad2 crawdaddy
12 ecrevisse2
11 hermit_crab
11 shrimp3
12 snapping_shrimp pistol_shrimp
11 prawn2
12 long-clawed_prawn river_prawn2
11 tropical_prawn
10 brachyuran
10 stomatopod stomatopod_crustacean
11 mantis_shrimp mantis_crab
12 squilla mantis_prawn
10 branchiopod_crustacean branchiopod branchiopodan
11 daphnia water_flea2
11 fairy_shrimp
11 brine_shrimp
11 tadpole_shrimp
10 copepod copepod_crustacean
11 brit3 britt2
11 cyclops2 water_flea
11 fish_louse
10 seed_shrimp mussel_shrimp ostracod
10 barnacle cirriped cirripede
11 acorn_barnacle rock_barnacle
11 goose_barnacle gooseneck_barnacle
9 onychophoran velvet_worm peripatus
9 insect
10 social_insect
10 ephemeron ephemeral
10 holometabola metabola
10 defoliator
10 pollinator
10 gallfly3
10 mecopteran
11 scorpion_fly
11 hanging_fly
10 collembolan springtail
10 proturan telsontail
10 beetle
11 tiger_beetle
11 ladybug ladybeetle lady_beetle ladybird ladybird_beetle
12 two-spotted_ladybug
12 bean_beetle
12 vedalia
11 ground_beetle carabid_beetle
12 bombardier_beetle
12 calosoma
13 searcher3 searcher_beetle
11 firefly2 lightning_bug
12 glowworm
11 long-horned_beetle longicorn longicorn_beetle
12 sawyer2 sawyer_beetle
13 pine_sawyer
11 leaf_beetle chrysomelid
12 flea_beetle
12 potato_bug potato_beetle
11 carpet_beetle carpet_bug
12 buffalo_carpet_beetle
12 black_carpet_beetle
11 clerid_beetle clerid
12 bee_beetle
11 lamellicorn_beetle
12 scarabaeid_beetle scarabaeid scarabaean
13 dung_beetle
14 scarab scarabaeus
14 tumblebug
14 dorbeetle
13 figeater
13 rhinoceros_beetle
13 melolonthid_beetle
14 cockchafer
14 rose_chafer2 rose_bug
13 rose_chafer rose_beetle
12 stag_beetle
11 elaterid_beetle elater elaterid
12 click_beetle skipjack3 snapping_beetle
12 firefly fire_beetle
11 water_beetle
11 whirligig_beetle
11 deathwatch_beetle deathwatch2
11 weevil
12 snout_beetle
12 boll_weevil
12 darkling_beetle darkling_groung_beetle tenebrionid
13 flour_beetle flour_weevil
12 seed_beetle seed_weevil
13 pea_weevil
13 bean_weevil
12 rice_weevil black_weevil
11 blister_beetle meloid
12 oil_beetle
11 bark_beetle
12 spruce_bark_beetle
11 rove_beetle
10 web_spinner
10 louse sucking_louse
11 common_louse
11 head_louse
11 body_louse cootie
11 crab_louse pubic_louse crab6
10 bird_louse biting_louse louse4
11 chicken_louse shaft_louse
10 flea
11 dog_flea
11 cat_flea
11 chigoe chigger chigoe_flea
11 sticktight2 sticktight_flea
10 dipterous_insect two-winged_insects dipteran dipteron
11 gall_midge gallfly2 gall_gnat
11 fly
12 housefly house_fly
12 tsetse_fly tsetse tzetze_fly tzetze glossina
12 blowfly blow_fly
13 bluebottle2
13 greenbottle greenbottle_fly
12 flesh_fly
12 tachina_fly
12 gadfly2
13 botfly
14 horse_botfly
14 human_botfly
14 sheep_botfly sheep_gadfly
13 warble_fly
13 horsefly2 cleg clegg horse_fly
12 bee_fly
12 horn_fly
11 robber_fly bee_killer
11 fruit_fly pomace_fly
12 apple_maggot railroad_worm
12 medfly
12 drosophila
12 vinegar_fly
11 louse_fly hippoboscid
12 horse_tick horsefly
12 sheep_ked sheep-tick sheep_tick
11 mosquito
12 gnat2
12 yellow-fever_mosquito
12 anopheline
12 malarial_mosquito malaria_mosquito
12 common_mosquito
11 gnat
12 punkie punky punkey no-see-um biting_midge
12 midge
12 psychodid
12 sand_fly sandfly
12 blackfly2 black_fly buffalo_gnat
11 fungus_gnat2
11 fungus_gnat sciara sciarid
12 armyworm3
11 crane_fly daddy_longlegs
10 leaf_miner leaf-miner
10 hymenopterous_insect hymenopteran hymenopteron hymenopter
11 bee
12 drone
12 honeybee
13 killer_bee2
13 black_bee
12 carpenter_bee
12 bumblebee humblebee
12 cuckoo-bumblebee
12 andrena andrenid mining_bee
12 alkali_bee
12 leaf-cutting_bee leaf-cutter leaf-cutter_bee
12 mason_bee
12 potter_bee
11 wasp2
12 vespid vespid_wasp
13 paper_wasp
13 hornet
14 giant_hornet
14 bald-faced_hornet white-faced_hornet
14 yellow_jacket2 yellow_hornet
13 common_wasp
13 mason_wasp2
13 potter_wasp
12 velvet_ant
12 sphecoid_wasp sphecoid
13 mason_wasp
13 digger_wasp
14 cicada_killer
13 mud_dauber
12 gall_wasp gallfly cynipid_wasp cynipid_gall_wasp
11 chalcid_fly chalcidfly chalcid chalcid_wasp
12 chalcis_fly
11 ichneumon_fly
11 sawfly
12 birch_leaf_miner
11 ant emmet pismire
12 pharaoh_ant pharaoh's_ant
12 little_black_ant
12 army_ant driver_ant legionary_ant
12 carpenter_ant
12 fire_ant
12 wood_ant
12 slave_ant
12 slave-making_ant slave-maker
13 sanguinary_ant
12 bulldog_ant
10 worker3
11 soldier2
11 worker_bee
10 termite white_ant
11 dry-wood_termite
12 powder-post_termite
10 orthopterous_insect orthopteron orthopteran
11 grasshopper hopper4
12 short-horned_grasshopper acridid
13 locust
14 migratory_locust
14 migratory_grasshopper
12 long-horned_grasshopper tettigoniid
13 katydid
14 mormon_cricket
13 sand_cricket
11 cricket
12 mole_cricket
12 field_cricket
12 tree_cricket
13 snowy_tree_cricket
10 phasmid phasmid_insect
11 walking_stick2 walkingstick stick_insect
12 diapheromera
11 walking_leaf2 leaf_insect
10 dictyopterous_insect
11 cockroach roach4
12 oriental_cockroach oriental_roach blackbeetle
12 crotonbug water_bug2
12 giant_cockroach
11 mantis mantid
12 praying_mantis praying_mantid
10 bug
10 hemipterous_insect bug4 hemipteran hemipteron
11 leaf_bug plant_bug
12 mirid_bug mirid capsid
13 four-lined_plant_bug four-lined_leaf_bug
13 lygus_bug
14 tarnished_plant_bug
12 lace_bug
11 lygaeid lygaeid_bug
12 chinch_bug
11 coreid_bug coreid
12 squash_bug
12 leaf-footed_bug leaf-foot_bug
11 bedbug bed_bug chinch
11 backswimmer
11 true_bug
10 heteropterous_insect
11 water_bug
12 giant_water_bug
12 water_scorpion
12 water_boatman boat_bug
12 water_strider pond-skater water_skater
13 common_pond-skater
11 assassin_bug reduviid
12 conenose cone-nosed_bug conenose_bug big_bedbug kissing_bug
12 wheel_bug
11 firebug2
11 cotton_stainer
10 homopterous_insect homopteran
11 whitefly
12 citrus_whitefly
12 greenhouse_whitefly
12 sweet-potato_whitefly
13 superbug2 poinsettia_strain
13 cotton_strain
11 coccid_insect
12 scale_insect
13 soft_scale
14 brown_soft_scale
13 wax_insect
13 armored_scale
13 cochineal_insect cochineal2
12 mealybug mealy_bug
13 citrophilous_mealybug citrophilus_mealybug
13 citrus_mealybug
11 plant_louse louse3
12 aphid
13 apple_aphid green_apple_aphid
13 blackfly bean_aphid
13 greenfly
14 green_peach_aphid
14 pale_chrysanthemum_aphid
13 ant_cow
13 woolly_aphid woolly_plant_louse
14 woolly_apple_aphid
14 woolly_alder_aphid
12 adelgid
13 balsam_woolly_aphid
13 spruce_gall_aphid
13 pine_leaf_aphid
13 woolly_adelgid
12 grape_louse grape_phylloxera
12 jumping_plant_louse psylla psyllid
11 cicada cicala
12 dog-day_cicada harvest_fly
12 seventeen-year_locust periodical_cicada
11 spittle_insect spittlebug
12 froghopper
12 meadow_spittlebug
12 pine_spittlebug
11 leafhopper
12 jassid
11 plant_hopper planthopper
12 treehopper
12 lantern_fly lantern-fly
10 psocopterous_insect
11 psocid
12 bark-louse bark_louse
11 booklouse book_louse deathwatch
12 common_booklouse
10 ephemerid ephemeropteran
11 mayfly dayfly shadfly
10 stonefly stone_fly plecopteran
10 neuropteron neuropteran neuropterous_insect
11 ant_lion2 antlion2 antlion_fly
11 lacewing lacewing_fly
12 green_lacewing chrysopid stink_fly
13 goldeneye golden-eyed_fly
12 brown_lacewing hemerobiid hemerobiid_fly
11 dobson2 dobsonfly dobson_fly
11 fish_fly fish-fly
11 alderfly alder_fly
11 snakefly
11 mantispid
11 spongefly spongillafly
10 odonate
11 dragonfly darning_needle2 devil's_darning_needle2 sewing_needle2 snake_feeder snake_doctor mosquito_hawk skeeter_hawk
11 damselfly
10 trichopterous_insect trichopteran trichopteron
11 caddis_fly caddis-fly caddice_fly caddice-fly
10 thysanuran_insect thysanuron
11 bristletail
12 firebrat
11 silverfish
11 jumping_bristletail machilid
10 thysanopter thysanopteron thysanopterous_insect
11 thrips thrip thripid
12 tobacco_thrips
12 onion_thrips onion_louse
10 earwig
10 lepidopterous_insect lepidopteron lepidopteran
11 butterfly
12 nymphalid nymphalid_butterfly brush-footed_butterfly four-footed_butterfly
13 mourning_cloak mourning_cloak_butterfly
13 tortoiseshell2 tortoiseshell_butterfly
13 painted_beauty
13 admiral2
13 red_admiral
13 white_admiral2
13 banded_purple white_admiral
13 red-spotted_purple
13 viceroy2
13 anglewing
13 comma2 comma_butterfly
13 fritillary2
14 silverspot
13 emperor_butterfly emperor4
14 purple_emperor
13 peacock peacock_butterfly
12 ringlet4 ringlet_butterfly
12 danaid danaid_butterfly
13 monarch2 monarch_butterfly milkweed_butterfly
12 pierid pierid_butterfly
13 cabbage_butterfly
14 small_white
14 large_white
14 southern_cabbage_butterfly
12 sulphur_butterfly sulfur_butterfly
12 lycaenid lycaenid_butterfly
13 blue7
13 copper5
13 hairstreak hairstreak_butterfly
11 moth
12 moth_miller miller6
12 tortricid tortricid_moth
13 leaf_roller leaf-roller
13 tea_tortrix tortrix2
13 orange_tortrix tortrix
13 codling_moth codlin_moth
12 lymantriid tussock_moth
13 gypsy_moth gipsy_moth
13 browntail brown-tail_moth
13 gold-tail_moth
12 geometrid geometrid_moth
12 pyralid pyralid_moth
13 bee_moth wax_moth
13 corn_borer2 corn_borer_moth
13 tobacco_moth cacao_moth
13 almond_moth fig_moth
13 raisin_moth
12 tineoid tineoid_moth
13 tineid tineid_moth
14 clothes_moth
15 casemaking_clothes_moth
15 webbing_clothes_moth webbing_moth
14 carpet_moth tapestry_moth
13 gracilariid gracilariid_moth
12 gelechiid gelechiid_moth
13 grain_moth
14 angoumois_moth angoumois_grain_moth
13 potato_moth potato_tuber_moth splitworm
12 noctuid_moth noctuid owlet_moth
13 underwing
14 red_underwing
13 antler_moth
13 heliothis_moth
13 armyworm2
12 hawkmoth hawk_moth sphingid sphinx_moth hummingbird_moth
13 death's-head_moth
12 bombycid bombycid_moth silkworm_moth2
13 domestic_silkworm_moth domesticated_silkworm_moth
12 saturniid saturniid_moth
13 emperor3 emperor_moth
13 imperial_moth
13 giant_silkworm_moth silkworm_moth
14 cynthia_moth
14 atlas_moth
13 luna_moth
13 cecropia2 cecropia_moth
13 io_moth
13 polyphemus_moth
13 pernyi_moth
13 tussah tusseh tussur tussore tusser
12 arctiid arctiid_moth
13 tiger_moth
13 cinnabar2 cinnabar_moth
12 lasiocampid lasiocampid_moth
13 eggar egger
13 tent-caterpillar_moth
13 lappet3 lappet_moth
13 webworm_moth
12 tent-caterpillar_moth2
10 pupa
11 chrysalis
10 imago2
10 queen
11 queen_bee
9 instar
8 zoophyte
8 sponge4 poriferan parazoan
9 glass_sponge
8 coelenterate cnidarian
9 polyp2
9 medusa2 medusoid medusan
9 jellyfish2
9 scyphozoan
9 hydrozoan hydroid
10 planula
10 hydra4
10 siphonophore
11 nanomia
11 man-of-war2 jellyfish
11 praya
11 apolemia
10 sertularian
9 anthozoan actinozoan
10 sea_anemone anemone2
11 actinia2 actinian actiniarian
10 sea_pen
10 coral4
11 gorgonian gorgonian_coral
12 sea_feather
12 sea_fan
12 red_coral2
11 stony_coral madrepore madriporian_coral
12 brain_coral
12 staghorn_coral stag's-horn_coral
12 mushroom_coral
8 ctenophore comb_jelly
9 beroe
9 platyctenean
9 sea_gooseberry
8 worm
9 helminth parasitic_worm
9 woodworm
9 acanthocephalan spiny-headed_worm
9 arrowworm chaetognath
10 sagitta2
9 flatworm platyhelminth
10 planarian planaria
10 fluke5 trematode trematode_worm
11 liver_fluke
11 schistosome blood_fluke
10 tapeworm cestode
11 echinococcus
11 taenia2
9 ribbon_worm nemertean nemertine proboscis_worm
9 beard_worm pogonophoran
9 nematode nematode_worm roundworm2
10 common_roundworm
10 chicken_roundworm
10 pinworm threadworm
10 eelworm
11 vinegar_eel vinegar_worm
10 wheatworm wheat_eel wheat_eelworm
10 trichina
10 hookworm
10 filaria2
9 annelid annelid_worm segmented_worm
10 archiannelid
10 oligochaete oligochaete_worm
11 earthworm angleworm fishworm fishing_worm wiggler3 nightwalker nightcrawler crawler3 dew_worm red_worm
10 polychaete polychete polychaete_worm polychete_worm
11 lugworm lug4 lobworm
11 sea_mouse
11 bloodworm
10 leech bloodsucker hirudinean
11 medicinal_leech
11 horseleech
8 woodborer borer2
8 rotifer
8 mollusk mollusc shellfish2
9 scaphopod
10 tooth_shell tusk_shell
9 gastropod univalve
10 abalone ear-shell
11 ormer sea-ear
10 conch
11 giant_conch
10 snail
11 scorpion_shell
11 edible_snail
11 garden_snail
12 brown_snail
10 slug7
10 seasnail2
11 neritid neritid_gastropod
12 nerita
12 bleeding_tooth
12 neritina
11 whelk2
11 triton3
11 moon_shell moonshell
11 periwinkle4 winkle2
11 limpet2
12 common_limpet
12 keyhole_limpet
10 river_limpet freshwater_limpet
10 sea_slug nudibranch
10 sea_hare
10 bubble_shell
10 physa
10 cowrie cowry
11 money_cowrie
11 tiger_cowrie
10 solenogaster aplacophoran
9 chiton2 coat-of-mail_shell sea_cradle polyplacophore
9 bivalve pelecypod lamellibranch
10 clam
11 soft-shell_clam2 steamer4 steamer_clam2 long-neck_clam2
11 quahog2 quahaug2 hard-shell_clam2 hard_clam round_clam2
12 littleneck2 littleneck_clam2
12 cherrystone2 cherrystone_clam2
11 geoduck
11 razor_clam jackknife_clam knife-handle
11 giant_clam
11 shipworm teredinid
12 teredo
12 giant_northwest_shipworm
10 cockle2
11 edible_cockle
10 oyster
11 seed_oyster
11 bluepoint2 blue_point2
11 pearl_oyster
11 saddle_oyster
11 window_oyster windowpane_oyster capiz
10 ark_shell
10 blood_clam
10 mussel2
11 marine_mussel mytilid
12 edible_mussel
11 freshwater_mussel freshwater_clam
12 pearly-shelled_mussel
12 thin-shelled_mussel
12 zebra_mussel
10 scallop4 scollop3 escallop3
11 bay_scallop2
11 sea_scallop2 giant_scallop
10 piddock
9 cephalopod cephalopod_mollusk
10 chambered_nautilus pearly_nautilus nautilus3
10 dibranchiate dibranchiate_mollusk dibranch
10 octopod
11 octopus2 devilfish2
11 paper_nautilus nautilus2
10 decapod2
11 squid2
12 loligo
12 ommastrephes
12 architeuthis giant_squid
11 cuttlefish cuttle
11 spirula
8 phoronid
8 bryozoan polyzoan sea_mat sea_moss moss_animal
8 ectoproct
8 entoproct
8 brachiopod lamp_shell lampshell
8 peanut_worm sipunculid
8 echinoderm
9 starfish sea_star
9 brittle_star brittle-star serpent_star
9 basket_star basket_fish
9 sea_urchin
10 edible_sea_urchin
10 sand_dollar
10 heart_urchin
9 crinoid
10 sea_lily
10 feather_star comatulid
9 sea_cucumber holothurian
10 trepang
7 metazoan
7 omnivore2
7 predator2 predatory_animal
8 carnivore2
7 prey2 quarry3
7 game4
8 big_game
8 game_bird
9 grouse2
10 black_grouse
11 heathfowl
11 blackcock black_cock
11 greyhen grayhen grey_hen gray_hen heath_hen2
10 ptarmigan
11 red_grouse moorfowl moorbird moor-bird moorgame
12 moorhen2
12 moorcock
10 capercaillie capercailzie horse_of_the_wood
10 spruce_grouse
10 sage_grouse sage_hen
10 ruffed_grouse partridge5
10 sharp-tailed_grouse sprigtail sprig_tail
10 prairie_chicken prairie_grouse prairie_fowl
11 greater_prairie_chicken
11 lesser_prairie_chicken
11 heath_hen
9 phasianid
10 pheasant
11 ring-necked_pheasant
11 afropavo
11 argus2 argus_pheasant
11 golden_pheasant
11 monal monaul
11 peafowl
12 peachick pea-chick
12 peacock2
12 peahen
12 blue_peafowl
12 green_peafowl
11 tragopan
10 quail2
11 bobwhite bobwhite_quail partridge4
12 northern_bobwhite
11 migratory_quail
10 partridge3
11 grey_partridge gray_partridge
11 red-legged_partridge
11 rock_partridge
11 mountain_quail mountain_partridge
9 tinamou partridge2
7 hexapod
7 biped
7 larva
8 ascidian_tadpole
8 bladder_worm
8 cercaria
8 wireworm
8 mealworm
8 wiggler2 wriggler2
8 strawworm2 jointworm
8 doodlebug3 ant_lion antlion
8 aphid_lion aphis_lion
8 hellgrammiate dobson
8 caseworm
9 caddisworm strawworm
8 caterpillar
9 tussock_caterpillar
9 cankerworm
10 spring_cankerworm
10 fall_cankerworm
9 measuring_worm inchworm looper
9 potato_tuberworm
9 cutworm
10 army_cutworm
9 armyworm army_worm
9 beet_armyworm
9 fall_armyworm
9 tobacco_hornworm tomato_worm
9 tomato_hornworm potato_worm
9 silkworm
9 silkworm2 giant_silkworm wild_wilkworm
10 ailanthus_silkworm
9 tent_caterpillar
10 forest_tent_caterpillar
9 lappet_caterpillar
9 webworm
10 fall_webworm
10 garden_webworm
9 corn_borer
9 bollworm
10 pink_bollworm
10 corn_earworm cotton_bollworm tomato_fruitworm tobacco_budworm vetchworm
9 cabbageworm
9 woolly_bear woolly_bear_caterpillar
10 woolly_bear_moth
8 nymph2
8 leptocephalus
8 bot
8 grub2
9 maggot
9 leatherjacket3
8 tadpole polliwog pollywog
7 racer3
8 finisher6
7 fictional_animal
7 captive2
7 mate3
6 plant2 flora2 plant_life
7 phytoplankton
8 planktonic_algae
7 microflora
7 crop2
8 cash_crop
8 catch_crop
8 cover_crop
8 field_crop
8 root_crop
7 endemic2
7 holophyte
7 non-flowering_plant
7 plantlet
7 wilding
7 ornamental
8 flowering_maple
7 pot_plant
7 acrogen
7 apomict
7 aquatic
7 cryptogam
8 thallophyte
7 annual
7 biennial
7 perennial
8 rattlesnake_master rattlesnake's_master button_snakeroot
7 escape6
7 hygrophyte
7 neophyte
7 embryo
7 monocarp monocarpic_plant monocarpous_plant
7 sporophyte
7 gametophyte
8 megagametophyte
8 microgametophyte
7 houseplant
8 anthurium tailflower tail-flower
9 flamingo_flower flamingo_plant
8 bloodberry blood_berry rougeberry rouge_plant
8 velvet_plant2 purple_velvet_plant royal_velvet_plant
8 episcia
8 gloxinia
9 florist's_gloxinia
8 kohleria
8 plectranthus
7 garden_plant
8 bedder bedding_plant
7 vascular_plant tracheophyte
8 pteridophyte nonflowering_plant
9 fern
10 pecopteris
10 filmy_fern2 film_fern
10 bristle_fern filmy_fern
11 hare's-foot_bristle_fern
11 kidney_fern
10 flowering_fern2 osmund
11 royal_fern royal_osmund king_fern2 ditch_fern
11 interrupted_fern
11 cinnamon_fern fiddlehead2 fiddlehead_fern
10 crape_fern
10 crepe_fern king_fern
10 curly_grass curly_grass_fern
10 pine_fern
10 climbing_fern
11 creeping_fern
11 climbing_maidenhair climbing_maidenhair_fern snake_fern
10 scented_fern2
10 aquatic_fern water_fern
11 clover_fern pepperwort
12 nardoo nardo common_nardoo
12 water_clover
11 pillwort
11 regnellidium
11 floating-moss
11 mosquito_fern floating_fern3
11 floating_fern2 water_sprite
11 floating_fern
10 adder's_tongue adder's_tongue_fern
11 ribbon_fern3
10 grape_fern
11 moonwort common_moonwort
11 daisyleaf_grape_fern daisy-leaved_grape_fern
11 leathery_grape_fern
11 rattlesnake_fern
10 flowering_fern
10 giant_scrambling_fern
10 umbrella_fern fan_fern
10 polypody
11 licorice_fern
11 grey_polypody gray_polypody resurrection_fern
11 leatherleaf leathery_polypody coast_polypody
11 rock_polypody rock_brake3
11 common_polypody adder's_fern wall_fern golden_maidenhair golden_polypody2 sweet_fern
10 bear's-paw_fern
10 strap_fern
11 cow-tongue_fern hart's-tongue_fern3
11 narrow-leaved_strap_fern
10 basket_fern2
10 lecanopteris
10 snake_polypody
10 climbing_bird's_nest_fern
10 golden_polypody serpent_fern rabbit's-foot_fern
10 staghorn_fern
11 common_staghorn_fern elkhorn_fern
10 felt_fern tongue_fern
10 potato_fern2
10 grass_fern ribbon_fern2
10 spleenwort
11 black_spleenwort
11 ebony_spleenwort
11 black-stem_spleenwort black-stemmed_spleenwort little_ebony_spleenwort
11 walking_fern walking_leaf
11 maidenhair_spleenwort
11 green_spleenwort
11 mountain_spleenwort
11 wall_rue wall_rue_spleenwort
11 lobed_spleenwort
11 lanceolate_spleenwort
10 bird's_nest_fern
10 hart's-tongue2 hart's-tongue_fern2
10 scale_fern scaly_fern
10 scolopendrium
10 hard_fern
11 deer_fern
10 doodia rasp_fern
10 chain_fern
10 tree_fern
11 silver_tree_fern sago_fern black_tree_fern
11 soft_tree_fern
11 thyrsopteris
11 angiopteris giant_fern
10 davallia
11 hare's-foot_fern
11 squirrel's-foot_fern ball_fern
10 hay-scented hay-scented_fern scented_fern boulder_fern
10 bracken2 pasture_brake brake3
10 bracken
10 false_bracken
10 shield_fern buckler_fern
11 broad_buckler-fern
11 goldie's_wood_fern
11 soft_shield_fern
10 wood_fern wood-fern woodfern
11 fragrant_cliff_fern fragrant_shield_fern fragrant_wood_fern
11 male_fern
11 marginal_wood_fern evergreen_wood_fern2 leatherleaf_wood_fern
11 mountain_male_fern
10 lady_fern
10 silvery_spleenwort2 glade_fern narrow-leaved_spleenwort
10 holly_fern2
10 bladder_fern
11 brittle_bladder_fern brittle_fern fragile_fern
11 mountain_bladder_fern
11 bulblet_fern bulblet_bladder_fern berry_fern
10 silvery_spleenwort
10 oak_fern
10 limestone_fern northern_oak_fern
10 ostrich_fern shuttlecock_fern fiddlehead
10 hart's-tongue hart's-tongue_fern
10 sensitive_fern bead_fern
10 canker_brake dagger_fern evergreen_wood_fern
10 holly_fern
11 prickly_shield_fern
11 northern_holly_fern
11 western_holly_fern
10 leather_fern2 leatherleaf_fern ten-day_fern
10 button_fern2
10 woodsia
11 rusty_woodsia fragrant_woodsia oblong_woodsia
11 northern_woodsia flower-cup_fern
11 smooth_woodsia
10 oleander_fern
10 sword_fern
11 basket_fern toothed_sword_fern
10 golden_fern2 leather_fern
10 maidenhair maidenhair_fern
11 common_maidenhair southern_maidenhair
11 five-fingered_maidenhair_fern
11 brittle_maidenhair brittle_maidenhair_fern
12 glory_fern
10 annual_fern
10 lip_fern lipfern
11 smooth_lip_fern
11 wooly_lip_fern hairy_lip_fern
11 southwestern_lip_fern
10 lace_fern
10 bamboo_fern
10 rock_brake2
11 mountain_parsley_fern
10 hand_fern
10 cliff_brake cliff-brake rock_brake
11 coffee_fern
11 purple_rock_brake
11 bird's-foot_fern
10 button_fern
10 silver_fern2
10 silver_fern
10 golden_fern
10 gold_fern
10 brake2
10 spider_brake spider_fern2
10 ribbon_fern spider_fern
10 potato_fern
10 marsh_fern
11 snuffbox_fern meadow_fern
10 christella
10 mountain_fern
10 beech_fern
11 broad_beech_fern southern_beech_fern
11 long_beech_fern narrow_beech_fern northern_beech_fern
9 fern_ally
10 whisk_fern
11 skeleton_fork_fern
10 horsetail
11 common_horsetail field_horsetail
11 swamp_horsetail water_horsetail
11 scouring_rush rough_horsetail
11 marsh_horsetail
11 wood_horsetail
11 variegated_horsetail variegated_scouring_rush
10 club_moss club-moss lycopod
11 shining_clubmoss
11 alpine_clubmoss
11 fir_clubmoss mountain_clubmoss little_clubmoss
11 ground_pine
12 running_pine
12 ground_cedar staghorn_moss
12 ground_fir princess_pine tree_clubmoss
12 foxtail_grass
11 spikemoss spike_moss little_club_moss
12 meadow_spikemoss basket_spikemoss
12 rock_spikemoss dwarf_lycopod
12 desert_selaginella
12 resurrection_plant
12 florida_selaginella
10 quillwort
8 spermatophyte phanerogam seed_plant
9 seedling
9 balsam
9 gymnosperm
10 progymnosperm
10 welwitschia
10 cycad
11 sago_palm2
12 false_sago fern_palm
11 zamia
12 coontie
11 ceratozamia
11 dioon
11 encephalartos
11 kaffir_bread
11 macrozamia
11 burrawong
10 seed_fern pteridosperm
9 angiosperm flowering_plant
10 angiocarp
10 dicot dicotyledon magnoliopsid exogen
11 jiqui
11 barbados_cherry acerola
11 cyrilla_family titi_family
10 monocot monocotyledon liliopsid endogen
10 flower
11 bloomer
11 peony paeony
11 lesser_celandine pilewort
11 pheasant's-eye
11 anemone windflower
12 mountain_anemone
12 thimbleweed
13 longheaded_thimbleweed
12 wood_anemone2
12 wood_anemone snowdrop
12 snowdrop_anemone snowdrop_windflower
11 rue_anemone
11 columbine aquilegia aquilege
12 meeting_house honeysuckle3
12 blue_columbine
12 granny's_bonnets
11 rocket_larkspur
11 delphinium
12 larkspur
11 nigella
12 love-in-a-mist3
12 fennel_flower
12 black_caraway nutmeg_flower
11 spathiphyllum peace_lily spathe_flower
11 calla_lily calla arum_lily
12 pink_calla
12 golden_calla
11 sandwort3
12 mountain_sandwort mountain_starwort mountain_daisy
12 pine-barren_sandwort longroot
12 seabeach_sandwort
12 rock_sandwort
12 thyme-leaved_sandwort
11 pink2 garden_pink
12 carnation clove_pink gillyflower2
12 china_pink rainbow_pink
12 maiden_pink
12 cheddar_pink
12 button_pink
12 cottage_pink grass_pink2
12 fringed_pink2
11 baby's_breath babies'-breath
11 lychnis catchfly2
12 ragged_robin cuckoo_flower2
12 scarlet_lychnis maltese_cross
12 mullein_pink rose_campion gardener's_delight dusty_miller5
11 sandwort2
11 sandwort
11 soapwort hedge_pink
11 silene campion catchfly
12 moss_campion
12 wild_pink2
12 red_campion red_bird's_eye
12 white_campion evening_lychnis white_cockle bladder_campion2
12 fire_pink
12 bladder_campion
11 cowherb cow_cockle
11 fig_marigold pebble_plant
12 ice_plant icicle_plant
11 globe_amaranth bachelor's_button2
11 scarlet_musk_flower
11 umbrellawort
11 four_o'clock
12 common_four-o'clock
12 sweet_four_o'clock maravilla2
12 desert_four_o'clock maravilla
12 mountain_four_o'clock
11 portulaca
12 rose_moss sun_plant
11 spring_beauty
11 wallflower2
11 prairie_rocket2
11 wallflower
11 prairie_rocket
11 western_wall_flower
11 heliophila
11 damask_violet sweet_rocket
11 candytuft
11 sweet_alyssum sweet_alison
11 stock9
11 stock9 gillyflower
12 brompton_stock
11 schizopetalon
11 poppy
12 western_poppy
12 prickly_poppy2
12 arctic_poppy
12 oriental_poppy
12 corn_poppy field_poppy
12 opium_poppy
12 celandine2 greater_celandine swallowwort2 swallow_wort
12 golden_cup
12 plume_poppy bocconia
12 blue_poppy
12 creamcups
12 wind_poppy flaming_poppy
12 celandine_poppy wood_poppy
11 corydalis
11 horn_poppy horned_poppy yellow_horned_poppy sea_poppy
11 composite2 composite_plant
12 compass_plant2 compass_flower
13 prickly_lettuce horse_thistle
13 rosinweed
12 everlasting everlasting_flower
13 pink-and-white_everlasting pink_paper_daisy
13 pearly_everlasting cottonweed
13 cudweed
14 chafeweed wood_cudweed
13 strawflower3 golden_everlasting yellow_paper_daisy
13 strawflower2
13 cascade_everlasting
13 rhodanthe
13 immortelle
12 mayweed dog_fennel2 stinking_mayweed stinking_chamomile
12 yellow_chamomile golden_marguerite dyers'_chamomile
12 corn_chamomile field_chamomile corn_mayweed2
12 oxeye_daisy
12 shasta_daisy
12 dusty_miller silver-lace silver_lace
12 tansy golden_buttons scented_fern3
12 crownbeard crown-beard crown_beard
13 wingstem golden_ironweed yellow_ironweed golden_honey_plant
13 cowpen_daisy golden_crownbeard golden_crown_beard butter_daisy
13 gravelweed
13 frostweed2 frost-weed2
11 ageratum2
12 common_ageratum
11 sweet_sultan3
11 ammobium
12 winged_everlasting
11 aster
12 wood_aster
13 heart-leaved_aster
13 white_wood_aster
13 large-leaved_aster
12 whorled_aster
12 heath_aster2
12 bushy_aster
12 heath_aster
12 white_prairie_aster
12 stiff_aster
12 goldilocks goldilocks_aster
12 upland_white_aster
12 sea_aster sea_starwort
12 prairie_aster
12 annual_salt-marsh_aster
12 aromatic_aster
12 arrow_leaved_aster
12 azure_aster
12 bog_aster
12 crooked-stemmed_aster
12 flat-topped_white_aster
12 late_purple_aster
12 panicled_aster
12 perennial_salt_marsh_aster
12 purple-stemmed_aster
12 rough-leaved_aster
12 rush_aster
12 small_white_aster
12 smooth_aster
12 southern_aster
12 starved_aster calico_aster
12 tradescant's_aster
12 wavy-leaved_aster
12 willow_aster
11 daisy
12 common_daisy
11 calendula
12 common_marigold pot_marigold ruddles
11 catananche
12 blue_succory cupid's_dart
11 cornflower2 bachelor's_button bluebottle
11 sweet_sultan2
11 chrysanthemum2
12 corn_marigold field_marigold
12 crown_daisy
12 chop-suey_greens tong_ho shun_giku
12 florist's_chrysanthemum florists'_chrysanthemum mum
11 mistflower mist-flower ageratum
11 cosmos2 cosmea
11 brass_buttons
11 billy_buttons
11 dahlia
11 cape_marigold sun_marigold star_of_the_veldt
11 coneflower3
11 blue_daisy blue_marguerite
11 kingfisher_daisy
11 cotton_rose2 cudweed2 filago
12 herba_impia
11 gazania
12 treasure_flower
11 sunflower helianthus
12 swamp_sunflower
12 common_sunflower mirasol
12 giant_sunflower tall_sunflower
12 showy_sunflower
12 prairie_sunflower
12 girasol2
11 tidytips tidy_tips
11 oxeye_daisy2 ox-eyed_daisy marguerite moon_daisy white_daisy
11 yellow_ageratum
11 cineraria
11 florest's_cineraria
11 coneflower
12 cutleaved_coneflower
13 golden_glow double_gold hortensia2
11 white-topped_aster
12 narrow-leaved_white-topped_aster
11 stokes'_aster cornflower_aster
11 marigold
12 big_marigold
11 painted_daisy pyrethrum3
11 tithonia
11 stemless_daisy
11 ursinia
11 xeranthemum
11 zinnia old_maid2 old_maid_flower
12 white_zinnia
12 little_golden_zinnia
11 blazing_star
11 bartonia
11 orchid orchidaceous_plant
12 orchis
13 male_orchis early_purple_orchid
13 butterfly_orchid5 butterfly_orchis2
13 showy_orchis purple_orchis purple-hooded_orchis
12 aerides
12 angrecum
12 jewel_orchid
12 puttyroot adam-and-eve
12 arethusa
13 bog_rose wild_pink dragon's_mouth
12 bletia
12 brassavola
12 spider_orchid3
12 spider_orchid2
12 caladenia
13 zebra_orchid
12 calanthe
12 grass_pink
12 calypso fairy-slipper
12 jumping_orchid
12 cattleya
12 helleborine3
13 red_helleborine
12 spreading_pogonia funnel-crest_rosebud_orchid
12 rosebud_orchid
12 satyr_orchid
12 frog_orchid2
12 coelogyne
12 coral_root
13 spotted_coral_root
13 striped_coral_root
13 early_coral_root pale_coral_root
12 helmetflower2 helmet_orchid2
12 swan_orchid swanflower swan-flower swanneck swan-neck
12 cymbid cymbidium
12 cypripedia
12 lady's_slipper lady's-slipper lady-slipper lady_slipper ladies'_slipper slipper_orchid
13 moccasin_flower nerveroot
13 common_lady's-slipper showy_lady's-slipper showy_lady_slipper
13 ram's-head ram's-head_lady's_slipper
13 yellow_lady's_slipper yellow_lady-slipper
14 large_yellow_lady's_slipper
13 clustered_lady's_slipper
13 mountain_lady's_slipper
12 marsh_orchid
12 common_spotted_orchid
12 dendrobium
12 disa
12 phantom_orchid snow_orchid
12 tulip_orchid
12 butterfly_orchid4
12 butterfly_orchid3 butterfly_orchis
12 epidendron
12 helleborine2
13 stream_orchid chatterbox giant_helleborine
12 tongueflower tongue-flower
12 rattlesnake_plantain helleborine
12 fragrant_orchid
12 short-spurred_fragrant_orchid
12 fringed_orchis fringed_orchid
13 white_fringed_orchis white_fringed_orchid
13 purple-fringed_orchid2 purple-fringed_orchis2
13 ragged_orchid ragged_orchis ragged-fringed_orchid green_fringed_orchis
13 prairie_orchid prairie_white-fringed_orchis
13 snowy_orchid
13 purple_fringeless_orchid purple_fringeless_orchis
13 purple-fringed_orchid purple-fringed_orchis
12 frog_orchid
12 rein_orchid rein_orchis
13 bog_rein_orchid bog_candles
13 coastal_rein_orchid
13 round-leaved_rein_orchid
12 crested_coral_root
12 lizard_orchid
12 laelia
12 liparis
12 twayblade2
12 fen_orchid fen_orchis
12 broad-leaved_twayblade
12 lesser_twayblade
12 twayblade
12 green_adder's_mouth
12 masdevallia
12 maxillaria
12 pansy_orchid
12 odontoglossum
12 oncidium dancing_lady_orchid butterfly_plant2 butterfly_orchid2
12 bee_orchid
12 fly_orchid2
12 spider_orchid
13 early_spider_orchid
12 phaius
12 moth_orchid moth_plant
13 butterfly_plant
12 rattlesnake_orchid
12 lesser_butterfly_orchid
12 greater_butterfly_orchid
12 prairie_white-fringed_orchid
12 tangle_orchid
12 pleurothallis
12 pogonia
12 butterfly_orchid
12 helmet_orchid greenhood
12 foxtail_orchid
12 orange-blossom_orchid
12 sobralia
12 ladies'_tresses lady's_tresses
13 screw_augur
13 hooded_ladies'_tresses
13 western_ladies'_tresses
12 stanhopea
12 stelis
12 fly_orchid
12 vanda
13 blue_orchid
12 vanilla
13 vanilla_orchid
11 cyclamen
11 sowbread
11 shortia
12 oconee_bells
11 centaury
12 rosita
12 lesser_centaury
12 tufted_centaury
12 seaside_centaury
12 broad_leaved_centaury
12 slender_centaury
11 gentian
12 gentianella2
12 closed_gentian2 blind_gentian2 bottle_gentian
12 explorer's_gentian
12 closed_gentian blind_gentian
12 great_yellow_gentian
12 marsh_gentian calathian_violet
12 soapwort_gentian
12 striped_gentian
12 agueweed ague_weed five-flowered_gentian stiff_gentian
12 felwort gentianella_amarella
12 fringed_gentian
13 tufted_gentian
12 spurred_gentian
11 begonia
12 fibrous-rooted_begonia
12 tuberous_begonia
13 hybrid_tuberous_begonia
12 rhizomatous_begonia
12 blooming-fool_begonia
12 angel-wing_begonia
12 grape-leaf_begonia maple-leaf_begonia
12 beefsteak_begonia kidney_begonia
12 star_begonia star-leaf_begonia
12 rex_begonia king_begonia painted-leaf_begonia beefsteak_geranium
12 wax_begonia
11 wandflower
11 coral_drops
11 bellwort merry_bells wild_oats
12 strawflower cornflower
11 tuberose
11 commelina
11 scabious scabiosa
12 sweet_scabious pincushion_flower mournful_widow
12 field_scabious
11 woodland_star
11 achimenes hot_water_plant
11 lace-flower_vine
11 streptocarpus
11 scorpionweed scorpion_weed phacelia
12 whitlavia
12 fiddleneck
11 snapdragon
12 white_snapdragon
12 yellow_twining_snapdragon
11 calceolaria slipperwort
11 gerardia
11 toadflax butter-and-eggs wild_snapdragon devil's_flax
12 blue_toadflax old-field_toadflax
11 veronica speedwell
12 field_speedwell
12 corn_speedwell
12 germander_speedwell bird's_eye
12 common_speedwell gypsyweed
12 purslane_speedwell
12 thyme-leaved_speedwell
11 bush_violet browallia
11 petunia
12 large_white_petunia
12 violet-flowered_petunia
12 hybrid_petunia
11 butterfly_flower poor_man's_orchid schizanthus
11 verbena vervain
11 valerian
12 common_valerian garden_heliotrope
11 red_valerian
10 wildflower wild_flower
11 sagebrush_buttercup
11 pasqueflower pasque_flower
12 wild_crocus lion's_beard prairie_anemone blue_tulip
11 meadow_rue
11 sand_verbena
12 snowball sweet_sand_verbena2
12 sweet_sand_verbena
12 yellow_sand_verbena
12 beach_pancake
12 beach_sand_verbena pink_sand_verbena
12 desert_sand_verbena
11 trailing_four_o'clock trailing_windmills
11 red_maids redmaids
11 siskiyou_lewisia
11 bitterroot
11 pussy-paw pussy-paws pussy's-paw
11 flame_flower2 flame-flower2 flameflower2
12 narrow-leaved_flame_flower
12 pigmy_talinum
12 rock_pink
12 jewels-of-opar
12 spiny_talinum
11 woolly_daisy dwarf_daisy
11 heartleaf_arnica
11 false_chamomile
11 oxeye2
12 woodland_oxeye
11 golden_aster
12 grass-leaved_golden_aster
12 sickleweed_golden_aster
11 hawk's-beard hawk's-beards
11 brittlebush brittle_bush incienso
11 sunray2
11 engelmannia
11 fleabane2
12 blue_fleabane
12 daisy_fleabane
12 orange_daisy orange_fleabane
12 spreading_fleabane
12 seaside_daisy beach_aster
12 robin's_plantain
12 showy_daisy
11 woolly_sunflower
12 golden_yarrow
11 gaillardia
12 blanket_flower fire_wheel fire-wheel
11 desert_sunflower
11 goldenbush
12 camphor_daisy
12 yellow_spiny_daisy
11 heliopsis oxeye
11 hairy_golden_aster prairie_golden_aster
11 alpine_gold alpine_hulsea
11 dwarf_hulsea
11 goldfields
11 hawkbit
12 fall_dandelion arnica_bud
11 edelweiss
11 north_island_edelweiss
11 blazing_star2 button_snakeroot3 gayfeather gay-feather snakeroot2
12 dotted_gayfeather
12 dense_blazing_star
11 tahoka_daisy tansy_leaf_aster
11 sticky_aster
11 common_madia common_tarweed
11 blackfoot_daisy
11 coneflower2
12 long-head_coneflower prairie_coneflower2
12 prairie_coneflower
11 nodding_groundsel
11 butterweed ragwort2
11 arrowleaf_groundsel
11 goldenrod
12 silverrod
12 meadow_goldenrod
12 alpine_goldenrod
12 grey_goldenrod gray_goldenrod
12 sweet_goldenrod
12 dyer's_weed
12 seaside_goldenrod beach_goldenrod
12 narrow_goldenrod
12 rough-stemmed_goldenrod
12 showy_goldenrod
12 tall_goldenrod
12 zigzag_goldenrod broad_leaved_goldenrod
11 stemless_golden_weed
11 northern_dune_tansy
11 stemless_hymenoxys
11 old_man_of_the_mountain alpine_sunflower
11 yellow_salsify
11 meadow_salsify goatsbeard shepherd's_clock
11 mule's_ears
11 white-rayed_mule's_ears
11 waxflower3
11 pinesap false_beachdrops
11 snow_plant
11 prairie_gentian tulip_gentian bluebell2
11 coast_boykinia
11 leatherleaf_saxifrage
11 prairie_star
11 false_alumroot fringe_cups
11 false_miterwort false_mitrewort
11 kitten-tails
11 painted_cup
12 desert_paintbrush
12 giant_red_paintbrush
12 great_plains_paintbrush
12 sulfur_paintbrush
11 purple_chinese_houses innocense
11 golden-beard_penstemon
11 scarlet_bugler
11 hot-rock_penstemon
11 shrubby_penstemon lowbush_penstemon
11 narrow-leaf_penstemon
11 mountain_pride
11 balloon_flower scented_penstemon
11 rock_penstemon cliff_penstemon
11 cascade_penstemon
11 wild_carrot
10 madderwort rubiaceous_plant
11 munjeet
11 madder
8 herb herbaceous_plant
9 barrenwort bishop's_hat
9 mayapple wild_mandrake
9 buttercup butterflower butter-flower crowfoot goldcup kingcup2
10 meadow_buttercup tall_buttercup tall_crowfoot tall_field_buttercup
10 common_buttercup
10 mountain_lily2
10 western_buttercup
10 creeping_buttercup creeping_crowfoot
10 cursed_crowfoot celery-leaved_buttercup
9 goldthread golden_thread
9 winter_aconite
9 hepatica liverleaf
9 goldenseal golden_seal yellow_root turmeric_root
9 false_rue_anemone false_rue
9 giant_buttercup
9 false_bugbane
9 globeflower globe_flower
9 legume leguminous_plant
10 peanut2 peanut_vine
10 chickpea2 chickpea_plant
10 guar cluster_bean
10 soy2 soya soybean2 soya_bean2 soybean_plant soja soja_bean
10 wild_pea
11 singletary_pea rough_pea wild_winterpea
11 beach_pea sea_pea
11 marsh_pea
11 common_vetchling meadow_pea yellow_vetchling
10 lentil3 lentil_plant
10 horse_gram horse_grain poor_man's_pulse
10 locoweed crazyweed crazy_weed
11 purple_locoweed purple_loco
10 bean3 bean_plant
11 bush_bean
12 common_bean common_bean_plant
13 kidney_bean frijol frijole
13 green_bean3
14 haricot
13 wax_bean
11 pole_bean
12 scarlet_runner scarlet_runner_bean runner_bean
11 shell_bean shell_bean_plant
12 lima_bean2 lima_bean_plant
12 sieva_bean butter_bean butter-bean_plant lima_bean
12 tepary_bean
12 broad_bean2 broad-bean broad-bean_plant field_bean
10 pea3 pea_plant
11 garden_pea2 garden_pea_plant common_pea
11 edible-pod_pea edible-podded_pea
12 snow_pea sugar_pea
12 sugar_snap_pea snap_pea
11 field_pea2 field-pea_plant
10 sesbania
10 vetch
11 tare2
12 hairy_vetch hairy_tare
11 tufted_vetch bird_vetch
11 bitter_betch
11 spring_vetch
11 bush_vetch
10 moth_bean
10 adzuki_bean adsuki_bean
10 snailflower snail-flower snail_flower snail_bean corkscrew_flower
10 mung2 mung_bean2 mung_bean_plant
10 cowpea2 cowpea_plant black-eyed_pea2
10 asparagus_bean yard-long_bean
9 clover trefoil2
10 alpine_clover
10 hop_clover2 shamrock3 lesser_yellow_trefoil
10 crimson_clover
10 red_clover purple_clover
10 buffalo_clover2
10 white_clover dutch_clover shamrock
9 periwinkle2 rose_periwinkle old_maid3 red_periwinkle cayenne_jasmine
9 arum2 aroid
10 cuckoopint lords-and-ladies jack-in-the-pulpit2
10 black_calla
10 alocasia elephant's_ear elephant_ear
11 giant_taro
10 amorphophallus
10 pungapung telingo_potato elephant_yam
10 devil's_tongue snake_palm umbrella_arum
10 krubi titan_arum
10 jack-in-the-pulpit wake-robin2
10 green_dragon2
10 friar's-cowl
10 caladium
10 taro2 taro_plant dalo dasheen2
10 dumb_cane mother-in-law_plant mother-in-law's_tongue2
10 dracontium
10 dragon_arum green_dragon
10 nephthytis
10 yautia tannia spoonflower malanga
9 ginseng2 nin-sin
9 sang
9 wild_ginger
10 black_snakeroot
10 heartleaf2 heart-leaf2
10 asarabacca
9 heartleaf heart-leaf
9 caryophyllaceous_plant
9 mouse-ear_chickweed mouse_eared_chickweed mouse_ear2 clammy_chickweed chickweed2
10 field_chickweed field_mouse-ear
10 snow-in-summer2 love-in-a-mist2
9 drypis
9 coral_necklace
9 chickweed
10 common_chickweed
10 stitchwort greater_stitchwort starwort
9 amaranth2
10 tumbleweed4
10 love-lies-bleeding velvet_flower tassel_flower3
10 prince's-feather2 gentleman's-cane prince's-plume3 red_amaranth purple_amaranth
10 pigweed2
9 thorny_amaranth
9 red_fox
9 cockscomb common_cockscomb
9 cottonweed2
9 goosefoot
10 lamb's-quarters pigweed wild_spinach2
10 wormseed
10 good-king-henry allgood fat_hen wild_spinach
10 feather_geranium
10 strawberry_blite strawberry_pigweed
10 oak-leaved_goosefoot oakleaf_goosefoot
10 sowbane red_goosefoot2
10 nettle-leaved_goosefoot nettleleaf_goosefoot
10 red_goosefoot
10 stinking_goosefoot
9 orach orache
10 garden_orache mountain_spinach
9 halogeton
9 barilla2
9 glasswort2 samphire
9 pokeweed
10 poke pigeon_berry garget scoke
10 ombu bella_sombra
9 purslane
10 common_purslane pussley pussly verdolagas
9 rock_purslane
9 broad-leaved_montia
9 blinks blinking_chickweed water_chickweed
9 toad_lily
9 winter_purslane miner's_lettuce
9 spiderflower cleome
10 spider_flower spider_plant
10 stinking_clover
9 clammyweed
9 crucifer cruciferous_plant
10 cress cress_plant
11 watercress
12 mountain_watercress
12 common_watercress
12 marsh_cress yellow_watercress
12 great_yellowcress
11 mouse-ear_cress
11 rock_cress rockcress2
12 sicklepod2
12 tower_cress2 tower_mustard2
11 tower_mustard tower_cress
11 winter_cress scurvy_grass2
12 early_winter_cress land_cress
11 bittercress bitter_cress
12 lady's_smock cuckooflower cuckoo_flower meadow_cress
12 coral-root_bittercress coralroot coralwort
12 crinkleroot crinkle-root crinkle_root pepper_root toothwort
12 spring_cress
12 purple_cress
11 scurvy_grass common_scurvy_grass
11 common_garden_cress garden_pepper_cress pepper_grass pepperwort2
10 garlic_mustard hedge_garlic sauce-alone jack-by-the-hedge
10 alyssum madwort
10 resurrection_plant2
10 wild_cabbage
10 cabbage3 cultivated_cabbage
11 head_cabbage head_cabbage_plant
12 savoy_cabbage
12 red_cabbage
10 brussels_sprout
10 cauliflower
10 broccoli
10 kale2 kail cole borecole colewort
11 collard
10 kohlrabi
10 turnip_plant
11 turnip white_turnip
11 rutabaga2 turnip_cabbage swede2 rutabaga_plant
10 broccoli_raab broccoli_rabe
10 mustard
11 chinese_mustard indian_mustard leaf_mustard gai_choi
11 black_mustard
11 rape colza
11 white_mustard
11 field_mustard wild_mustard charlock chadlock
10 celery_cabbage napa pe-tsai
10 bok_choy bok_choi pakchoi pak_choi
10 tendergreen spinach_mustard
10 gold_of_pleasure
10 shepherd's_purse shepherd's_pouch
10 radish_plant radish5
11 radish4
11 radish2 daikon
10 malheur_wire_lettuce
9 stonecress stone_cress
9 horseradish2 horse_radish red_cole
9 hoary_alison hoary_alyssum
9 sea-rocket
9 sea_kale sea_cole
9 tansy_mustard
9 wall_rocket
9 white_rocket
9 draba
10 whitlow_grass shadflower shad-flower
9 rocket3 roquette garden_rocket rocket_salad arugula
9 tansy-leaved_rocket
9 woad2
10 dyer's_woad
9 bladderpod4
9 honesty2 silver_dollar2 money_plant satin_flower satinpod
9 bladderpod3
9 chamois_cress
9 hedge_mustard
9 fringepod lacepod
9 bladderpod2
9 wasabi
9 prickly_poppy argemone white_thistle devil's_fig
9 bloodroot puccoon2 redroot tetterwort
9 fumitory fumewort fumeroot
9 bleeding_heart lyreflower lyre-flower
9 squirrel_corn
9 achillea
10 yarrow milfoil
10 sneezeweed_yarrow sneezewort
9 white_snakeroot white_sanicle
9 pellitory2
9 andryala
9 ladies'_tobacco lady's_tobacco
9 cat's_foot cat's_feet pussytoes
10 plantain-leaved_pussytoes
10 field_pussytoes
10 solitary_pussytoes
10 mountain_everlasting
9 arnica2
9 lamb_succory dwarf_nipplewort
9 ayapana
9 balsamroot
9 safflower false_saffron
9 chamomile camomile
9 chaenactis
9 chicory2 succory chicory_plant
9 endive witloof
9 coreopsis tickseed tickweed tick-weed
10 giant_coreopsis
10 sea_dahlia
10 calliopsis
9 leopard's-bane leopardbane
9 globe_thistle
9 elephant's-foot2
9 tassel_flower2
9 tassel_flower
9 hemp_agrimony
9 dog_fennel
9 boneset2 agueweed2 thoroughwort
9 purple_boneset trumpet_weed marsh_milkweed
9 gumweed gum_plant tarweed2 rosinweed2
10 curlycup_gumweed
9 vegetable_sheep2 sheep_plant2
9 sneezeweed
10 autumn_sneezeweed
10 orange_sneezeweed owlclaws
10 rosilla
9 hawkweed2
10 rattlesnake_weed
10 mouse-ear_hawkweed
9 alpine_coltsfoot
9 inula
10 elecampane
9 krigia
10 dwarf_dandelion
9 lettuce2
10 garden_lettuce common_lettuce
10 cos_lettuce romaine_lettuce
10 head_lettuce
10 leaf_lettuce
10 celtuce stem_lettuce
9 leopard_plant
9 tarweed
10 melosa madia_oil_plant
9 sweet_false_chamomile wild_chamomile
9 pineapple_weed rayless_chamomile
9 rattlesnake_root2
10 white_lettuce cankerweed
9 lion's_foot gall_of_the_earth
9 butterweed2
9 golden_groundsel golden_ragwort
9 butterbur bog_rhubarb
9 winter_heliotrope sweet_coltsfoot2
9 sweet_coltsfoot
9 hawkweed
9 stevia2
9 rattlesnake_root
9 pteropogon
9 fleabane feabane_mullet
9 sheep_plant vegetable_sheep
9 creeping_zinnia
9 costusroot
9 black_salsify viper's_grass scorzonera
9 sawwort
9 milk_thistle2 lady's_thistle holy_thistle blessed_thistle
9 stevia
9 costmary alecost bible_leaf mint_geranium balsam_herb
9 camphor_dune_tansy
9 pyrethrum2
9 feverfew
9 dandelion blowball
10 common_dandelion
10 kok-saghyz kok-sagyz
9 salsify2 oyster_plant2 vegetable_oyster
9 wild_vanilla
9 scentless_camomile scentless_false_camomile scentless_mayweed scentless_hayweed corn_mayweed
9 turfing_daisy2
9 turfing_daisy
9 coltsfoot2
9 ironweed vernonia
9 loasa
9 campanula bellflower
10 harebell2 bluebell3
10 creeping_bellflower
10 cup_and_saucer
10 southern_harebell
10 tall_bellflower
10 marsh_bellflower
10 clustered_bellflower
10 peach_bells peach_bell willow_bell
10 chimney_plant chimney_bellflower
10 rampion rampion_bellflower
10 throatwort nettle-leaved_bellflower
10 tussock_bellflower spreading_bellflower
9 primrose primula
10 cowslip paigle2
10 oxlip paigle
10 auricula bear's_ear
10 polyanthus
9 pimpernel2
10 scarlet_pimpernel red_pimpernel poor_man's_weatherglass
10 bog_pimpernel
9 sea_milkwort sea_trifoly black_saltwort
9 loosestrife2
10 gooseneck_loosestrife
10 yellow_pimpernel
10 fringed_loosestrife
10 moneywort
10 yellow_loosestrife garden_loosestrife
10 swamp_candles
10 whorled_loosestrife
9 plumbago2
9 gramineous_plant graminaceous_plant
10 grass
11 beach_grass
11 bunchgrass bunch_grass
11 midgrass
11 shortgrass short-grass
11 sword_grass
11 tallgrass tall-grass
11 lemongrass2 lemon_grass2
11 goat_grass
11 wheatgrass wheat-grass
12 crested_wheatgrass crested_wheat_grass fairway_crested_wheat_grass
12 dog_grass couch_grass quackgrass quack_grass quick_grass witch_grass2 witchgrass2
12 bearded_wheatgrass
12 western_wheatgrass bluestem_wheatgrass
12 intermediate_wheatgrass
12 slender_wheatgrass
11 bent2 bent_grass bent-grass
12 velvet_bent velvet_bent_grass brown_bent dog_bent
12 cloud_grass
12 creeping_bent creeping_bentgrass
11 broom_grass
12 broom_sedge
12 broom_beard_grass prairie_grass wire_grass
11 tall_oat_grass tall_meadow_grass evergreen_grass false_oat
11 brome bromegrass
12 awnless_bromegrass
12 chess cheat2
12 downy_brome downy_bromegrass downy_cheat downy_chess cheatgrass drooping_brome
12 field_brome
11 grama grama_grass gramma gramma_grass
12 blue_grama
12 black_grama
11 buffalo_grass2
11 reed_grass
12 feather_reed_grass feathertop2
11 burgrass bur_grass
12 buffel_grass
11 sandbur sandspur field_sandbur
11 finger_grass2
12 windmill_grass creeping_windmill_grass star_grass4
11 pampas_grass
11 plumed_tussock toe_toe toetoe
11 devil_grass kweek doob scutch_grass star_grass3
11 giant_star_grass
11 orchard_grass cocksfoot cockspur
11 crabgrass crab_grass finger_grass
12 crowfoot_grass
12 smooth_crabgrass
12 large_crabgrass hairy_finger_grass
11 lyme_grass
12 giant_ryegrass
12 sea_lyme_grass
11 wild_rye
12 medusa's_head2
11 love_grass bay_grass
12 teff teff_grass
12 weeping_love_grass
11 plume_grass
12 wool_grass2
11 fescue fescue_grass meadow_fescue
11 sheep_fescue sheep's_fescue
11 silver_grass
11 velvet_grass
11 creeping_soft_grass
11 rye_grass ryegrass
12 perennial_ryegrass
12 darnel tare3 bearded_darnel cheat
11 nimblewill
11 dallisgrass dallis_grass paspalum
11 knotgrass
11 fountain_grass
11 feathertop feathertop_grass
11 reed_canary_grass gardener's_garters lady's_laces ribbon_grass
11 canary_grass birdseed_grass
11 hardinggrass toowomba_canary_grass
11 timothy herd's_grass
11 bluegrass blue_grass
11 meadowgrass meadow_grass
12 foxtail foxtail_grass2
13 meadow_foxtail
13 bristlegrass bristle_grass
13 giant_foxtail
13 yellow_bristlegrass yellow_bristle_grass yellow_foxtail glaucous_bristlegrass
13 green_bristlegrass green_foxtail rough_bristlegrass bottle-grass bottle_grass
13 foxtail_millet
14 golden_wonder_millet
12 manna_grass sweet_grass
13 reed_meadow_grass
12 wood_meadowgrass
11 munj munja
11 bluestem blue_stem
11 cordgrass cord_grass
12 salt_reed_grass
12 prairie_cordgrass freshwater_cordgrass slough_grass
11 dropseed drop-seed
12 smut_grass blackseed carpet_grass
12 sand_dropseed
11 rush_grass rush-grass
11 buffalo_grass
11 cereal cereal_grass
12 oat
13 cereal_oat
13 wild_oat wild_oat_grass
13 slender_wild_oat
13 wild_red_oat animated_oat
12 barley2
13 common_barley
13 barley_grass wall_barley
13 squirreltail_barley foxtail_barley squirreltail_grass
13 little_barley
12 rice2
13 cultivated_rice
12 ricegrass rice_grass
13 mountain_rice silkgrass silk_grass
13 smilo smilo_grass
12 pearl_millet bulrush_millet cattail_millet
12 rye2
12 millet
13 barnyard_grass barn_grass barn_millet
13 billion-dollar_grass sanwa_millet
13 yardgrass yard_grass wire_grass2 goose_grass4
13 finger_millet ragi ragee coracan corakan kurakkan
13 panic_grass
14 witchgrass witch_grass old_witchgrass old_witch_grass tumble_grass
14 switch_grass
14 broomcorn_millet hog_millet
14 goose_grass3
13 sorghum
14 great_millet kaffir kafir_corn kaffir_corn
14 grain_sorghum
15 durra doura dourah
15 feterita federita
15 hegari
15 kaoliang
15 milo milo_maize
15 shallu
14 sorgo sorgho sweet_sorghum sugar_sorghum
14 means_grass evergreen_millet
14 broomcorn
12 grain8
12 wheat
13 durum durum_wheat hard_wheat macaroni_wheat
13 soft_wheat
13 common_wheat
13 spelt
13 emmer starch_wheat two-grain_spelt
13 wild_wheat wild_emmer
12 corn maize
13 field_corn
14 dent_corn
14 flint_corn flint_maize
14 soft_corn flour_corn squaw_corn
13 sweet_corn sugar_corn green_corn sweet_corn_plant
13 popcorn
12 corn5
12 wild_rice
11 zoysia
12 mascarene_grass
10 sugarcane2 sugar_cane2
11 noble_cane
10 reed
11 toetoe2 toitoi
11 giant_reed
11 ditch_reed common_reed carrizo
10 bamboo2
11 common_bamboo
11 giant_cane cane_reed
11 small_cane switch_cane
11 giant_bamboo kyo-chiku
11 fishpole_bamboo gosan-chiku hotei-chiku
11 black_bamboo kuri-chiku
11 giant_timber_bamboo madake ku-chiku
9 herbage pasturage
9 bur_reed
9 lobelia
10 cardinal_flower
10 bladderpod
10 water_lobelia
10 great_lobelia blue_cardinal_flower
9 okra2 gumbo2 okra_plant lady's-finger
9 vegetable2
10 beet common_beet
11 beetroot
11 chard spinach_beet leaf_beet chard_plant
11 mangel-wurzel mangold-wurzel mangold
11 sugar_beet
10 spinach spinach_plant prickly-seeded_spinach
10 artichoke globe_artichoke artichoke_plant
10 cardoon
9 simple
9 galax galaxy2 wandflower2 beetleweed coltsfoot
9 wintergreen pyrola
10 false_wintergreen
10 lesser_wintergreen
10 wild_lily_of_the_valley2 shinleaf
10 wild_lily_of_the_valley
9 pipsissewa prince's_pine
10 love-in-winter western_prince's_pine
9 one-flowered_wintergreen one-flowered_pyrola
9 columbo deer's-ear deer's-ears pyramid_plant
9 green_gentian
9 marsh_felwort
9 bloodwort
9 kangaroo_paw kangaroo's_paw kangaroo's-foot kangaroo-foot_plant
9 willowherb
10 fireweed giant_willowherb rosebay_willowherb wickup
10 hairy_willowherb codlins-and-cream
9 evening_primrose
10 enchanter's_nightshade
10 common_evening_primrose
10 sundrops
9 canna
10 canna_lily
10 achira indian_shot arrowroot3
9 maranta
10 arrowroot2 obedience_plant
9 banana banana_tree
10 dwarf_banana
10 plantain2 plantain_tree
10 edible_banana
10 abaca2
9 bird_of_paradise2
9 ginger
10 common_ginger stem_ginger
10 galangal
10 lesser_galangal
10 red_ginger
10 shellflower2 shall-flower shell_ginger
9 turmeric
9 grains_of_paradise melagueta_pepper
9 cardamom cardamon
9 reseda
10 mignonette sweet_reseda
10 dyer's_rocket dyer's_mignonette weld
9 viola
10 violet
11 sweet_white_violet white_violet woodland_white_violet
11 tall_white_violet white_violet2
11 dog_violet heath_violet
11 two-eyed_violet heartsease2
11 sweet_violet garden_violet
11 bird's-foot_violet pansy_violet wood_violet2
11 downy_yellow_violet
11 long-spurred_violet
11 pale_violet striped_violet cream_violet
11 hedge_violet wood_violet
10 field_pansy heartsease3
10 horned_violet tufted_pansy
10 pansy
10 wild_pansy heartsease love-in-idleness
9 false_nettle bog_hemp
10 ramie ramee
9 pellitory-of-the-wall wall_pellitory pellitory
9 kniphofia tritoma flame_flower flame-flower flameflower
10 poker_plant
11 red-hot_poker
9 asparagus edible_asparagus
9 asparagus_fern
9 aspidistra cast-iron_plant bar-room_plant
9 climbing_onion
9 plantain_lily day_lily
9 pia
9 flax2
9 wild_senna
9 kidney_vetch
9 crotalaria rattlebox
9 prairie_mimosa prickle-weed
9 goat's_rue2 goat_rue
9 licorice liquorice
9 wild_licorice2 wild_liquorice
9 winged_pea2 asparagus_pea
9 medic medick trefoil
10 moon_trefoil
10 sickle_alfalfa sickle_lucerne sickle_medick
10 black_medick hop_clover yellow_trefoil nonesuch_clover
10 alfalfa lucerne
9 sainfoin sanfoin holy_clover esparcet
9 shamrock_pea
9 breadroot pomme_blanche pomme_de_prairie
9 bush_pea
10 false_lupine golden_pea yellow_pea
9 bird's_foot_trefoil
9 fenugreek
9 plantain
10 narrow-leaved_plantain ribgrass ribwort ripple-grass buckthorn3
10 broad-leaved_plantain2 common_plantain white-man's_foot whiteman's_foot cart-track_plant
10 hoary_plantain2
10 fleawort psyllium
10 rugel's_plantain broad-leaved_plantain
10 hoary_plantain
9 buckwheat
9 rhubarb2 rhubarb_plant
10 red-veined_pie_plant
10 pie_plant garden_rhubarb
9 dock2 sorrel2 sour_grass
10 sour_dock garden_sorrel2
10 sheep_sorrel sheep's_sorrel
10 bitter_dock broad-leaved_dock yellow_dock
10 garden_sorrel
9 spiderwort dayflower
9 pineapple pineapple_plant
9 agrimonia agrimony
10 harvest-lice
10 fragrant_agrimony
9 strawberry2
10 garden_strawberry cultivated_strawberry
10 wild_strawberry wood_strawberry
10 beach_strawberry
10 scarlet_strawberry
9 salad_burnet burnet_bloodwort pimpernel
9 bedstraw
10 sweet_woodruff waldmeister woodruff fragrant_bedstraw
10 yellow_bedstraw yellow_cleavers
10 wild_licorice
10 cleavers clivers goose_grass catchweed spring_cleavers
10 wild_madder white_madder white_bedstraw infant's-breath false_baby's_breath
9 feverroot horse_gentian tinker's_root wild_coffee
9 teasel teazel teasle
10 common_teasel
10 fuller's_teasel
10 wild_teasel
9 jewelweed lady's_earrings orange_balsam celandine touch-me-not
9 geranium
10 cranesbill crane's_bill
11 wild_geranium spotted_cranesbill
11 meadow_cranesbill
11 herb_robert herbs_robert herb_roberts
11 sticky_geranium
11 dove's_foot_geranium
10 rose_geranium sweet-scented_geranium
10 fish_geranium bedding_geranium zonal_pelargonium
10 ivy_geranium ivy-leaved_geranium hanging_geranium
10 apple_geranium nutmeg_geranium
10 lemon_geranium
10 storksbill heron's_bill
11 redstem_storksbill alfilaria alfileria filaree filaria clocks pin_grass pin_clover
11 musk_clover muskus_grass white-stemmed_filaree
9 oxalis sorrel wood_sorrel
10 common_wood_sorrel cuckoo_bread shamrock2
10 creeping_oxalis creeping_wood_sorrel
10 goatsfoot goat's_foot
10 violet_wood_sorrel
10 oca oka3
9 rue herb_of_grace
9 fraxinella dittany burning_bush3 gas_plant
9 nasturtium
10 garden_nasturtium
10 bush_nasturtium
10 canarybird_flower canarybird_vine canary_creeper
9 carnivorous_plant
10 pitcher_plant
11 common_pitcher_plant huntsman's_cup huntsman's_cups
11 hooded_pitcher_plant
11 huntsman's_horn huntsman's_horns yellow_trumpet yellow_pitcher_plant trumpets
11 sun_pitcher
11 tropical_pitcher_plant
10 sundew sundew_plant daily_dew
10 waterwheel_plant
10 roridula
10 bladderwort
10 butterwort
10 genlisea
9 sedum
10 stonecrop
11 wall_pepper
10 rose-root midsummer-men
10 orpine orpin livelong live-forever
9 saxifrage breakstone rockfoil
10 yellow_mountain_saxifrage
10 meadow_saxifrage
10 mossy_saxifrage
10 western_saxifrage
10 purple_saxifrage
10 star_saxifrage starry_saxifrage
10 strawberry_geranium strawberry_saxifrage mother-of-thousands
9 astilbe
10 false_goatsbeard
10 dwarf_astilbe
10 spirea spiraea
9 bergenia
9 umbrella_plant
9 alumroot alumbloom
10 rock_geranium
10 poker_alumroot poker_heuchera
10 coralbells
9 miterwort mitrewort bishop's_cap
10 fairy_cup2
10 five-point_bishop's_cap
9 suksdorfia
10 violet_suksdorfia
9 foamflower coolwart false_miterwort2 false_mitrewort2
9 pickaback_plant piggyback_plant youth-on-age
9 polemonium
10 charity4
10 skunkweed skunk-weed
9 phlox
10 chickweed_phlox sand_phlox
10 moss_pink2 mountain_phlox moss_phlox dwarf_phlox
10 ground_pink fringed_pink moss_pink
10 evening-snow
9 acanthus
10 bear's_breech bear's_breeches sea_holly2
9 borage tailwort
9 common_amsinckia
9 large-flowered_fiddleneck
9 anchusa
10 bugloss alkanet
10 cape_forget-me-not2
10 cape_forget-me-not
9 hound's-tongue2
9 hound's-tongue
9 blueweed blue_devil blue_thistle viper's_bugloss
9 stickweed
10 beggar's_lice beggar_lice
9 gromwell
9 puccoon
9 hoary_puccoon
9 garden_forget-me-not
9 forget-me-not mouse_ear
9 false_gromwell
9 comfrey cumfrey
10 common_comfrey boneset
9 gesneria
9 waterleaf
10 shawny
9 yellow_bells whispering_bells
9 nemophila
10 five-spot2
9 baby_blue-eyes
9 fiesta_flower
9 basil_thyme basil_balm2 mother_of_thyme
9 giant_hyssop
10 yellow_giant_hyssop
10 anise_hyssop
9 bugle2 bugleweed2
10 creeping_bugle
10 erect_bugle blue_bugle
10 pyramid_bugle
10 ground_pine2 yellow_bugle
9 black_horehound black_archangel fetid_horehound stinking_horehound
9 wood_mint
10 hairy_wood_mint
10 downy_wood_mint
9 calamint
10 common_calamint
10 large-flowered_calamint
10 lesser_calamint field_balm2
9 wild_basil cushion_calamint
9 horse_balm horseweed stoneroot stone-root richweed stone_root
9 coleus flame_nettle
10 country_borage
10 painted_nettle
9 dragonhead dragon's_head
9 elsholtzia
9 hemp_nettle dead_nettle3
9 pennyroyal2
9 hyssop
9 dead_nettle2
10 white_dead_nettle
10 henbit
9 dagga red_dagga wilde_dagga
9 lion's-ear
9 motherwort
9 bugleweed
9 water_horehound
9 gipsywort gypsywort
9 origanum
10 oregano marjoram pot_marjoram wild_marjoram winter_sweet2
10 sweet_marjoram knotted_marjoram
10 dittany_of_crete cretan_dittany crete_dittany hop_marjoram winter_sweet
9 horehound
10 common_horehound white_horehound
9 lemon_balm garden_balm sweet_balm bee_balm3 beebalm3
9 mint2
10 corn_mint field_mint
10 water-mint water_mint
10 bergamot_mint2 lemon_mint2 eau_de_cologne_mint
10 horsemint3
10 peppermint
10 spearmint
10 apple_mint applemint
10 pennyroyal
9 yerba_buena
9 savory2
9 molucca_balm
9 monarda wild_bergamot
10 bee_balm2 beebalm2 bergamot_mint oswego_tea
10 horsemint2
10 bee_balm beebalm
10 lemon_mint horsemint
10 plains_lemon_monarda
10 basil_balm
9 mustang_mint
9 catmint catnip
9 basil
10 common_basil sweet_basil
9 beefsteak_plant
9 physostegia
10 false_dragonhead false_dragon_head obedient_plant
9 self-heal heal_all
9 mountain_mint
10 basil_mint
9 rosemary
9 sage3 salvia
10 blue_sage3
10 clary_sage
10 blue_sage2 mealy_sage
10 blue_sage
10 purple_sage chaparral_sage
10 cancerweed cancer_weed
10 common_sage ramona
10 meadow_clary
10 clary
10 pitcher_sage
10 wild_sage wild_clary vervain_sage
9 savory
10 summer_savory
10 winter_savory
9 skullcap2 helmetflower
9 blue_pimpernel blue_skullcap mad-dog_skullcap mad-dog_weed
9 hedge_nettle2 dead_nettle
9 hedge_nettle
9 thyme
10 common_thyme
10 wild_thyme creeping_thyme
9 martynia
9 sesame benne benni benny
9 common_unicorn_plant devil's_claw common_devil's_claw elephant-tusk proboscis_flower ram's_horn
9 sand_devil's_claw
9 sweet_unicorn_plant
9 false_foxglove2
9 false_foxglove
9 foxglove digitalis2
10 common_foxglove fairy_bell fingerflower finger-flower fingerroot finger-root
10 yellow_foxglove straw_foxglove
9 mullein flannel_leaf velvet_plant
10 moth_mullein
10 white_mullein
10 purple_mullein
10 common_mullein great_mullein flannel_mullein woolly_mullein torch2
9 eggplant2 aubergine brinjal eggplant_bush garden_egg mad_apple
9 belladonna belladonna_plant deadly_nightshade
9 henbane black_henbane stinking_nightshade
9 tomato2 love_apple tomato_plant
10 cherry_tomato
11 plum_tomato
9 mandrake2 devil's_apples
9 shoo_fly
9 tobacco2 tobacco_plant
10 flowering_tobacco
10 common_tobacco
10 wild_tobacco
10 tree_tobacco mustard_tree
9 cupflower2 nierembergia
10 whitecup
10 tall_cupflower
9 ground_cherry husk_tomato
10 downy_ground_cherry strawberry_tomato2
10 winter_cherry bladder_cherry
10 cape_gooseberry purple_ground_cherry2
10 strawberry_tomato dwarf_cape_gooseberry
10 tomatillo2 jamberry2
10 tomatillo miltomate purple_ground_cherry jamberry
10 yellow_henbane
9 salpiglossis
10 painted_tongue
9 herb_mercury herbs_mercury boys-and-girls
9 dog's_mercury dog_mercury
9 spurge_nettle tread-softly devil_nettle pica-pica
9 umbellifer umbelliferous_plant
10 wild_parsley
9 dill
9 angelica angelique
10 garden_angelica archangel2
10 wild_angelica
9 chervil beaked_parsley
9 cow_parsley wild_chervil
9 wild_celery
9 celery cultivated_celery
9 celeriac celery_root knob_celery root_celery turnip-rooted_celery
9 astrantia masterwort
10 greater_masterwort
9 caraway
10 whorled_caraway
9 earthnut2
9 coriander coriander_plant cilantro
9 cumin
9 carrot2 cultivated_carrot
9 button_snakeroot2
9 fennel
10 common_fennel
9 cow_parsnip hogweed
9 lovage
9 sweet_cicely
9 parsnip2
10 cultivated_parsnip
10 wild_parsnip madnep
9 parsley
10 flat-leaf_parsley
10 turnip-rooted_parsley
9 anise anise_plant
9 sanicle snakeroot
10 footsteps-of-spring
10 purple_sanicle
9 moon_carrot stone_parsley2
9 stone_parsley
9 black_lovage horse_parsley
9 corn_salad
10 common_corn_salad lamb's_lettuce
9 wort
9 peperomia
10 watermelon_begonia
9 yerba_mansa
9 asclepiad
9 milkweed silkweed
10 white_milkweed
10 blood_flower swallowwort
10 poke_milkweed
10 swamp_milkweed
10 purple_silkweed
10 showy_milkweed
10 poison_milkweed horsetail_milkweed
10 butterfly_weed orange_milkweed chigger_flower chiggerflower pleurisy_root tuber_root
10 whorled_milkweed
9 stapelia carrion_flower starfish_flower
8 halophyte
8 succulent
9 sour_fig
9 livingstone_daisy
9 lithops living_stone stoneface stone-face stone_plant stone_life_face flowering_stone
9 living_granite living_rock2 stone_mimicry_plant
9 cactus
10 pitahaya_cactus pitahaya
10 rattail_cactus rat's-tail_cactus
10 living_rock
10 saguaro sahuaro
10 night-blooming_cereus3
10 coryphantha
10 echinocactus barrel_cactus2
11 hedgehog_cactus
11 golden_barrel_cactus
10 hedgehog_cereus
10 rainbow_cactus
10 epiphyllum orchid_cactus
10 barrel_cactus
10 night-blooming_cereus2
10 chichipe
10 mescal mezcal peyote
10 mammillaria
10 feather_ball
10 garambulla garambulla_cactus
10 nopal2
10 prickly_pear prickly_pear_cactus
11 nopal
11 tuna
10 cholla
10 mistletoe_cactus
10 night-blooming_cereus
11 queen_of_the_night
10 crab_cactus
9 aloe
10 cape_aloe
10 burn_plant
8 cultivated_plant
8 weed
9 corn_cockle corn_campion crown-of-the-field
9 knawel knawe
9 corn_spurry corn_spurrey
9 sand_spurry sea_spurry
9 carpetweed
9 alligator_weed alligator_grass
9 yellow_rocket rockcress rocket_cress
9 wormseed_mustard
9 jointed_charlock wild_radish wild_rape runch
9 pennycress
10 field_pennycress fanweed penny_grass stinkweed mithridate_mustard
9 ragweed2 ambrosia2 bitterweed2
10 common_ragweed
10 great_ragweed
10 western_ragweed perennial_ragweed
9 thistle
10 welted_thistle
10 musk_thistle nodding_thistle
10 carline_thistle
11 stemless_carline_thistle
11 common_carline_thistle
10 plume_thistle plumed_thistle
11 creeping_thistle
11 woolly_thistle2
11 brook_thistle
11 bull_thistle boar_thistle spear_thistle
10 field_thistle
10 melancholy_thistle
10 blessed_thistle2 sweet_sultan
10 cotton_thistle woolly_thistle
10 golden_thistle
9 yellow_star-thistle
9 horseweed2 fleabane3
9 fireweed2
9 king_devil yellow_hawkweed
9 cat's-ear2 capeweed gosmore
9 bastard_feverfew
9 oxtongue bristly_oxtongue bitterweed bugloss2
9 orange_hawkweed
9 threadleaf_groundsel
9 ragwort tansy_ragwort ragweed benweed
9 groundsel
9 cocklebur cockle-bur cockleburr cockle-burr
9 nettle
10 stinging_nettle
10 wood_nettle
10 richweed2 clearweed dead_nettle4
10 artillery_plant
10 friendship_plant panamica panamiga
9 tumbleweed
8 evergreen evergreen_plant
8 deciduous_plant
8 vine
9 semi-climber
9 moonseed
10 common_moonseed yellow_parilla
9 clematis
10 pine_hyacinth
10 blue_jasmine blue_jessamine curly_clematis marsh_clematis
10 pipestem_clematis
10 curly-heads
10 golden_clematis
10 scarlet_clematis
10 leather_flower2
10 leather_flower vase-fine vase_vine
10 virgin's_bower old_man's_beard3 devil's_darning_needle
10 traveler's_joy traveller's_joy old_man's_beard2
10 purple_clematis purple_virgin's_bower mountain_clematis
9 allamanda
10 common_allamanda golden_trumpet
9 star_jasmine confederate_jasmine
9 ivy common_ivy
9 birthwort
10 pipe_vine
9 bougainvillea
10 paper_flower
9 climbing_corydalis
9 climbing_fumitory
9 climbing_hempweed climbing_boneset wild_climbing_hempweed climbing_hemp-vine
9 yam2 yam_plant
10 white_yam water_yam
10 cinnamon_vine
10 air_potato
10 cush-cush
9 elephant's-foot tortoise_plant
9 wild_yam
9 black_bryony black_bindweed
9 gourd3 gourd_vine
10 prairie_gourd2 prairie_gourd_vine wild_pumpkin buffalo_gourd calabazilla
10 melon2 melon_vine
11 watermelon watermelon_vine
11 sweet_melon muskmelon sweet_melon_vine
12 cantaloupe cantaloup cantaloupe_vine cantaloup_vine
12 winter_melon honeydew_melon winter_melon_vine
12 net_melon netted_melon nutmeg_melon
11 cucumber cucumber_vine
10 squirting_cucumber exploding_cucumber touch-me-not2
10 bottle_gourd calabash3
10 balsam_apple
10 balsam_pear
9 squash squash_vine
10 pumpkin pumpkin_vine autumn_pumpkin
10 summer_squash summer_squash_vine
11 yellow_squash
11 marrow2 marrow_squash vegetable_marrow
12 zucchini courgette
12 cocozelle
11 cymling pattypan_squash
11 spaghetti_squash
10 winter_squash winter_squash_plant
11 acorn_squash
11 hubbard_squash
11 turban_squash
12 buttercup_squash
11 butternut_squash
11 winter_crookneck winter_crookneck_squash
11 cushaw
9 bryony briony
10 white_bryony devil's_turnip
10 red_bryony wild_hop
9 luffa2 dishcloth_gourd sponge_gourd rag_gourd strainer_vine
10 loofah2 vegetable_sponge
10 angled_loofah sing-kwa
9 bower_actinidia tara_vine
9 kiwi kiwi_vine
9 silvervine silver_vine
9 passionflower passionflower_vine
10 granadilla3 purple_granadillo
10 granadilla2 sweet_granadilla
10 granadilla giant_granadilla
10 maypop
10 yellow_granadilla
10 banana_passion_fruit
10 sweet_calabash
10 love-in-a-mist running_pop wild_water_lemon
9 hop2 hops
10 common_hop common_hops bine
9 salsilla2
9 salsilla
9 smilax2
9 sarsaparilla
10 rough_bindweed
9 bullbrier greenbrier catbrier horse_brier horse-brier brier4 briar2
9 yellow_jasmine yellow_jessamine evening_trumpet_flower
9 calabar-bean_vine
9 hog_peanut wild_peanut
9 groundnut groundnut_vine potato_bean2 wild_bean
9 jack_bean wonder_bean giant_stock_bean
9 sword_bean
9 butterfly_pea3
9 butterfly_pea2
9 blue_pea butterfly_pea
9 derris_root tuba_root
9 coral_pea
10 coral_vine
10 scarlet_runner2 running_postman
9 hyacinth_bean bonavist
9 vetchling
10 black_pea
10 grass_vetch grass_vetchling
10 grass_pea khesari
10 spring_vetchling spring_vetch2
9 everlasting_pea
10 broad-leaved_everlasting_pea perennial_pea
10 flat_pea2 narrow-leaved_everlasting_pea
9 sweet_pea sweetpea
9 heath_pea earth-nut_pea earthnut_pea tuberous_vetch
9 yam_bean2
9 yam_bean potato_bean
9 winged_bean winged_pea goa_bean goa_bean_vine
9 kudzu kudzu_vine
9 wisteria wistaria
10 silky_wisteria
9 silver_lace_vine
9 partridgeberry boxberry twinberry2
9 soapberry_vine
10 heartseed
10 balloon_vine heart_pea
9 bittersweet2 climbing_bittersweet false_bittersweet staff_vine waxwork shrubby_bittersweet
9 oriental_bittersweet
9 evergreen_bittersweet
9 cross_vine trumpet_flower2 quartervine quarter-vine
9 convolvulus
10 scammony3
9 bindweed
10 field_bindweed wild_morning-glory2
10 hedge_bindweed wild_morning-glory
9 silverweed
9 dodder
10 love_vine
9 dichondra
9 morning_glory
10 common_morning_glory2
10 common_morning_glory
10 cypress_vine star-glory
10 moonflower belle_de_nuit
10 sweet_potato sweet_potato_vine
10 wild_potato_vine wild_sweet_potato_vine man-of-the-earth2 manroot scammonyroot
10 red_morning-glory star_ipomoea
10 man-of-the-earth
10 scammony
10 railroad_vine beach_morning_glory
9 ground_ivy alehoof field_balm gill-over-the-ground runaway_robin
9 potato_tree2
9 wild_potato
9 potato_vine2
9 potato2 white_potato white_potato_vine
9 potato_vine giant_potato_creeper
9 cock's_eggs
9 climber
10 root_climber
9 liana
10 white_dipladenia
10 golden_pothos pothos2 ivy_arum
10 monstera
11 ceriman
10 philodendron
10 pothos
10 jade_vine emerald_creeper
10 cynancum
9 grape2 grapevine2 grape_vine
10 fox_grape
10 muscadine
10 vinifera vinifera_grape common_grape_vine
11 chardonnay_grape
11 malvasia
11 muscat muskat
9 woodbine
9 true_pepper pepper_vine
10 pepper common_pepper black_pepper white_pepper
10 long_pepper
10 betel2 betel_pepper
10 cubeb2 cubeb_vine
9 cruel_plant
9 hoya
10 honey_plant
10 wax_plant
9 silk_vine
9 soma haoma
9 negro_vine
8 creeper
8 woody_plant ligneous_plant
9 bugbane2
10 summer_cohosh
10 black_cohosh black_snakeroot2 rattle-top
10 fetid_bugbane foetid_bugbane
9 melilotus melilot sweet_clover
10 white_sweet_clover white_melilot
10 yellow_sweet_clover
9 aralia
9 combretum
9 traveler's_tree traveller's_tree ravenala
9 milk_vetch milk-vetch
10 wild_licorice3 wild_liquorice2
10 alpine_milk_vetch
10 purple_milk_vetch
9 wild_indigo false_indigo
10 blue_false_indigo
10 white_false_indigo
10 indigo_broom horsefly_weed rattle_weed
9 bush_clover lespedeza
10 bicolor_lespediza ezo-yama-hagi
10 japanese_clover japan_clover jap_clover
10 sericea_lespedeza
9 lupine lupin
10 white_lupine field_lupine wolf_bean
10 yellow_lupine
10 bluebonnet buffalo_clover
9 bignoniad
9 gesneriad
9 figwort
9 nightshade
10 kangaroo_apple poroporo
10 horse_nettle ball_nettle bull_nettle ball_nightshade
10 bittersweet bittersweet_nightshade climbing_nightshade deadly_nightshade2 poisonous_nightshade woody_nightshade
10 trompillo white_horse_nettle prairie_berry purple_nightshade silverleaf_nightshade silver-leaved_nightshade silver-leaved_nettle
10 black_nightshade common_nightshade poisonberry poison-berry
11 garden_huckleberry wonderberry sunberry
10 winter_cherry2
10 buffalo_bur
9 lignosae
9 arborescent_plant
10 grass_tree2
9 tree
10 yellowwood2 yellowwood_tree
11 gymnospermous_yellowwood
12 common_yellowwood bastard_yellowwood
11 angiospermous_yellowwood
12 osage_orange bow_wood mock_orange4
12 gopherwood
12 satinwood
12 sweetleaf
10 lancewood2 lancewood_tree2
10 negro_pepper
10 anise_tree
11 purple_anise
11 star_anise2
11 star_anise
10 winter's_bark2 winter's_bark_tree
10 zebrawood2 zebrawood_tree
11 arariba
11 nakedwood2
11 goncalo_alves
11 marblewood marble-wood
10 granadilla_tree granadillo
10 acacia
11 shittah shittah_tree
11 wattle3
12 black_wattle
12 gidgee stinking_wattle
12 silver_wattle mimosa
12 golden_wattle
11 catechu2
11 huisache cassie mimosa_bush sweet_wattle sweet_acacia scented_wattle flame_tree5
11 fever_tree4
10 coralwood coral-wood red_sandalwood3 peacock_flower_fence
10 albizzia albizia
11 silk_tree
11 siris siris_tree
11 rain_tree saman monkeypod monkey_pod zaman zamang
10 conacaste elephant's_ear2
10 inga
10 ice-cream_bean
10 guama
10 lead_tree white_popinac
10 wild_tamarind2
10 nitta_tree
10 manila_tamarind camachile huamachil wild_tamarind
10 dita dita_bark devil_tree
10 ivory_tree conessi kurchi kurchee
10 puka2
10 cockspur2
10 pandanus2 screw_pine
11 textile_screw_pine lauhala
10 lacebark ribbonwood2 houhere
10 ribbon_tree ribbonwood
10 tulipwood_tree
11 portia_tree bendy_tree seaside_mahoe
11 harpullia
12 harpulla
10 red_silk-cotton_tree simal
10 shaving-brush_tree
10 quandong3 quandong_tree2 silver_quandong_tree blue_fig2
10 calabur_tree calabura silk_wood silkwood
10 breakax breakaxe break-axe
10 bottle-tree bottle_tree
11 flame_tree4 flame_durrajong
11 flame_tree3 broad-leaved_bottletree
11 kurrajong currajong
11 narrow-leaved_bottletree
10 phoenix_tree
10 mayeng maple-leaved_bayur
10 silver_tree2
10 obeche2 obechi arere samba
10 linden2 linden_tree basswood2 lime5 lime_tree2
11 small-leaved_linden small-leaved_lime
11 white_basswood cottonwood2
11 silver_lime silver_linden
10 silver_tree
10 prickly_ash2
10 wheel_tree firewheel_tree
10 scrub_beefwood beefwood4
10 casuarina
11 she-oak
11 beefwood3
10 beech beech_tree
11 common_beech
11 copper_beech purple_beech
11 white_beech red_beech
11 weeping_beech
10 chestnut2 chestnut_tree
11 sweet_chestnut
11 eastern_chinquapin chinquapin2 dwarf_chestnut
11 chinquapin
10 oak_chestnut
10 giant_chinkapin golden_chinkapin
10 tanbark_oak
10 southern_beech evergreen_beech
11 myrtle_beech
11 silver_beech
11 roble_beech
11 rauli_beech
11 black_beech
11 hard_beech
10 oak2 oak_tree
11 live_oak
12 coast_live_oak
12 canyon_oak canyon_live_oak maul_oak iron_oak2
12 southern_live_oak
12 interior_live_oak
11 white_oak
12 swamp_white_oak swamp_oak3
12 valley_oak valley_white_oak roble2
12 bur_oak burr_oak mossy-cup_oak mossycup_oak
12 durmast
12 common_oak pedunculate_oak
11 turkey_oak4
11 scarlet_oak
11 jack_oak2 northern_pin_oak
11 red_oak
12 southern_red_oak swamp_red_oak turkey_oak3
12 northern_red_oak
11 holm_oak2 holm_tree holly-leaved_oak evergreen_oak
11 shingle_oak laurel_oak2
11 bluejack_oak turkey_oak2
11 turkey_oak
11 laurel_oak pin_oak2
11 overcup_oak
11 scrub_oak
12 bear_oak
12 blackjack_oak blackjack jack_oak
12 myrtle_oak seaside_scrub_oak
11 chestnut_oak
12 swamp_chestnut_oak
12 chinquapin_oak chinkapin_oak yellow_chestnut_oak
12 basket_oak cow_oak
12 dwarf_chinkapin_oak dwarf_chinquapin_oak dwarf_oak
11 water_oak possum_oak
11 pin_oak swamp_oak2
11 willow_oak
11 post_oak box_white_oak brash_oak iron_oak
11 cork_oak
11 black_oak yellow_oak quercitron2 quercitron_oak
10 birch2 birch_tree
11 yellow_birch
11 paper_birch paperbark_birch canoe_birch
11 grey_birch gray_birch
11 silver_birch common_birch
11 downy_birch white_birch
11 black_birch2 river_birch red_birch
11 sweet_birch cherry_birch black_birch
11 swamp_birch water_birch mountain_birch
10 alder2 alder_tree
11 common_alder
11 grey_alder gray_alder
11 seaside_alder
11 white_alder mountain_alder2
11 red_alder
11 speckled_alder
11 smooth_alder hazel_alder
11 green_alder2
11 green_alder
10 hornbeam
10 hop_hornbeam
11 ironwood4 ironwood_tree3
10 fringe_tree
11 fringe_bush
10 ash2 ash_tree
11 white_ash2
11 swamp_ash
11 flowering_ash3
11 flowering_ash2
11 black_ash basket_ash brown_ash hoop_ash
11 manna_ash flowering_ash
11 red_ash downy_ash
12 green_ash
11 blue_ash
11 mountain_ash3
11 pumpkin_ash
10 devilwood
10 dhawa dhava
10 button_tree button_mangrove
10 white_mangrove2
10 bayberry bay-rum_tree wild_cinnamon2
10 gum_tree gum6
11 liquidambar2
12 sweet_gum3 sweet_gum_tree bilsted red_gum5
11 eucalyptus2 eucalypt eucalyptus_tree
12 flooded_gum
13 rose_gum
13 cider_gum
13 forest_red_gum
12 mallee
13 white_mallee congoo_mallee
13 black_mallee black_sally black_gum2
12 stringybark
13 white_stringybark thin-leaved_stringybark
12 smoothbark
12 red_gum3 peppermint2 peppermint_gum
12 red_gum2 marri
12 river_red_gum river_gum
12 mountain_swamp_gum
12 snow_gum ghost_gum white_ash
12 alpine_ash mountain_oak
12 white_mountain_ash
12 blue_gum fever_tree3
12 swamp_gum
12 spotted_gum
12 lemon-scented_gum
12 mountain_ash2
12 manna_gum
11 tupelo2 tupelo_tree
12 water_gum
12 sour_gum black_gum pepperidge
10 poon2
10 calaba
10 laurelwood lancewood_tree
10 clusia
10 wild_fig2
10 rose_chestnut ironwood ironwood_tree
10 souari souari_nut souari_tree
10 dipterocarp
11 red_lauan2 red_lauan_tree
10 ketembilla kitembilla kitambilla ketembilla_tree
10 chaulmoogra chaulmoogra_tree chaulmugra
10 idesia
10 fig_tree
11 fig2 common_fig common_fig_tree
12 caprifig
11 golden_fig strangler_fig wild_fig
11 banyan banyan_tree banian banian_tree
11 pipal pipal_tree pipul peepul sacred_fig bo_tree
11 rubber_plant
11 mistletoe_fig mistletoe_rubber_plant
11 rusty_rig little-leaf_fig
11 sycamore4 sycamore_fig mulberry_fig
10 elm elm_tree
11 winged_elm wing_elm
11 white_elm water_elm2 rock_elm2
11 smooth-leaved_elm
11 cedar_elm
11 witch_elm wych_elm
11 water_elm
11 dwarf_elm
11 slippery_elm red_elm2
11 guernsey_elm wheately_elm
11 red_elm
11 rock_elm
10 hackberry nettle_tree
11 sugarberry
10 cabbage_tree3 grass_tree
10 bonduc2 bonduc_tree
10 divi-divi2
10 brazilwood2 peachwood peach-wood pernambuco_wood
10 brazilian_ironwood
10 shingle_tree
10 msasa
10 cassia
11 golden_shower_tree drumstick_tree purging_cassia pudding_pipe_tree canafistola canafistula
11 pink_shower pink_shower_tree horse_cassia2
11 rainbow_shower
11 horse_cassia
10 locust_tree locust3
11 courbaril
11 water_locust swamp_locust
11 honey_locust
11 black_locust2 yellow_locust
11 clammy_locust
10 bonduc chicot
10 palo_verde
10 angelim andelmin
11 cabbage_bark cabbage-bark_tree cabbage_tree2
10 camwood
10 dhak dak palas
10 rosewood2 rosewood_tree
11 caviuna_wood jacaranda
10 sissoo sissu sisham
10 kingwood2 kingwood_tree
10 cocobolo
10 blackwood2 blackwood_tree
11 lightwood
11 logwood2 logwood_tree campeachy bloodwood_tree2
11 black_mangrove2
10 coral_tree erythrina
11 kaffir_boom2
11 coral_bean_tree
11 ceibo crybaby_tree cry-baby_tree common_coral_tree
11 kaffir_boom
11 cork_tree2
10 gliricidia
10 millettia
10 tolu_tree tolu_balsam_tree
10 necklace_tree
11 bead_tree jumby_bean jumby_tree
11 jumby_bead jumbie_bead
10 fish_fuddle
10 quira2
11 roble
10 bloodwood_tree kiaat
10 padauk padouk amboyna2
10 kino2
10 red_sandalwood2 red_sanders red_sanderswood red_saunders
10 carib_wood
10 scarlet_wisteria_tree vegetable_hummingbird
10 mescal_bean coral_bean frijolito frijolillo
10 kowhai
10 tipu tipu_tree yellow_jacaranda
10 keurboom2
10 keurboom
10 palm3 palm_tree
11 sago_palm
12 sugar_palm gomuti gomuti_palm
12 wine_palm jaggery_palm kitul kittul kitul_tree toddy_palm
12 true_sago_palm
11 feather_palm
12 coyol coyol_palm
12 grugru gri-gri grugru_palm macamba
12 areca
13 betel_palm
12 piassava_palm pissaba_palm bahia_coquilla
12 wax_palm3
12 oil_palm
12 babassu babassu_palm coco_de_macao
12 cohune_palm cohune
12 date_palm
12 ivory_palm ivory-nut_palm ivory_plant
11 fan_palm
12 palmetto
13 cabbage_palmetto cabbage_palm
12 palmyra palmyra_palm toddy_palm2 wine_palm2 lontar longar_palm
12 carnauba2 carnauba_palm wax_palm2
12 caranday caranda caranda_palm wax_palm
12 gebang_palm
12 latanier latanier_palm
12 talipot talipot_palm
12 saw_palmetto scrub_palmetto
12 thatch_palm thatch_tree silver_thatch2 broom_palm
12 key_palm silvertop_palmetto silver_thatch
11 calamus
12 rattan rattan_palm
12 lawyer_cane
11 fishtail_palm
11 coconut3 coconut_palm coco_palm coco cocoa_palm coconut_tree
11 corozo corozo_palm
11 cabbage_palm4
11 cabbage_palm3 cabbage_tree
11 nipa_palm
11 raffia_palm
12 jupati jupaty jupati_palm
12 bamboo_palm2
11 lady_palm
12 miniature_fan_palm bamboo_palm fern_rhapis
12 reed_rhapis slender_lady_palm
11 royal_palm
11 cabbage_palm2
10 dagame lemonwood_tree2
10 coffee2 coffee_tree
11 robusta_coffee
10 cinchona2 chinchona
11 calisaya
11 cinchona_tree
10 opepe
10 lemonwood2 lemon-wood lemonwood_tree lemon-wood_tree
10 wild_medlar wild_medlar_tree medlar
10 incense_tree
11 elephant_tree
11 gumbo-limbo
11 salai
11 balm_of_gilead3
11 myrrh_tree
10 mahogany2 mahogany_tree
11 cedar_mahogany sapele_mahogany
11 true_mahogany
11 kalantas
11 hardtack2
10 chinaberry2 chinaberry_tree azederach azedarach
10 neem neem_tree nim_tree margosa arishth
10 satinwood3 satinwood_tree
10 silver_ash
11 native_beech flindosa flindosy
11 bunji-bunji
10 lanseh_tree langsat langset
10 turreae
10 lepidobotrys
10 caracolito
10 cork_tree
10 trifoliate_orange trifoliata wild_orange
10 prickly_ash
11 toothache_tree sea_ash
10 bitterwood_tree
11 marupa
11 paradise_tree bitterwood3
11 bitterwood2
11 quassia2 bitterwood
10 pepper_tree2
10 willow willow_tree
11 osier2
12 golden_willow
12 almond_willow
12 purple_willow red_willow red_osier2 basket_willow purple_osier
12 common_osier hemp_willow velvet_osier
11 white_willow
11 silver_willow silky_willow2
11 cricket-bat_willow
11 arctic_willow
11 weeping_willow
11 pussy_willow
11 sallow
12 goat_willow florist's_willow pussy_willow2
11 peachleaf_willow peach-leaved_willow almond-leaves_willow
11 hoary_willow sage_willow2
11 crack_willow brittle_willow snap_willow
11 prairie_willow
11 dwarf_willow
11 grey_willow gray_willow
11 arroyo_willow
11 shining_willow
11 swamp_willow black_willow
11 bay_willow laurel_willow
11 balsam_willow
11 creeping_willow
11 silky_willow
11 dwarf_grey_willow dwarf_gray_willow sage_willow
11 bearberry_willow
10 sandalwood_tree true_sandalwood
10 quandong quandang quandong_tree
10 aalii
10 soapberry soapberry_tree
11 false_dogwood jaboncillo chinaberry
10 aroeira_blanca
10 pepper_tree molle
10 ebony3 ebony_tree
10 marblewood2 marble-wood2
10 balata2 balata_tree beefwood bully_tree
10 gutta-percha_tree2
10 gutta-percha_tree
10 marmalade_tree mammee sapote
10 plane_tree sycamore2 platan
11 buttonwood
11 oriental_plane
10 calabash2 calabash_tree
10 princewood
10 white_mangrove
10 black_mangrove
10 teak2
10 snag2
10 timber_tree
10 treelet
10 arbor
10 bean_tree
11 tonka_bean2 tonka_bean_tree
11 carob2 carob_tree carob_bean_tree algarroba2
11 tamarind tamarind_tree tamarindo
11 catalpa
10 pollard
10 sapling
10 shade_tree
10 gymnospermous_tree
11 gnetum
11 ginkgo gingko maidenhair_tree
11 conifer coniferous_tree
12 pine pine_tree true_pine
13 pinon pinyon
14 nut_pine
15 pinon_pine
15 single-leaf single-leaf_pine single-leaf_pinyon
14 bishop_pine bishop's_pine
13 spruce_pine4
13 black_pine5
13 pitch_pine2 northern_pitch_pine
13 pond_pine
13 stone_pine umbrella_pine
13 arolla_pine cembra_nut_tree
13 mountain_pine3 dwarf_mountain_pine mugho_pine mugo_pine
13 ancient_pine
13 white_pine
14 eastern_white_pine weymouth_pine
14 western_white_pine silver_pine2 mountain_pine2
14 southwestern_white_pine
14 limber_pine
14 whitebark_pine whitebarked_pine
13 yellow_pine
14 ponderosa ponderosa_pine western_yellow_pine bull_pine
14 longleaf_pine pitch_pine southern_yellow_pine
14 shortleaf_pine short-leaf_pine shortleaf_yellow_pine
13 black_pine4
13 shore_pine lodgepole lodgepole_pine spruce_pine3
13 loblolly_pine frankincense_pine
13 jack_pine
13 swamp_pine
13 red_pine2
13 scrub_pine
13 bristlecone_pine
13 table-mountain_pine prickly_pine hickory_pine
13 knobcone_pine
13 black_pine3
13 soledad_pine grey-leaf_pine sabine_pine
12 larch2 larch_tree
13 tamarack black_larch
13 western_larch western_tamarack
13 subalpine_larch
12 golden_larch
12 fir2 fir_tree true_fir
13 silver_fir
14 amabilis_fir white_fir2 red_silver_fir
14 white_fir
14 balsam_fir
14 lowland_fir lowland_white_fir giant_fir grand_fir
14 subalpine_fir
13 bristlecone_fir
12 cedar3 cedar_tree2 true_cedar
13 deodar deodar_cedar
12 spruce2
13 weeping_spruce
13 white_spruce
13 black_spruce spruce_pine2
13 oriental_spruce
13 silver_spruce
13 red_spruce eastern_spruce yellow_spruce
12 hemlock4 hemlock_tree
13 eastern_hemlock spruce_pine
13 mountain_hemlock black_hemlock
13 western_hemlock west_coast_hemlock
12 douglas_fir2
13 green_douglas_fir douglas_spruce douglas_pine douglas_hemlock
13 big-cone_spruce big-cone_douglas_fir
12 cedar cedar_tree
13 incense_cedar2 red_cedar3
13 southern_white_cedar coast_white_cedar white_cypress white_cedar2
13 yellow_cypress yellow_cedar
13 sugi
13 incense_cedar
13 kawaka
13 pahautea mountain_pine
12 cypress2 cypress_tree
13 gowen_cypress
13 pygmy_cypress
12 metasequoia dawn_redwood
12 arborvitae
13 western_red_cedar red_cedar canoe_cedar
13 northern_white_cedar white_cedar
13 hiba_arborvitae
12 keteleeria
12 araucaria
13 monkey_puzzle chile_pine
13 norfolk_island_pine
13 new_caledonian_pine
13 bunya_bunya bunya_bunya_tree
13 hoop_pine
12 kauri_pine dammar_pine
13 kauri2 kaury
13 amboina_pine amboyna_pine
13 dundathu_pine queensland_kauri smooth_bark_kauri
13 red_kauri
12 plum-yew
12 celery_pine
13 celery_top_pine celery-topped_pine
13 tanekaha
12 podocarp
12 yacca yacca_podocarp
12 brown_pine
12 cape_yellowwood
12 totara
12 kahikatea
12 rimu imou_pine red_pine
12 tarwood2 tar-wood2
12 common_sickle_pine
12 yellow-leaf_sickle_pine
12 tarwood tar-wood
12 westland_pine silver_pine
12 huon_pine
12 nagi
12 miro black_pine2
12 matai black_pine
12 plum-fruited_yew
12 yew2
13 nutmeg-yew
13 stinking_cedar stinking_yew
13 western_yew
13 white-berry_yew
10 angiospermous_tree flowering_tree
11 ilang-ilang2 ylang-ylang
11 katsura_tree
11 laurel
12 true_laurel bay3 bay_laurel bay_tree
12 camphor_tree
12 cinnamon2
12 cassia3 cassia-bark_tree
12 laurel-tree red_bay
12 sassafras sassafras_tree
12 pepperwood spice_tree2 sassafras_laurel mountain_laurel2
11 magnolia2
12 southern_magnolia evergreen_magnolia large-flowering_magnolia bull_bay
12 umbrella_tree2 umbrella_magnolia elkwood elk-wood
12 earleaved_umbrella_tree
12 cucumber_tree
12 large-leaved_magnolia large-leaved_cucumber_tree great-leaved_macrophylla
12 saucer_magnolia
12 star_magnolia
12 sweet_bay swamp_bay swamp_laurel2
11 manglietia
11 tulip_tree tulip_poplar yellow_poplar2 canary_whitewood
11 bocconia2 tree_celandine
11 cream-of-tartar_tree sour_gourd
11 baobab monkey-bread_tree
11 kapok2 ceiba_tree silk-cotton_tree white_silk-cotton_tree
11 balsa2
11 sterculia
12 kalumpang
11 red_beech2 brown_oak booyong crow's_foot2 stave_wood silky_elm
11 looking_glass_tree
11 looking-glass_plant
11 cacao cacao_tree chocolate_tree
12 cacao_bean cocoa_bean
11 rewa-rewa
11 sorrel_tree sourwood titi2
11 iron_tree iron-tree ironwood3 ironwood_tree2
11 bush_willow2
11 bush_willow
11 myrtaceous_tree
11 myrtle2
12 common_myrtle
11 mangrove
11 dillenia
11 gamboge_tree
11 paper_mulberry
11 trumpetwood trumpet-wood trumpet_tree snake_wood imbauba
11 mountain_ebony orchid_tree
11 royal_poinciana flamboyant flame_tree2 peacock_flower
11 love_tree
11 redbud
11 cherry_laurel2 laurel_cherry2 mock_orange3 wild_orange2
11 fruit_tree
12 custard_apple custard_apple_tree
13 cherimoya cherimoya_tree
13 ilama ilama_tree
13 soursop prickly_custard_apple soursop_tree
13 bullock's_heart bullock's_heart_tree bullock_heart
13 sweetsop sweetsop_tree
13 pond_apple pond-apple_tree
13 pawpaw2 papaw papaw_tree
12 avocado2 avocado_tree
12 durian durion durian_tree
12 toothbrush_tree mustard_tree2
12 olive_tree
13 olive2
13 black_maire
13 white_maire
12 anchovy_pear anchovy_pear_tree
12 sour_cherry2
12 pitanga
12 rose_apple rose-apple_tree jambosa
12 jaboticaba jaboticaba_tree
12 guava2 true_guava guava_bush
12 guava strawberry_guava yellow_cattley_guava
12 cattley_guava purple_strawberry_guava
12 pomegranate pomegranate_tree
12 mangosteen mangosteen_tree
12 mammee_apple mammee2 mamey mammee_tree
12 papaya papaia pawpaw papaya_tree melon_tree
12 mulberry mulberry_tree
13 white_mulberry
13 black_mulberry
13 red_mulberry
12 breadfruit breadfruit_tree
12 jackfruit jackfruit_tree
12 marang marang_tree
12 coco_plum coco_plum_tree cocoa_plum icaco
12 quince quince_bush
12 loquat loquat_tree
12 apple_tree
13 apple2 orchard_apple_tree
13 wild_apple crab_apple2 crabapple2
14 wild_crab
14 garland_crab
14 prairie_crab western_crab_apple
15 flowering_crab
13 crab_apple crabapple cultivated_crab_apple
14 cherry_apple cherry_crab
14 flowering_crab2
12 medlar2 medlar_tree
12 plum plum_tree
13 wild_plum wild_plum_tree
14 sloe
14 goose_plum
14 chickasaw_plum hog_plum2 hog_plum_bush
14 beach_plum beach_plum_bush
14 holly-leaved_cherry holly-leaf_cherry evergreen_cherry islay
13 common_plum
13 bullace
14 damson_plum2 damson_plum_tree
13 big-tree_plum
13 cherry_plum myrobalan myrobalan_plum
12 plumcot plumcot_tree
12 apricot apricot_tree
13 mei
13 common_apricot
13 purple_apricot black_apricot
12 cherry2 cherry_tree
13 wild_cherry2 wild_cherry_tree
14 bird_cherry bird_cherry_tree
15 hagberry_tree common_bird_cherry
15 pin_cherry
14 black_cherry black_cherry_tree rum_cherry
13 sweet_cherry
14 heart_cherry oxheart oxheart_cherry
14 gean mazzard mazzard_cherry
13 capulin capulin_tree
13 sour_cherry sour_cherry_tree
14 amarelle
14 morello
14 marasca2 marasca_cherry maraschino_cherry
13 flowering_cherry
14 fuji fuji_cherry
14 oriental_cherry
14 rosebud_cherry winter_flowering_cherry
13 chokecherry2 chokecherry_tree
14 western_chokecherry
12 almond_tree
13 almond sweet_almond
14 jordan_almond
13 bitter_almond
13 dwarf_flowering_almond
13 flowering_almond2 oriental_bush_cherry
13 flowering_almond
12 peach peach_tree
12 nectarine nectarine_tree
12 pear2 pear_tree
12 genipa
13 genipap_fruit jagua marmalade_box
12 carambola carambola_tree
12 bilimbi
12 citrus2 citrus_tree
13 orange3 orange_tree
14 sour_orange bitter_orange bitter_orange_tree bigarade marmalade_orange
14 bergamot bergamot_orange
14 sweet_orange2 sweet_orange_tree
14 temple_orange temple_orange_tree tangor king_orange
13 pomelo pomelo_tree pummelo shaddock
13 citron2 citron_tree
13 grapefruit
13 mandarin mandarin_orange mandarin_orange_tree
14 tangerine tangerine_tree
14 clementine clementine_tree
14 satsuma satsuma_tree
13 tangelo tangelo_tree ugli_fruit
13 rangpur rangpur_lime lemanderin
13 lemon3 lemon_tree
14 sweet_lemon sweet_lime
13 lime4 lime_tree
13 citrange citrange_tree
13 kumquat cumquat kumquat_tree
14 marumi marumi_kumquat round_kumquat
14 nagami nagami_kumquat oval_kumquat
12 wild_mango dika wild_mango_tree
12 akee akee_tree
12 longan lungen longanberry
12 litchi lichee litchi_tree
12 honey_berry mamoncillo genip ginep
12 rambutan rambotan rambutan_tree
12 pulasan pulassan pulasan_tree
12 mango mango_tree
12 hog_plum yellow_mombin yellow_mombin_tree
12 mombin mombin_tree jocote
12 persimmon persimmon_tree
13 kaki
13 possumwood
13 date_plum
12 star_apple caimito
12 sapodilla sapodilla_tree
12 canistel canistel_tree
11 mountain_ash
12 rowan rowan_tree
12 service_tree sorb_apple sorb_apple_tree
13 wild_service_tree
11 ailanthus
12 tree_of_heaven tree_of_the_gods
11 palo_santo
11 lignum_vitae2
11 bastard_lignum_vitae
11 poplar2 poplar_tree
12 balsam_poplar hackmatack tacamahac
12 white_poplar white_aspen abele aspen_poplar silver-leaved_poplar
12 grey_poplar gray_poplar
12 black_poplar
12 cottonwood
13 necklace_poplar
13 black_cottonwood2
13 swamp_cottonwood black_cottonwood downy_poplar swamp_poplar
12 aspen
13 quaking_aspen
13 bigtooth_aspen bigtoothed_aspen big-toothed_aspen large-toothed_aspen large_tooth_aspen
11 titi buckwheat_tree
11 maple2
12 silver_maple
12 sugar_maple rock_maple
12 red_maple scarlet_maple swamp_maple
12 moosewood moose-wood striped_maple striped_dogwood goosefoot_maple
12 big-leaf_maple
12 dwarf_maple
12 mountain_maple mountain_alder
12 vine_maple
12 hedge_maple field_maple
12 sycamore3 great_maple scottish_maple
12 box_elder ash-leaved_maple
12 pointed-leaf_maple
12 full_moon_maple
11 holly
12 bearberry2 possum_haw winterberry
12 inkberry gallberry gall-berry evergreen_winterberry
12 mate7
12 low_gallberry_holly
12 tall_gallberry_holly
12 yaupon_holly
12 deciduous_holly
12 juneberry_holly
12 largeleaf_holly
12 common_winterberry_holly
12 smooth_winterberry_holly
11 terebinth
11 horse_chestnut buckeye2
12 sweet_buckeye
12 dwarf_buckeye bottlebrush_buckeye
12 red_buckeye
12 particolored_buckeye
11 satinleaf satin_leaf caimitillo damson_plum
11 silver_bell
12 silver-bell_tree silverbell_tree snowdrop_tree opossum_wood
11 salmwood cypre princewood2
11 physic_nut
11 caoutchouc_tree
11 candlenut varnish_tree
11 tung_tree tung tung-oil_tree
11 dogwood dogwood_tree cornel
12 common_white_dogwood eastern_flowering_dogwood
12 red_osier red_osier_dogwood red_dogwood2 redbrush
12 silky_dogwood2
12 silky_cornel silky_dogwood
12 red_dogwood blood-twig pedwood
12 bunchberry dwarf_cornel crackerberry pudding_berry
12 cornelian_cherry
11 nut_tree
12 kola kola_nut2 kola_nut_tree goora_nut
12 macadamia macadamia_tree
13 macadamia_nut macadamia_nut_tree
12 hazelnut hazel3 hazelnut_tree
13 cobnut filbert
13 beaked_hazelnut
12 walnut3 walnut_tree
13 butternut butternut_tree white_walnut
13 black_walnut black_walnut_tree black_hickory3
12 hickory2 hickory_tree
13 water_hickory bitter_pecan water_bitternut
13 pignut pignut_hickory brown_hickory black_hickory2
13 bitternut bitternut_hickory bitter_hickory bitter_pignut swamp_hickory
13 big_shellbark big_shellbark_hickory big_shagbark king_nut king_nut_hickory
13 nutmeg_hickory
13 shagbark shagbark_hickory shellbark shellbark_hickory
13 mockernut mockernut_hickory black_hickory white-heart_hickory big-bud_hickory
12 pecan2 pecan_tree
12 wing_nut wing-nut
12 brazil_nut brazil-nut_tree
12 cashew cashew_tree
12 pistachio pistachio_tree
11 spice_tree
12 nutmeg nutmeg_tree
12 allspice allspice_tree2 pimento_tree
12 allspice_tree
12 clove2 clove_tree
10 fever_tree
10 bonsai
11 ming_tree2
11 ming_tree
10 nakedwood
10 hazel hazel_tree
10 tree_of_knowledge
9 shrub bush
10 ephedra joint_fir
11 mahuang
10 alpine_totara
10 mountain_rimu
10 barberry
11 common_barberry
10 blue_cohosh blueberry_root papooseroot papoose_root squawroot squaw_root
10 hollygrape mountain_grape holly-leaves_barberry
10 allspice2
11 strawberry_shrub strawberry_bush2 sweet_shrub
11 spicebush2
10 winter_sweet4
10 spicebush spice_bush
10 pepper_shrub
10 sweet_gale
10 wax_myrtle
11 bay_myrtle puckerbush
11 bayberry2 candleberry swamp_candleberry waxberry2
10 sweet_fern2
10 corkwood corkwood_tree
10 mimosa2
11 sensitive_plant2
11 sensitive_plant touch-me-not3 shame_plant live-and-die humble_plant action_plant
10 calliandra
10 sabicu2
10 cat's-claw catclaw black_bead
10 mesquite mesquit
11 honey_mesquite
11 algarroba4
11 screw_bean2 screwbean tornillo screwbean_mesquite
10 winter_sweet3 poison_arrow_plant
10 bushman's_poison ordeal_tree
10 impala_lily mock_azalia desert_rose kudu_lily
10 carissa
11 hedge_thorn natal_plum2
11 natal_plum amatungulu
10 frangipani frangipanni
11 pagoda_tree2 temple_tree
11 pagoda_tree
10 rauwolfia2 rauvolfia
11 snakewood
10 strophanthus
10 crape_jasmine crepe_jasmine crepe_gardenia pinwheel_flower coffee_rose
10 yellow_oleander
10 devil's_walking_stick
10 umbrella_tree
10 saltwort2
10 saltbush
11 desert_holly
11 quail_bush quail_brush white_thistle2
10 summer_cypress burning_bush4 fire_bush2 fire-bush2 belvedere
10 winged_pigweed tumbleweed3
10 saltwort barilla glasswort kali kelpwort
10 tumbleweed2
10 greasewood black_greasewood
10 caper
11 native_pomegranate
11 caper_tree2
11 caper_tree bay-leaved_caper
11 native_orange
11 common_caper
10 buckler_mustard
10 bush_poppy tree_poppy
10 silversword
10 artemisia
11 tarragon estragon
10 groundsel_tree groundsel_bush consumption_weed cotton-seed_tree
10 mule_fat
10 coyote_brush coyote_bush chaparral_broom kidney_wort
10 goldenbush2
11 rabbit_brush rabbit_bush
10 hoary_golden_bush
10 mutisia
10 daisybush daisy-bush daisy_bush
11 muskwood
10 othonna
10 lavender_cotton
10 dusty_miller2
10 sow_thistle milk_thistle
11 milkweed2
10 coralberry2 spiceberry
10 marlberry
10 leadwort
10 bracelet_wood
10 barbasco joewood
10 mallow
11 musk_mallow2 mus_rose
11 common_mallow
11 tall_mallow high_mallow cheese2 cheeseflower
11 abelmosk musk_mallow
11 velvetleaf2 velvet-leaf2 velvetweed butter-print
11 hollyhock2
12 rose_mallow2
11 althea althaea hollyhock
12 marsh_mallow white_mallow
11 poppy_mallow
12 fringed_poppy_mallow
12 purple_poppy_mallow
12 clustered_poppy_mallow
11 hibiscus
12 kenaf2 kanaf deccan_hemp2 bimli bimli_hemp
12 blue_mahoe mahoe2 majagua2 mahagua2
12 sorrel_tree2
12 rose_mallow swamp_mallow common_rose_mallow swamp_rose_mallow
12 cotton_rose
12 shoeblack_plant shoe_black
12 roselle rozelle sorrel3 red_sorrel
12 mahoe majagua mahagua balibago purau
12 flower-of-an-hour flowers-of-an-hour bladder_ketmia
11 wild_hollyhock2
11 mountain_hollyhock
11 seashore_mallow
12 salt_marsh_mallow
11 chaparral_mallow
11 malope
11 false_mallow2
11 waxmallow wax_mallow sleeping_hibiscus
11 glade_mallow
11 jellyleaf
11 checkerbloom wild_hollyhock
11 globe_mallow false_mallow
12 prairie_mallow red_false_mallow
10 cotton3 cotton_plant
11 tree_cotton2
11 sea_island_cotton tree_cotton
11 upland_cotton
11 wild_cotton
10 tree_mallow velvetleaf velvet-leaf
10 pavonia
10 bush_hibiscus
10 makomako wineberry2
10 dombeya
10 flannelbush flannel_bush
10 screw_tree
11 nut-leaved_screw_tree
10 honey_bell honeybells
10 phalsa
10 protea
11 honeypot king_protea
11 honeyflower2 honey-flower2
10 banksia
11 honeysuckle2 coast_banksia
10 smoke_bush2
10 grevillea
11 silk_oak
12 red-flowered_silky_oak
12 silver_oak
12 silky_oak
12 beefwood5
10 cushion_flower pincushion_hakea
10 needlewood needle-wood needle_wood
10 needlebush needle-bush needle_bush
10 honeyflower honey-flower mountain_devil
10 lomatia
10 geebung
10 waratah2
10 waratah
10 native_pear woody_pear
10 heath
11 erica true_heath
12 tree_heath2 briar3 brier5
12 winter_heath spring_heath
12 bell_heather2 heather_bell fine-leaved_heath
12 cross-leaved_heath bell_heather
11 spike_heath
11 heather ling2 broom3
11 white_heather
11 mountain_heath
11 purple_heather
10 andromeda2
11 bog_rosemary moorwort
11 marsh_andromeda common_bog_rosemary
10 arbutus
11 madrona madrono manzanita2
11 strawberry_tree
10 bearberry3
11 common_bearberry red_bearberry wild_cranberry mealberry hog_cranberry sand_berry sandberry mountain_box bear's_grape creashak
11 alpine_bearberry black_bearberry
10 manzanita
11 heartleaf_manzanita
11 downy_manzanita woolly_manzanita
10 bryanthus
10 leatherleaf2
10 trailing_arbutus mayflower2
10 salal shallon
10 huckleberry2
11 black_huckleberry
11 dangleberry dangle-berry
11 box_huckleberry
10 kalmia
11 mountain_laurel wood_laurel2 calico_bush
11 swamp_laurel bog_laurel bog_kalmia
11 sheep_laurel pig_laurel lambkill
10 crystal_tea
10 trapper's_tea
10 wild_rosemary marsh_tea
10 sand_myrtle
10 leucothoe
10 dog_laurel dog_hobble switch-ivy
10 sweet_bells
10 alpine_azalea mountain_azalea
10 staggerbush stagger_bush
10 maleberry male_berry privet_andromeda he-huckleberry
10 fetterbush2 fetter_bush shiny_lyonia
10 false_azalea fool's_huckleberry
10 minniebush minnie_bush
10 andromeda lily-of-the-valley_tree
10 fetterbush mountain_fetterbush mountain_andromeda
10 rhododendron
11 coast_rhododendron
11 rosebay
11 swamp_azalea swamp_honeysuckle white_honeysuckle2
11 azalea
10 cranberry
11 large_cranberry
11 small_cranberry
11 cowberry mountain_cranberry lingonberry lingenberry lingberry foxberry
10 blueberry blueberry_bush
11 huckleberry
11 farkleberry sparkleberry
11 low-bush_blueberry low_blueberry
11 rabbiteye_blueberry rabbit-eye_blueberry rabbiteye
11 dwarf_bilberry dwarf_blueberry
11 high-bush_blueberry tall_bilberry swamp_blueberry
11 evergreen_blueberry
11 evergreen_huckleberry
11 bilberry2 thin-leaved_bilberry mountain_blue_berry
11 bilberry whortleberry whinberry blaeberry
11 bog_bilberry bog_whortleberry moor_berry
11 dryland_blueberry dryland_berry
11 grouseberry grouse-berry grouse_whortleberry
11 deerberry squaw_huckleberry
10 sweet_pepperbush pepper_bush summer_sweet white_alder2
10 pyxie pixie2 pixy
10 epacris
11 common_heath2
11 common_heath blunt-leaf_heath
10 native_cranberry groundberry ground-berry cranberry_heath
10 tree_heath grass_tree3
10 pink_fivecorner
10 dwarf_golden_chinkapin
10 huckleberry_oak
10 forestiera
11 tanglebush desert_olive
10 forsythia
10 jasmine
11 primrose_jasmine
11 winter_jasmine
11 common_jasmine true_jasmine jessamine
10 privet
11 ibolium_privet ibota_privet
11 white_wax_tree
11 common_privet
10 mock_privet
10 lilac
11 common_lilac
10 witch_hazel witch_hazel_plant wych_hazel wych_hazel_plant
11 vernal_witch_hazel
10 winter_hazel flowering_hazel
10 fothergilla witch_alder
10 hiccup_nut hiccough_nut
10 oleaster
11 wild_olive
11 silverberry silver_berry2 silverbush2 silver-bush2
11 silver_berry
10 crape_myrtle crepe_myrtle crepe_flower
10 feijoa feijoa_bush
10 fuchsia
11 lady's-eardrop ladies'-eardrop lady's-eardrops ladies'-eardrops
11 konini tree_fuchsia native_fuchsia
10 daphne
11 garland_flower
11 spurge_laurel wood_laurel
11 mezereon
10 leatherwood2 moosewood2 moose-wood2 wicopy ropebark
10 guinea_gold_vine guinea_flower
10 wild_cinnamon white_cinnamon_tree
10 rockrose2 rock_rose2
11 white-leaved_rockrose
11 common_gum_cistus
10 helianthemum sunrose sun_rose
11 frostweed frost-weed frostwort
11 rockrose rock_rose
11 rush_rose
10 governor's_plum governor_plum ramontchi batoko_palm
10 kei_apple kei_apple_bush
10 wild_peach
10 xylosma
10 candlewood
11 ocotillo coachwhip vine_cactus
11 boojum_tree cirio
10 bird's-eye_bush
10 tamarisk
10 false_tamarisk
10 cannabis hemp2
11 marijuana marihuana ganja
10 butcher's_broom
10 ti2
10 yucca
11 soapweed soap-weed soap_tree
11 spoonleaf_yucca needle_palm
11 bear_grass2
11 bear_grass
10 butterfly_bush buddleia
10 butterfly_flower2
10 paloverde
10 horsebean2
10 senna
11 ringworm_bush ringworm_shrub ringworm_cassia
11 avaram tanner's_cassia
11 true_senna tinnevelly_senna
11 coffee_senna mogdad_coffee styptic_weed stinking_weed
10 amorpha
11 leadplant lead_plant
11 false_indigo3 bastard_indigo3
11 false_indigo2 bastard_indigo2
10 bean_trefoil stinking_bean_trefoil
10 silverbush silver-bush
10 rooibos
10 pigeon_pea pigeon-pea_plant cajan_pea catjang_pea red_gram dhal dahl
10 pea_tree caragana
10 western_redbud
10 tagasaste
10 flame_pea
10 glory_pea clianthus
11 desert_pea
11 parrot's_beak parrot's_bill
10 telegraph_plant semaphore_plant
10 bladder_senna
10 coronilla
11 axseed crown_vetch
10 broom2
11 weeping_tree_broom
11 white_broom
11 common_broom green_broom
11 broom_tree needle_furze petty_whin
11 woodwaxen dyer's_greenweed dyer's-broom dyeweed greenweed whin2 woadwaxen
11 weaver's_broom
10 smoke_tree2
10 bitter_pea
10 derris
10 poison_bush poison_pea gastrolobium
10 chanar chanal
10 salt_tree
10 hovea purple_pea
10 indigo2 indigo_plant
11 anil2
10 tree_lupine
10 mucuna
11 cowage2 velvet_bean
10 chaparral_pea stingaree-bush
10 flat_pea
10 common_flat_pea native_holly
10 retem raetam juniper_bush juniper
10 bristly_locust rose_acacia moss_locust
10 coral_bush flame_bush
10 gorse furze whin
10 swamp_oak
10 rose rosebush
11 mountain_rose
11 ground_rose
11 banksia_rose
11 dog_rose
11 damask_rose summer_damask_rose
11 sweetbrier sweetbriar brier3 briar eglantine
11 multiflora multiflora_rose baby_rose
11 musk_rose
11 tea_rose
10 serviceberry service_tree2 shadbush shadblow
11 alder-leaved_serviceberry
10 flowering_quince
11 japonica2 maule's_quince
10 cotoneaster
10 hawthorn haw
11 parsley_haw parsley-leaved_thorn
11 scarlet_haw
11 blackthorn2 pear_haw pear_hawthorn
11 cockspur_thorn cockspur_hawthorn
11 mayhaw summer_haw
11 whitethorn may2
11 red_haw2 downy_haw
11 evergreen_thorn
11 red_haw
10 toyon tollon
10 cinquefoil five-finger
11 silverweed2 goose-tansy goose_grass2
10 cherry_laurel laurel_cherry
10 sand_cherry
10 blackthorn sloe2
10 pyracanth fire_thorn firethorn
10 spirea2 spiraea2
11 bridal_wreath2 bridal-wreath2
10 blolly
10 gardenia
11 cape_jasmine cape_jessamine
10 hamelia
11 scarlet_bush scarlet_hamelia coloradillo
10 fever_tree2 bitter-bark
10 negro_peach
10 abelia
10 bush_honeysuckle3
10 bush_honeysuckle2
10 beauty_bush
10 honeysuckle
11 white_honeysuckle
11 fly_honeysuckle
12 swamp_fly_honeysuckle
11 yellow_honeysuckle2
11 yellow_honeysuckle
11 hairy_honeysuckle
11 twinberry
11 woodbine2
11 trumpet_honeysuckle coral_honeysuckle trumpet_flower3 trumpet_vine2
11 bush_honeysuckle
10 coralberry
10 elder2 elderberry_bush
11 black_elderberry sweet_elder
11 blue_elder blue_elderberry
11 dwarf_elder danewort
11 bourtree black_elder common_elder elderberry
11 red-berried_elder2 stinking_elder
11 red-berried_elder
10 cranberry_bush cranberry_tree2 highbush_cranberry
10 wayfaring_tree twist_wood twistwood
10 guelder_rose crampbark cranberry_tree
10 arrow_wood2 southern_arrow_wood
10 arrow_wood
10 black_haw2
10 weigela
10 coca coca_plant
10 bean_caper
10 creosote_bush coville hediondilla
10 box6 boxwood2
11 common_box
10 staff_tree
10 spindle_tree spindleberry spindleberry_tree
11 common_spindle_tree
11 winged_spindle_tree
10 wahoo2 burning_bush2
10 strawberry_bush wahoo
10 cyrilla leatherwood white_titi
10 crowberry
10 smoke_tree smoke_bush
11 chittamwood3
11 wig_tree
10 laurel_sumac
10 mastic3 mastic_tree lentisk
10 sumac2 sumach shumac
11 fragrant_sumac lemon_sumac
11 smooth_sumac scarlet_sumac vinegar_tree2
11 dwarf_sumac mountain_sumac black_sumac shining_sumac
11 sugar-bush sugar_sumac
11 staghorn_sumac velvet_sumac vinegar_tree
11 squawbush squaw-bush skunkbush
10 buckthorn2
11 southern_buckthorn shittimwood2 shittim mock_orange2
11 false_buckthorn chittamwood2 chittimwood2 shittimwood black_haw
10 styrax
11 snowbell
10 hydrangea
11 climbing_hydrangea3
11 wild_hydrangea
11 hortensia
11 fall-blooming_hydrangea
11 climbing_hydrangea2
11 carpenteria
11 decumary
11 deutzia
10 philadelphus
11 mock_orange syringa
10 climbing_hydrangea
10 bridal_wreath bridal-wreath
10 currant2 currant_bush
11 red_currant garden_current
11 black_currant
11 white_currant
11 winter_currant
10 gooseberry gooseberry_bush
10 caricature_plant
10 desert_willow
10 columnea
10 yerba_santa
10 lavender
11 spike_lavender
10 pitcher_sage2
10 patchouli patchouly pachouli
10 red_shrubby_penstemon redwood_penstemon
10 naranjilla
10 potato_tree
10 lady-of-the-night
10 angel's_trumpet2 maikoa
10 angel's_trumpet
10 red_angel's_trumpet
10 capsicum pepper2 capsicum_pepper_plant
11 cone_pepper
11 cayenne cayenne_pepper chili_pepper chilli_pepper long_pepper2 jalapeno
11 sweet_pepper bell_pepper pimento pimiento paprika sweet_pepper_plant
11 cherry_pepper
11 bird_pepper
11 tabasco_pepper hot_pepper tabasco_plant
10 day_jessamine
10 night_jasmine night_jessamine
10 tree_tomato tamarillo
10 thorn_apple
11 jimsonweed jimson_weed common_thorn_apple
10 pichi
10 matrimony_vine boxthorn
11 common_matrimony_vine
10 chalice_vine trumpet_flower cupflower
10 marmalade_bush fire_bush fire-bush
10 spurge
11 caper_spurge myrtle_spurge mole_plant2
11 sun_spurge wartweed wartwort devil's_milk2
11 petty_spurge devil's_milk
11 medusa's_head
11 wild_spurge flowering_spurge tramp's_spurge
11 snow-on-the-mountain snow-in-summer ghost_weed
11 cypress_spurge
11 leafy_spurge wolf's_milk
11 hairy_spurge
11 poinsettia lobster_plant painted_leaf2
11 mole_plant paint_leaf
11 fire-on-the-mountain painted_leaf
11 wood_spurge
11 candelilla2
11 dwarf_spurge
11 scarlet_plume
11 naboom cactus_euphorbia
11 crown_of_thorns2
11 toothed_spurge
10 three-seeded_mercury
10 croton2
11 cascarilla
10 croton
10 castor-oil_plant castor_bean_plant palma_christi palma_christ
10 cassava3 casava
11 bitter_cassava manioc3 mandioc mandioca tapioca_plant gari
11 sweet_cassava
10 slipper_spurge slipper_plant
11 candelilla
11 redbird_cactus redbird_flower
10 camellia camelia
11 japonica
10 tea3
10 sea_holly sea_holm sea_eryngium
10 puka
10 kapuka
10 undershrub
10 burning_bush
10 shrublet
11 creeping_snowberry moxie_plum maidenhair_berry
11 teaberry wintergreen2 checkerberry mountain_tea groundberry2 ground-berry2 creeping_wintergreen
11 humming_bird's_trumpet
10 subshrub suffrutex
11 darling_pea poison_bush2
12 smooth_darling_pea
12 hairy_darling_pea
11 blue_star
11 periwinkle
12 myrtle
12 large_periwinkle
11 wild_sarsaparilla false_sarsaparilla wild_sarsparilla
11 petty_morel life-of-man
11 bristly_sarsaparilla bristly_sarsparilla dwarf_elder2
11 bloodleaf
12 beefsteak_plant2 beef_plant
11 desert_plume prince's-plume2
11 matilija_poppy
11 burdock clotbur
12 common_burdock lesser_burdock
12 great_burdock greater_burdock cocklebur2
11 marguerite2 marguerite_daisy
11 wormwood
12 mugwort
13 western_mugwort white_sage cudweed3 prairie_sage
13 common_mugwort
12 southernwood
12 common_wormwood absinthe old_man4 lad's_love
12 sweet_wormwood
12 field_wormwood
12 wormwood_sage prairie_sagewort
12 dusty_miller4 beach_wormwood old_woman2
12 sea_wormwood
11 sagebrush sage_brush
12 sand_sage silvery_wormwood
12 bud_brush bud_sagebrush
12 silver_sage silver_sagebrush grey_sage gray_sage
12 big_sagebrush blue_sage4
11 bur_marigold burr_marigold beggar-ticks2 beggar's-ticks sticktight
12 tickseed_sunflower
12 trifid_beggar-ticks trifid_bur_marigold
12 swampy_beggar-ticks
11 centaury2
12 basket_flower
12 dusty_miller3
12 star-thistle caltrop3
12 knapweed
13 slender_knapweed
13 lesser_knapweed black_knapweed hardheads
13 great_knapweed greater_knapweed
11 matchweed matchbush
12 little-head_snakeweed
12 rabbitweed rabbit-weed snakeweed broom_snakeweed broom_snakeroot turpentine_weed
12 broomweed broom-weed
11 guayule
11 wild_quinine prairie_dock
11 chaffweed bastard_pimpernel false_pimpernel
11 thrift
12 cliff_rose sea_pink
11 sea_lavender marsh_rosemary statice
11 corchorus
11 diapensia
11 loosestrife
12 purple_loosestrife spiked_loosestrife
12 grass_poly hyssop_loosestrife
11 deer_grass meadow_beauty
11 tutsan
11 orange_grass nitweed pineweed pine-weed
11 klammath_weed
11 false_heather golden_heather
11 beach_heather poverty_grass
11 partridge_pea sensitive_pea wild_sensitive_plant
11 sicklepod
11 tick_trefoil beggar_lice2 beggar's_lice2
12 beggarweed
11 sweet_vetch
11 sulla
11 horseshoe_vetch
11 cube4
11 prairie_bird's-foot_trefoil compass_plant prairie_lotus prairie_trefoil
11 coral_gem
11 bird's_foot_trefoil2 bird's_foot_clover babies'_slippers bacon_and_eggs
11 wild_lupine sundial_lupine old-maid's_bonnet
11 restharrow2 rest-harrow2
11 restharrow rest-harrow
11 hoary_pea
12 bastard_indigo
12 catgut goat's_rue wild_sweet_pea
11 prince's-feather princess_feather kiss-me-over-the-garden-gate prince's-plume
11 eriogonum
12 umbrella_plant2
12 wild_buckwheat
11 mountain_avens
11 avens
12 yellow_avens2
12 bennet2 white_avens2
12 yellow_avens
12 water_avens purple_avens2 chocolate_root
12 prairie_smoke purple_avens
12 herb_bennet cloveroot clover-root wood_avens
12 bennet white_avens
11 woodruff2
12 dyer's_woodruff
11 twinflower
11 milkwort
12 senega2
12 orange_milkwort yellow_milkwort candyweed yellow_bachelor's_button
12 flowering_wintergreen gaywings bird-on-the-wing fringed_polygala
12 senga_root senega_root senega_snakeroot
12 common_milkwort gand_flower
11 caltrop devil's_weed
11 pachysandra
11 pinwheel
11 phlomis
11 germander
12 wood_sage2
12 wall_germander
12 cat_thyme marum
12 wood_sage
11 blue_curls
12 black_sage wooly_blue_curls
12 turpentine_camphor_weed camphorweed vinegarweed
12 bastard_pennyroyal
11 eryngo eringo
10 flowering_shrub
11 bird_of_paradise poinciana2
11 pride_of_barbados paradise_flower flamboyant_tree
11 common_laburnum golden_chain golden_rain
11 sapphire_berry
10 buckthorn
11 cascara_buckthorn bearberry bearwood chittamwood chittimwood
11 indian_cherry
11 coffeeberry
11 alder_buckthorn alder_dogwood
11 redberry red-berry
10 jujube jujube_bush
10 lotus_tree
10 stephanotis
11 waxflower
9 bramble
10 bramble_bush
11 lawyerbush lawyer_bush bush_lawyer
11 stone_bramble
11 blackberry2 blackberry_bush
12 true_blackberry
12 sand_blackberry
12 dewberry dewberry_bush running_blackberry
13 swamp_dewberry swamp_blackberry
12 western_blackberry western_dewberry
13 boysenberry boysenberry_bush
13 loganberry
11 raspberry raspberry_bush
12 red_raspberry
13 wild_raspberry framboise
12 black_raspberry blackcap blackcap_raspberry thimbleberry3
12 salmonberry3
12 salmonberry2 salmon_berry thimbleberry2
12 cloudberry dwarf_mulberry bakeapple baked-apple_berry salmonberry
12 flowering_raspberry purple-flowering_raspberry thimbleberry
12 wineberry
8 geophyte
8 desert_plant xerophyte xerophytic_plant xerophile xerophilous_plant
9 agave century_plant
10 sisal2
10 maguey2 cantala2
10 maguey
10 dracaena
11 dragon_tree
10 bear_grass3
10 sansevieria bowstring_hemp3
11 mother-in-law's_tongue snake_plant
8 mesophyte mesophytic_plant
8 aquatic_plant water_plant hydrophyte hydrophytic_plant
9 hornwort
9 water_lily
10 water_nymph2 fragrant_water_lily pond_lily
10 lotus3 white_lotus white_lily2
10 blue_lotus2
10 blue_lotus
10 spatterdock cow_lily yellow_pond_lily
10 southern_spatterdock
10 yellow_water_lily
10 lotus sacred_lotus
10 water_chinquapin yanquapin
10 water-shield2 fanwort
10 water-shield water-target
9 water_crowfoot water_buttercup
9 cryptocoryne water_trumpet
9 golden_club
9 arrow_arum
10 green_arrow_arum tuckahoe
9 pistia water_lettuce water_cabbage
9 duckweed
10 common_duckweed lesser_duckweed
10 star-duckweed
10 great_duckweed water_flaxseed
10 watermeal
11 common_wolffia
10 mud_midget bogmat
9 awlwort
9 featherfoil feather-foil
10 water_gillyflower
10 water_violet
9 water_pimpernel
10 brookweed2
10 brookweed
9 water_milfoil
9 water_chestnut water_chestnut_plant caltrop2
10 water_caltrop
10 ling ling_ko
9 water_shamrock buckbean bogbean bog_myrtle marsh_trefoil
9 pipewort
9 pickerelweed pickerel_weed wampee
9 water_hyacinth water_orchid
9 water_star_grass mud_plantain
9 naiad water_nymph
9 frogbit frog's-bit
9 hydrilla
9 waterweed
10 dense-leaved_elodea
9 tape_grass eelgrass2 wild_celery2
9 pondweed
10 curled_leaf_pondweed curly_pondweed
10 variously-leaved_pondweed
10 loddon_pondweed
10 frog's_lettuce
10 horned_pondweed
9 eelgrass grass_wrack sea_wrack
9 water_starwort
9 golden_saxifrage golden_spleen
10 water_carpet water_mat
9 water_speedwell
9 marsh_plant bog_plant swamp_plant
10 lesser_spearwort
10 greater_spearwort
10 marsh_marigold kingcup meadow_bright cowslip2 water_dragon2
10 rush3
11 bulrush2 bullrush2 common_rush soft_rush
11 jointed_rush
11 toad_rush
11 hard_rush
11 salt_rush
11 slender_rush
10 sweet_flag calamus3 sweet_calamus myrtle_flag flagroot
10 wild_calla water_arum
10 skunk_cabbage2
10 skunk_cabbage polecat_weed foetid_pothos
10 marsh_elder iva
11 burweed_marsh_elder false_ragweed
10 sedge
11 umbrella_plant3 umbrella_sedge
11 chufa yellow_nutgrass earth_almond ground_almond rush_nut
11 galingale galangal2
11 papyrus2 paper_rush paper_plant
11 nutgrass nut_grass nutsedge nut_sedge
11 sand_sedge sand_reed
11 cypress_sedge
11 cotton_grass cotton_rush
12 common_cotton_grass
11 hardstem_bulrush hardstemmed_bulrush
11 wool_grass
11 spike_rush
12 water_chestnut2
12 needle_spike_rush needle_rush slender_spike_rush hair_grass
12 creeping_spike_rush
10 cattail
11 cat's-tail bullrush bulrush nailrod reed_mace reedmace
11 lesser_bullrush narrow-leaf_cattail narrow-leaved_reedmace soft_flag
10 sabbatia
11 marsh_pink rose_pink bitter_floom
10 yellow-eyed_grass
11 tall_yellow-eye
10 water_plantain
11 ribbon-leaved_water_plantain
11 narrow-leaved_water_plantain
10 arrow_grass
10 parnassia
11 bog_star
10 shellflower shell-flower turtlehead snakehead snake-head
10 brooklime2
10 brooklime
10 water_parsnip
10 greater_water_parsnip
10 skirret
10 lizard's-tail swamp_lily water_dragon
8 tuberous_plant
8 bulbous_plant
9 iridaceous_plant
10 iris flag3 fleur-de-lis sword_lily2
11 bearded_iris
12 orris
11 beardless_iris
12 xiphium_iris
11 bulbous_iris
11 dwarf_iris2
11 stinking_iris gladdon gladdon_iris stinking_gladwyn roast_beef_plant
11 yellow_iris yellow_flag yellow_water_flag
11 dwarf_iris vernal_iris
11 blue_flag
11 southern_blue_flag
10 blackberry-lily leopard_lily3
10 crocus
11 saffron saffron_crocus
10 freesia
10 gladiolus gladiola glad sword_lily
10 corn_lily
10 blue-eyed_grass
9 amaryllis
10 belladonna_lily naked_lady2
10 hippeastrum
9 blood_lily
9 narcissus
10 daffodil
11 jonquil2
11 paper_white
10 jonquil
9 liliaceous_plant
10 lily
11 mountain_lily
11 wild_yellow_lily meadow_lily wild_meadow_lily
11 white_lily
11 tiger_lily2 leopard_lily2 pine_lily
11 tiger_lily devil_lily kentan
11 white_trumpet_lily
11 coast_lily
11 martagon
11 leopard_lily panther_lily
11 wood_lily2
10 agapanthus
10 albuca
10 colicroot colic_root crow_corn star_grass unicorn_root
11 ague_root ague_grass
11 yellow_colicroot
10 alliaceous_plant
11 wild_onion
12 nodding_onion nodding_wild_onion lady's_leek
12 crow_garlic false_garlic field_garlic stag's_garlic wild_garlic2
11 wild_leek2 kurrat
11 meadow_leek rose_leek
11 keeled_garlic
11 onion2 onion_plant
12 shallot2 eschalot multiplier_onion
12 tree_onion top_onion
12 red-skinned_onion
11 leek scallion
11 daffodil_garlic flowering_onion
11 few-flowered_leek
11 garlic
11 sand_leek giant_garlic rocambole
11 chives chive cive schnittlaugh
11 ramp2 wild_leek
11 wild_garlic wood_garlic
11 garlic_chive
11 round-headed_leek
11 three-cornered_leek triquetrous_leek
10 alstroemeria
10 fly_poison
10 amber_lily
10 asphodel
11 king's_spear yellow_asphodel
10 golden_star golden_stars
10 brodiaea
11 elegant_brodiaea
10 mariposa mariposa_tulip mariposa_lily
11 star_tulip elegant_cat's_ears
11 desert_mariposa_tulip
11 yellow_mariposa_tulip
11 sagebrush_mariposa_tulip
10 globe_lily fairy_lantern
11 white_globe_lily white_fairy_lantern
11 yellow_globe_lily golden_fairy_lantern
11 rose_globe_lily
10 cat's-ear
10 sego_lily
10 camas camass quamash camosh camash
11 common_camas
11 wild_hyacinth2 indigo_squill
10 dogtooth_violet dogtooth dog's-tooth_violet
11 white_dogtooth_violet white_dog's-tooth_violet blonde_lilian
11 yellow_adder's_tongue trout_lily amberbell
11 fawn_lily
11 glacier_lily snow_lily
10 avalanche_lily
10 tulip
11 dwarf_tulip
11 lady_tulip candlestick_tulip
11 cottage_tulip
10 day_lily2 daylily
11 lemon_lily
10 hyacinth2
11 common_hyacinth
11 summer_hyacinth cape_hyacinth
10 wild_hyacinth wood_hyacinth bluebell harebell
10 grape_hyacinth
11 common_grape_hyacinth
11 tassel_hyacinth
10 scilla squill3
11 spring_squill sea_onion2
10 false_asphodel
10 sea_squill sea_onion squill2
10 bog_asphodel
10 hellebore false_hellebore
11 white_hellebore bugbane
10 squaw_grass bear_grass4
10 death_camas zigadene
11 alkali_grass
11 white_camas
11 poison_camas
11 grassy_death_camas
10 trillium wood_lily wake-robin
11 prairie_wake-robin prairie_trillium
11 dwarf-white_trillium snow_trillium early_wake-robin
11 purple_trillium red_trillium2 birthroot
11 red_trillium toadshade sessile_trillium
10 lily_of_the_valley
10 clintonia
11 yellow_clintonia heal_all2
11 queen's_cup bride's_bonnet
10 lilyturf lily_turf
10 false_lily_of_the_valley2
10 false_lily_of_the_valley
9 fritillary checkered_lily
10 mission_bells2 rice-grain_fritillary
10 mission_bells black_fritillary
10 stink_bell
10 crown_imperial
10 white_fritillary
10 snake's_head_fritillary guinea-hen_flower checkered_daffodil leper_lily
10 brown_bells
10 adobe_lily pink_fritillary
10 scarlet_fritillary
9 autumn_crocus meadow_saffron naked_lady
9 starflower sleepy_dick summer_snowflake
9 bath_asparagus
9 chincherinchee wonder_flower
8 cormous_plant
9 star_grass2
8 psilophyte
8 psilophyton
7 poisonous_plant
8 aconite
9 monkshood helmetflower3 helmet_flower
9 wolfsbane wolfbane wolf's_bane
8 baneberry2 cohosh
9 red_baneberry redberry2 red-berry2 snakeberry
9 white_baneberry white_cohosh white_bead doll's_eyes
8 hellebore2
9 stinking_hellebore bear's_foot setterwort
9 winter_rose black_hellebore2
9 lenten_rose black_hellebore
9 green_hellebore
8 dogbane
9 common_dogbane spreading_dogbane rheumatism_weed2
9 rheumatism_weed
8 oleander rose_bay
8 gloriosa glory_lily climbing_lily creeping_lily
8 snowberry common_snowberry waxberry
8 poison_ash poison_dogwood poison_sumac2
8 poison_ivy2 markweed poison_mercury poison_oak2
8 western_poison_oak
8 eastern_poison_oak
8 varnish_tree2 lacquer_tree
8 lantana
8 fool's_parsley lesser_hemlock
8 water_hemlock
8 spotted_cowbane spotted_hemlock spotted_water_hemlock
8 hemlock2 poison_hemlock poison_parsley winter_fern
8 water_dropwort hemlock_water_dropwort
8 water_fennel
7 air_plant epiphyte aerophyte epiphytic_plant
8 waxflower2
8 old_man's_beard black_moss long_moss
8 aeschynanthus
9 lipstick_plant
8 hemiepiphyte semiepiphyte
8 strangler strangler_tree
9 pitch_apple strangler_fig2
7 rock_plant
8 lithophyte lithophytic_plant
8 rupestral_plant rupestrine_plant rupicolous_plant saxicolous_plant
7 autophyte autophytic_plant autotroph autotrophic_organism
7 myrmecophyte
6 native3
6 conspecific
6 carrier9
6 denizen2
6 amphidiploid
6 diploid
6 haploid
6 heteroploid
6 polyploid
6 animalcule animalculum
6 microorganism micro-organism
7 monad3
7 intestinal_flora
7 virus
8 arbovirus arborvirus
8 bacteriophage phage
9 coliphage
9 typhoid_bacteriophage
8 plant_virus
9 tobacco_mosaic_virus
9 viroid virusoid
9 onion_yellow-dwarf_virus
9 potato_yellow-dwarf_virus
8 animal_virus
9 adenovirus
10 parainfluenza_virus
9 arenavirus
10 lymphocytic_choriomeningitis_virus
9 bunyavirus
9 filovirus
9 alphavirus
9 flavivirus
9 vesiculovirus
9 poxvirus
10 myxoma_virus
10 variola_virus smallpox_virus
11 variola_major2 variola_major_virus
11 variola_minor2 variola_minor_virus
9 hepadnavirus
9 retrovirus
10 human_immunodeficiency_virus
9 myxovirus
10 orthomyxovirus
10 paramyxovirus
11 respiratory_syncytial_virus
9 picornavirus
10 enterovirus
11 poliovirus
11 coxsackievirus
11 echovirus
10 rhinovirus
9 herpes2 herpes_virus
10 herpes_simplex2 herpes_simplex_virus
10 herpes_zoster2 herpes_zoster_virus
11 herpes_varicella_zoster herpes_varicella_zoster_virus
10 cytomegalovirus
10 varicella_zoster_virus
9 papovavirus
10 human_papilloma_virus
10 polyoma polyoma_virus
9 rhabdovirus
9 lyssavirus
9 reovirus
10 rotavirus
9 parvovirus parvo
8 slow_virus
8 tumor_virus
9 wound_tumor_virus
8 vector4
9 cosmid
7 moneran moneron
8 archaebacteria archaebacterium archaeobacteria archeobacteria
9 methanogen
9 halophile halophil
10 halobacteria halobacterium halobacter
9 thermoacidophile
7 bacteria bacterium
8 acidophil acidophile
8 probiotic probiotic_bacterium probiotic_microflora probiotic_flora
8 bacteroid
8 eubacteria eubacterium true_bacteria
9 bacillus
10 anthrax_bacillus
10 grass_bacillus hay_bacillus
9 coccus cocci
10 staphylococcus staphylococci staph
9 coccobacillus
9 spirillum2 spirilla
9 clostridium clostridia
9 botulinus botulinum
9 clostridium_perfringens
9 cyanobacteria blue-green_algae
10 nostoc
10 trichodesmium
9 phototrophic_bacteria phototropic_bacteria
10 purple_bacteria
9 pseudomonad
10 ring_rot_bacteria
9 xanthomonad
9 nitric_bacteria nitrobacteria
9 nitrosobacteria nitrous_bacteria
9 thiobacillus
10 thiobacteria sulphur_bacteria sulfur_bacteria
9 spirillum
10 ratbite_fever_bacterium
9 vibrio vibrion
10 comma_bacillus
9 corynebacterium
9 listeria
9 enteric_bacteria enterobacteria enterics entric
10 escherichia
10 klebsiella
10 salmonella
11 typhoid_bacillus
10 shigella
11 shiga_bacillus
10 erwinia
9 endospore-forming_bacteria
9 rickettsia
9 chlamydia2
9 mycoplasma
10 pleuropneumonialike_organism
9 actinomycete
10 streptomyces
11 potato_scab_bacteria
9 actinomyces
9 mycobacteria mycobacterium
10 tubercle_bacillus
10 leprosy_bacillus
9 myxobacteria myxobacterium myxobacter gliding_bacteria slime_bacteria
9 lactobacillus
10 acidophilus
9 streptococcus streptococci strep
9 spirochete spirochaete
10 treponema
10 borrelia
10 leptospira
8 gonococcus
8 legionella
8 nitrobacterium
9 nitrate_bacterium nitric_bacterium
9 nitrite_bacterium nitrous_bacterium
8 penicillin-resistant_bacteria
8 pus-forming_bacteria
8 rod2
9 streptobacillus
8 diplococcus
9 pneumococcus
8 superbug
7 microbe bug5 germ3
7 pathogen
7 protoctist
8 protozoan protozoon
9 sarcodinian sarcodine
10 actinopod
11 heliozoan
11 radiolarian
9 rhizopod rhizopodan
10 ameba amoeba
11 endameba
10 foram foraminifer
11 globigerina
11 nummulite
10 testacean
9 arcella
9 difflugia
9 ciliate ciliated_protozoan ciliophoran
10 infusorian
10 paramecium paramecia
10 tetrahymena
10 stentor3
10 vorticella
9 euglena
9 flagellate flagellate_protozoan flagellated_protozoan mastigophoran mastigophore
10 dinoflagellate
11 noctiluca
11 peridinian
10 zoomastigote zooflagellate
10 hypermastigote
10 polymastigote
10 costia
10 giardia
10 trichomonad
9 plantlike_flagellate
9 sporozoan
10 sporozoite
10 trophozoite
10 merozoite
10 coccidium eimeria
10 gregarine
10 haemosporidian
10 plasmodium2 malaria_parasite
10 haemoproteid
10 leucocytozoan leucocytozoon
10 piroplasm
10 sarcosporidian sarcocystidean sarcocystieian
10 haplosporidian
10 actinomyxidian
10 microsporidian
10 myxosporidian
8 alga algae
9 seaweed
10 arame
10 wrack
10 seagrass
10 sea_wrack2 wrack3
10 tang6 sea_tang
9 golden_algae
9 yellow-green_algae
10 conferva
9 diatom
9 confervoid_algae
9 brown_algae
10 kelp
11 sea_tangle tang7
10 fucoid2 fucoid_algae
10 rockweed
11 fucus
11 bladderwrack2 black_rockweed bladder_fucus tang4
11 bladderwrack
10 serrated_wrack tang5
10 gulfweed sargassum sargasso
9 euglenoid euglenophyte euglenid
9 green_algae chlorophyte
10 sea_lettuce laver4
10 pond_scum
10 spirogyra
10 stonewort
10 desmid
9 chlorella
9 red_algae
10 sea_moss2
10 carrageen carageen carragheen
10 dulse
10 red_laver laver3
9 cryptomonad cryptophyte
7 protist protistan
6 aerobe
6 anaerobe
7 obligate_anaerobe
6 hybrid3 crossbreed cross5
7 dihybrid
7 monohybrid
6 polymorph
6 relative2 congener2 congenator congeneric
6 plankton
6 nekton
6 parasite
7 endoparasite entoparasite entozoan entozoon endozoan
7 ectoparasite ectozoan ectozoon epizoan epizoon
7 parasitic_plant
8 parasite_yew
8 buckleya
8 bastard_toadflax
8 rabbitwood buffalo_nut2
8 mistletoe3
8 flame_tree fire_tree
8 mistletoe2
8 mistletoe false_mistletoe
8 hemiparasite semiparasite
6 host3
7 intermediate_host
7 definitive_host
6 commensal
6 myrmecophile
6 eukaryote eucaryote
6 prokaryote procaryote
6 zooid
6 atavist throwback
6 individual2
7 head9
6 mascot
6 mutant mutation variation9 sport6
7 freak monster3 monstrosity lusus_naturae
8 leviathan
6 postdiluvian
6 sitter2
6 stander
7 standee
6 utterer vocalizer vocaliser
6 fungus
7 ergot2
8 rye_ergot
7 black_root_rot_fungus
7 dead-man's-fingers dead-men's-fingers
7 sclerotinia
8 brown_cup
7 earthball false_truffle2 puffball2 hard-skinned_puffball
8 star_earthball
8 smooth_earthball
7 stalked_puffball
7 false_truffle
7 slime_mold slime_mould
8 true_slime_mold acellular_slime_mold plasmodial_slime_mold myxomycete
8 cellular_slime_mold
9 dictostylium
7 pond-scum_parasite
7 potato_wart_fungus
7 white_fungus
7 white_rust
7 pythium
8 damping_off_fungus
7 clubroot_fungus
7 truffle earthnut earth-ball
7 coral_fungus
8 club_fungus
7 tooth_fungus
7 lichen2
8 ascolichen
8 basidiolichen
8 lecanora
9 manna_lichen
9 archil2 orchil2
8 roccella
8 beard_lichen beard_moss
8 horsehair_lichen horsetail_lichen
8 reindeer_moss reindeer_lichen arctic_moss
8 crottle crottal crotal
7 true_fungus
7 basidiomycete basidiomycetous_fungi
8 mushroom3
9 morel
10 common_morel sponge_mushroom sponge_morel
10 cup_morel
10 bell_morel
11 early_morel
10 black_morel conic_morel narrowhead_morel
10 thick-footed_morel
10 half-free_morel cow's_head
8 agaric2
9 mushroom2
9 mushroom
9 toadstool
9 horse_mushroom
9 meadow_mushroom field_mushroom
9 royal_agaric
9 false_deathcap
9 fly_agaric
9 death_cap death_cup death_angel destroying_angel2
9 blushing_mushroom blusher
9 destroying_angel
9 chanterelle chantarelle
9 floccose_chanterelle
9 pig's_ears
9 cinnabar_chanterelle
9 jack-o-lantern_fungus jack-o-lantern jack-a-lantern
9 inky_cap inky-cap_mushroom
9 shaggymane shaggy_cap shaggymane_mushroom
9 milkcap
9 fairy-ring_mushroom
9 oyster_mushroom oyster_fungus oyster_agaric
9 olive-tree_agaric
9 golden_pholiota
9 nameko viscid_mushroom
9 scaly_pholiota
9 lepiota
10 poisonous_parasol
10 onion_stem
9 parasol_mushroom
9 blewits
9 sandy_mushroom
9 man-on-a-horse
9 sawdust_mushroom
9 deer_mushroom
9 straw_mushroom
9 winter_mushroom
9 waxycap
10 conic_waxycap
9 shoestring_fungus
9 booted_armillaria
9 white_matsutake
9 honey_mushroom honey_fungus
8 gill_fungus
8 polypore pore_fungus pore_mushroom
9 bracket_fungus shelf_fungus
9 sheep_polypore
9 scaly_polypore
9 beefsteak_fungus
7 shiitake shiitake_mushroom golden_oak_mushroom
7 scaly_lentinus
7 pink_disease_fungus
7 bottom_rot_fungus
7 potato_fungus
7 coffee_fungus
7 sac_fungus
7 ascomycete ascomycetous_fungus
8 black_felt_cup
8 charred_pancake_cup
8 devil's_cigar
8 devil's_urn
8 winter_urn
8 grainy_club_mushrooms
9 grainy_club
10 soldier_grainy_club
8 discomycete cup_fungus
9 scarlet_cup
9 orange_peel_fungus
9 blood_cup fairy_cup
9 urn_fungus
7 yeast2
8 baker's_yeast brewer's_yeast2
8 wine-maker's_yeast
7 brown_root_rot_fungus
7 false_morel
8 helvella
9 miter_mushroom
8 discina
7 lorchel
7 gyromitra
8 round-spored_gyromitra
8 brain_mushroom beefsteak_morel
8 saddled-shaped_false_morel
7 gasteromycete gastromycete
8 stalked_puffball2
7 stinkhorn carrion_fungus
8 common_stinkhorn
8 dog_stinkhorn
8 stinky_squid
7 puffball true_puffball
8 giant_puffball
7 earthstar
7 bird's-nest_fungus
7 hen-of-the-woods hen_of_the_woods
7 agaric
7 bolete
8 old-man-of-the-woods
7 jelly_fungus
8 snow_mushroom
8 witches'_butter
8 ear_fungus
7 rust4 rust_fungus
8 flax_rust flax_rust_fungus
8 blister_rust2
8 wheat_rust
8 apple_rust cedar-apple_rust
7 smut3 smut_fungus
8 covered_smut
8 loose_smut2
8 cornsmut corn_smut
9 boil_smut
8 head_smut
8 bunt4
8 bunt3 stinking_smut2
8 onion_smut
8 flag_smut_fungus
9 wheat_flag_smut
7 felt_fungus
7 mold5 mould4
8 mucor
8 rhizopus
9 bread_mold
8 water_mold
7 mildew2
8 powdery_mildew
8 downy_mildew false_mildew
9 blue_mold_fungus
9 onion_mildew
9 tobacco_mildew
7 verticillium
7 monilia
7 candida
7 blastomycete
7 yellow_spot_fungus
7 green_smut_fungus
7 dry_rot2
7 rhizoctinia
7 earthtongue earth-tongue
6 nonvascular_organism
7 bryophyte nonvascular_plant
8 moss
9 acrocarp acrocarpous_moss
9 pleurocarp pleurocarpous_moss
9 sphagnum sphagnum_moss peat_moss bog_moss
8 liverwort hepatic
9 hornwort2
9 leafy_liverwort scale_moss
9 hepatica2
6 relict
6 saprophyte saprophytic_organism
6 saprobe
6 katharobe
5 life9
5 biont
5 cell2
6 recombinant
6 blastomere
6 flagellated_cell
7 choanocyte collar_cell
6 fiber3 fibre2
7 muscle_cell muscle_fiber muscle_fibre
8 striated_muscle_cell striated_muscle_fiber
8 smooth_muscle_cell
7 nerve_fiber nerve_fibre
8 medullated_nerve_fiber myelinated_nerve_fiber
8 effector2
8 axon axone
8 dendrite
8 motor_fiber efferent_fiber
8 sensory_fiber afferent_fiber
6 beta_cell
6 somatic_cell vegetative_cell
7 skin_cell
8 epidermal_cell
9 melanoblast
9 melanocyte
8 prickle_cell
7 epithelial_cell
8 columnar_cell columnar_epithelial_cell
9 spongioblast
8 cuboidal_cell cuboidal_epithelial_cell
8 goblet_cell
8 hair_cell
8 squamous_cell
8 taste_cell gustatory_cell
7 neoplastic_cell
8 cancer_cell
7 bone_cell
8 megakaryocyte
8 osteoclast
8 osteocyte
7 blood_cell blood_corpuscle corpuscle2
8 leukocyte leucocyte white_blood_cell white_cell white_blood_corpuscle white_corpuscle
9 myelocyte
9 myeloblast
9 lymphocyte lymph_cell
10 helper_cell
10 killer_cell
10 lymphoblast
10 plasma_cell plasmacyte
11 plasmablast
9 granulocyte
9 monocyte
10 monoblast
9 basophil basophile
9 neutrophil neutrophile
10 microphage
9 eosinophil eosinophile
8 packed_cells
8 red_blood_cell erythrocyte
9 megalocyte macrocyte
9 megaloblast
9 acanthocyte
9 microcyte
9 reticulocyte
9 sickle_cell
9 siderocyte
9 spherocyte
9 target_cell2
7 phagocyte scavenger_cell
8 macrophage
9 histiocyte
8 fixed_phagocyte
8 free_phagocyte
7 visual_cell
8 cone4 cone_cell retinal_cone
8 rod5 rod_cell retinal_rod
7 fat_cell adipose_cell
7 nerve_cell neuron
8 ganglion_cell gangliocyte
8 brain_cell
8 motor_neuron efferent_neuron motor_nerve_fiber motoneuron
8 sensory_neuron afferent_neuron
7 neurogliacyte neuroglial_cell glial_cell
8 astrocyte
9 fibrous_astrocyte
9 protoplasmic_astrocyte
8 microgliacyte
8 oligodendrocyte
7 hybridoma
7 mast_cell mastocyte labrocyte
7 stem_cell
8 hematopoeitic_stem_cell
7 target_cell
6 blastema
6 zygote fertilized_ovum
7 heterozygote
7 homozygote
6 parthenote
6 embryonic_cell formative_cell
7 blastocyte
7 ameloblast
7 osteoblast bone-forming_cell
7 erythroblast
8 sideroblast
7 fibroblast
7 neuroblast
6 akaryocyte akaryote acaryote
6 reproductive_cell germ_cell sex_cell
7 gamete
8 anisogamete
8 isogamete
8 sperm sperm_cell spermatozoon spermatozoan
8 ovum egg_cell
9 egg
10 nit2
10 spawn
11 roe3
10 roe4
10 silkworm_seed
10 roe2
9 ootid
9 ovule2
8 spermatid
8 oosphere
8 antherozoid spermatozoid
6 gametocyte
7 oocyte
7 spermatocyte
6 polar_body
6 plant_cell
6 archespore archesporium
6 daughter_cell
6 mother_cell
7 spore_mother_cell
6 arthrospore2
6 arthrospore
4 natural_object
5 cocoon
5 body organic_structure
6 life_form
6 human_body physical_body material_body soma3 build2 figure2 physique2 anatomy2 shape3 bod chassis frame3 form5 flesh2
7 person2
7 juvenile_body
8 child's_body
7 adult_body
8 adult_female_body woman's_body
8 adult_male_body man's_body
7 male_body
7 female_body
6 live_body
7 system8
5 body3 dead_body
6 kill3
6 carcase carcass
6 carrion
6 roadkill
6 cadaver corpse stiff2 clay5 remains3
7 cremains
6 mummy2
5 asterism2
5 black_body blackbody full_radiator
5 body4
6 chromosome
7 sex_chromosome
7 autosome somatic_chromosome
7 acentric_chromosome
7 acrocentric_chromosome
7 metacentric_chromosome
7 telocentric_chromosome
6 inclusion_body cellular_inclusion inclusion3
7 plasmid
7 cancer_body
6 mass5
7 coprolith fecalith faecalith stercolith
7 drift4
8 drumlin
8 snowdrift
7 mat4
7 pulp mush
6 particle2 subatomic_particle
7 virion
7 alpha_particle
7 beta_particle
7 boson
8 gauge_boson
9 gluon
9 graviton
9 intermediate_vector_boson
9 photon
7 deuteron
7 elementary_particle fundamental_particle
8 antilepton
9 antimuon positive_muon
9 antineutrino
9 antitauon tau-plus_particle
9 positron antielectron
8 antiparticle
8 antiquark
8 hadron
9 antibaryon
9 antimeson
9 baryon heavy_particle
10 hyperon
11 lambda_particle lambda_hyperon
10 nucleon
11 antineutron
11 antiproton
11 neutron
11 proton
12 hydrogen_ion
9 meson mesotron
10 b-meson
10 psi_particle
10 kaon kappa-meson k-meson
10 pion pi-meson
8 lepton2
9 electron negatron
10 delta_ray
10 free_electron
10 photoelectron
10 valence_electron
9 muon negative_muon mu-meson
9 neutrino
9 tauon tau-minus_particle
8 quark
9 bottom_quark beauty_quark
9 charm_quark
9 down_quark
9 strange_quark squark
9 top_quark truth_quark
9 up_quark
8 strange_particle
8 string8 cosmic_string
8 weakly_interacting_massive_particle
7 fermion
7 ion
8 anion
9 hydroxide_ion hydroxyl_ion
9 superoxide2 superoxide_anion
8 cation
9 diazonium
7 magnetic_monopole
7 micelle
7 prion
7 virino
7 scintilla2
7 superstring
7 thermion
5 carpet2
5 celestial_body heavenly_body
6 minor_planet planetoid
7 asteroid
6 planet major_planet
7 inferior_planet
7 gas_giant
7 morning_star daystar
7 outer_planet
7 superior_planet
7 terrestrial_planet
6 planet3
6 planetesimal
6 primary3
6 quasar quasi-stellar_radio_source
6 satellite3
7 moon6
6 star
7 binary_star binary double_star
7 fixed_star
7 giant_star giant7
7 lodestar loadstar
7 multiple_star
7 neutron_star
8 pulsar
7 nova
7 red_dwarf red_dwarf_star
8 flare_star
7 red_giant red_giant_star
7 sun4
7 supergiant
7 supernova
7 variable_star variable3
7 white_dwarf white_dwarf_star
6 star3
7 starlet2
5 consolidation3
5 constellation2
5 covering natural_covering cover5
6 scale9
7 fish_scale
7 squama
8 alula calypter
6 shell9
7 valve5
7 valve4
7 scallop_shell
7 oyster_shell
7 phragmocone phragmacone
7 seashell
7 clamshell
6 test6
6 body_covering
7 hide2 pelt2 skin3
7 feather plume3 plumage
8 down down_feather
9 duck_down
10 eiderdown2
9 goose_down
9 swan's_down2
9 plumule
8 aftershaft
8 contour_feather
8 bastard_wing alula2 spurious_wing
8 marabou2
8 hackle
9 saddle_hackle saddle_feather
8 flight_feather pinion2 quill3 quill_feather
9 primary2 primary_feather primary_quill
9 tail_feather
10 sickle_feather
8 scapular
7 protective_covering2
8 armor3 armour3
8 scute
9 carapace shell3 cuticle3 shield3
10 cuticula
8 sclerite
8 clypeus
7 exuviae
7 hair
8 coat3 pelage
9 fur2
10 undercoat3 underfur
9 wool3 fleece4
8 guard_hair
8 mane
9 encolure
8 forelock2 foretop2
8 beard4
8 body_hair
8 down5 pile4
9 lanugo
8 mane2 head_of_hair
8 cowlick
8 hairdo hairstyle hair_style coiffure coif
9 beehive3
9 bouffant
9 haircut
10 brush_cut
10 crew_cut butch2 flattop
10 mohawk3 mohawk_haircut
9 bang3 fringe5
9 bob2
9 wave6
10 finger_wave
10 permanent_wave permanent perm2
9 braid plait tress twist9
10 queue3
10 pigtail
9 chignon
9 marcel
9 pageboy2
9 pompadour2
9 ponytail
9 roach
9 scalp_lock
9 thatch
8 lock2 curl3 ringlet2 whorl2
9 sausage_curl
9 forelock
10 quiff
9 crimp3
10 pin_curl
10 spit_curl kiss_curl
9 dreadlock
8 facial_hair
9 beard face_fungus whiskers
10 fuzz4
10 imperial imperial_beard
10 beaver3
10 goatee
10 stubble2
10 vandyke_beard vandyke2
10 soul_patch
9 mustache moustache
10 soup-strainer toothbrush2
10 mustachio moustachio handle-bars
10 walrus_mustache walrus_moustache
9 sideburn burnside2 mutton_chop2 side-whiskers
8 pubic_hair bush7 crotch_hair
9 minge
8 eyebrow brow2 supercilium
8 eyelash lash cilium2
7 headful2
7 epicranium
6 sheath2 case9
7 theca2
7 lorica
7 medullary_sheath myelin_sheath
7 neurolemma neurilemma
7 husk2
8 cornhusk
8 hull
9 shell4
10 nutshell
8 pod cod seedcase
9 pea_pod peasecod
8 bract
9 epicalyx false_calyx calycle calyculus
9 bracteole bractlet
9 spathe
9 involucre
9 glume
10 lemma2 flowering_glume
6 integument
6 blanket2 mantle4
6 crust2 incrustation2 encrustation2
7 tartar4 calculus2 tophus2
6 envelope4
6 hood2 cap6
6 indumentum indument
6 roof3
6 shell6
6 shell5 eggshell
6 skim
6 slough4
6 snowcap
6 vesture
6 peridium
6 pericarp seed_vessel
7 epicarp exocarp
7 mesocarp
7 stone6 pit3 endocarp
8 peach_pit
8 cherry_stone
7 capsule3
8 bilocular_capsule
8 boll
8 silique siliqua
9 silicle
7 bur burr
8 beggar-ticks
6 theca sac2
6 indusium
6 bark
7 cinnamon cinnamon_bark2
7 cassia_bark
7 cinnamon_bark
7 magnolia
7 tanbark
7 mezereum
7 canella canella_bark white_cinnamon
7 cinchona cinchona_bark
7 cascarilla_bark eleuthera_bark sweetwood_bark
7 cascara cascara_sagrada chittam_bark chittem_bark
7 winter's_bark
7 tapa tapa_bark tappa tappa_bark
7 angostura_bark angostura
7 cork
7 phellem cork2
5 extraterrestrial_object estraterrestrial_body
6 comet
6 meteoroid meteor
7 meteorite
8 aerolite
8 micrometeorite micrometeoroid micrometeor
8 pallasite
8 siderite2
7 meteor_swarm
5 mechanism3
6 barrier3
7 blood-brain_barrier
7 curtain2
6 transmission_mechanism
7 airborne_transmission
7 direct_transmission
7 indirect_transmission
8 vector-borne_transmission
8 vehicle-borne_transmission
5 nest
6 beehive2 hive3
6 bird's_nest bird_nest birdnest
7 aerie aery eyrie eyry
6 drey
6 mouse_nest mouse's_nest
6 nidus2
7 wasp's_nest wasps'_nest hornet's_nest2 hornets'_nest2
5 radiator
6 radio_source
5 rock stone
6 achondrite
6 bedrock
6 boulder bowlder
7 glacial_boulder
7 river_boulder
7 shore_boulder
6 calculus concretion2
7 bladder_stone cystolith
7 enterolith
7 gallstone bilestone
7 kidney_stone urinary_calculus nephrolith renal_calculus
7 ptyalith
7 sialolith salivary_calculus
7 urolith
6 chondrite
6 clastic_rock
6 crystal3 crystallization2
7 crystallite
6 intrusion4
6 outcrop outcropping rock_outcrop
7 belay
7 outthrust
6 pebble
6 petrifaction2
6 sill2
6 stepping_stone
6 tor
6 wall_rock
6 whinstone whin3
6 xenolith
5 sample3
6 specimen2
7 cytologic_specimen
8 smear2 cytologic_smear cytosmear
9 alimentary_tract_smear
10 esophageal_smear
10 gastric_smear
10 oral_smear
10 paraduodenal_smear duodenal_smear
9 cervical_smear
9 lower_respiratory_tract_smear bronchoscopic_smear sputum_smear
9 vaginal_smear
6 core5
5 tangle
6 hairball hair_ball trichobezoar
6 shag2
5 universe existence2 creation6 world cosmos macrocosm
6 closed_universe
6 natural_order
6 nature3
5 plant_part plant_structure
6 stub
6 button3
6 thallus
7 crustose_thallus
6 cap5 pileus
6 calyptra
6 volva
6 domatium
6 pycnidium
6 stipule
6 tepal
6 gynostegium
6 chalaza
6 nucellus
6 germ_tube
6 pollen_tube
6 mentum
6 corona2
6 lip2
6 mycelium
7 sclerotium2
6 plant_organ
7 reproductive_structure
8 agamete
9 spore
10 basidiospore
10 endospore
10 carpospore
10 chlamydospore
11 teliospore
10 conidium conidiospore
10 oospore
10 resting_spore
10 tetraspore
10 zoospore
10 fern_seed
10 pollen
11 pollinium
11 ragweed_pollen
10 microspore
10 megaspore macrospore
10 aeciospore
10 ascospore
10 zygospore
8 fructification2
8 gleba
8 hymenium
8 sporocarp spore_case2
8 flower2 bloom2 blossom
9 floret floweret
9 apetalous_flower
9 inflorescence2
10 flower_head
10 catkin ament
10 umbel
10 corymb
10 flower_cluster
11 raceme
12 panicle
11 thyrse thyrsus
10 cyme
11 cymule
11 glomerule
11 scorpioid_cyme
10 spike4
9 ray_flower ray_floret
9 bud
10 rosebud
9 chrysanthemum
8 stamen
8 anther
8 pistil
9 simple_pistil
9 compound_pistil
9 pistillode
9 carpel
10 mericarp
8 style5
9 stylopodium
9 cornsilk corn_silk
8 stigma
8 ovary
8 ovule
9 amphitropous_ovule
9 anatropous_ovule
9 campylotropous_ovule
9 orthotropous_ovule
9 seed2
8 placenta
8 placentation2
9 apical_placentation
9 axile_placentation
9 basal_placentation
9 free_central_placentation
9 lamellate_placentation
9 marginal_placentation ventral_placentation
9 parietal_placentation
8 testa episperm seed_coat
8 endosperm
8 gemma
8 cone3 strobilus strobile
9 fir_cone
9 galbulus
9 pinecone
8 basidium
9 promycelium
8 antheridium
8 sporangium spore_case spore_sac
9 megasporangium macrosporangium
9 microsporangium
9 eusporangium
9 leptosporangium
9 tetrasporangium
8 ascus
8 sporophore
8 gametangium
8 gametoecium
9 gynoecium
9 androecium
8 gametophore
9 antheridiophore
8 sorus2
8 sorus
8 fruit
9 juniper_berry
9 achene
10 samara key_fruit key6
9 gourd2
10 calabash
9 prairie_gourd
9 quandong2 blue_fig
9 acorn
9 olive
9 hip5 rose_hip rosehip
9 wild_cherry
9 marasca
9 hagberry
9 chokecherry
9 rowanberry
9 buffalo_nut elk_nut oil_nut
9 ear5 spike3 capitulum2
10 mealie
9 fruitlet
9 seed
10 edible_seed
11 pumpkin_seed
11 betel_nut areca_nut
11 water_chinquapin2
11 dika_nut
11 sunflower_seed
11 cumin2 cumin_seed
10 coffee_bean coffee_berry coffee3
10 pip3
10 bonduc_nut nicker_nut nicker_seed
10 oilseed oil-rich_seed
11 castor_bean
11 cottonseed
11 candlenut2
11 rapeseed
11 linseed flaxseed
10 safflower_seed
10 grain7 caryopsis
11 amaranth
11 barleycorn
11 wheat_berry
11 kernel2
12 corn2
11 rye
10 ash-key
10 coquilla_nut
10 babassu_nut
10 cohune_nut
10 ivory_nut vegetable_ivory apple_nut
10 neem_seed
10 buckeye horse_chestnut2 conker
10 jumping_bean jumping_seed
10 bean2
11 tonka_bean coumara_nut
11 algarroba3 algarrobilla algarobilla
11 calabar_bean ordeal_bean
11 divi-divi
11 carob carob_bean algarroba_bean algarroba locust_bean locust_pod
11 soy soybean soya_bean
11 broad_bean fava_bean horsebean
11 mung mung_bean green_gram golden_gram moong mash_bean munggo monggo green_soy green_bean2
10 nut
11 edible_nut
12 bunya_bunya2
12 peanut4 earthnut3 goober goober_pea groundnut3 monkey_nut
12 almond2
12 quandong_nut
12 beechnut
12 walnut
13 black_walnut2
12 brazil_nut2 brazil2
12 butternut2
12 souari_nut2
12 cashew2 cashew_nut
12 chestnut3
12 chincapin chinkapin chinquapin3
12 hazelnut2 filbert2 cobnut2 cob
12 coconut2 cocoanut
12 grugru_nut
12 hickory_nut
12 macadamia_nut2
12 pecan3
12 pine_nut pignolia pinon_nut
12 pistachio2 pistachio_nut
11 cembra_nut cedar_nut
11 kola_nut cola_nut
11 mast2
11 palm_nut palm_kernel
11 nutlet
12 pyrene2
9 berry2
10 baneberry
10 simple_fruit bacca
9 aggregate_fruit multiple_fruit syncarp
10 syconium
9 drupe stone_fruit
10 drupelet
11 acinus
9 pome false_fruit
9 pod2 seedpod
10 legume2
11 chickpea garbanzo
11 lentil2
11 pea2
12 garden_pea
11 field_pea
11 cowpea black-eyed_pea
10 peanut
10 screw_bean
10 okra
10 cowage
10 loment
9 pyxidium pyxis
9 accessory_fruit pseudocarp
9 buckthorn_berry yellow_berry
9 cubeb
9 schizocarp
7 septum2
7 nectary honey_gland
7 archegonium
7 hypanthium floral_cup calyx_tube
7 perianth chlamys floral_envelope perigone perigonium
8 falls
7 mescal_button sacred_mushroom magic_mushroom
7 cup5
8 cupule acorn_cup
7 hypobasidium
7 galea
7 gill3 lamella
7 fruiting_body
8 ascocarp
9 ascoma
9 apothecium
10 elf_cup
9 cleistothecium cleistocarp
9 perithecium
8 acervulus
8 basidiocarp
8 aecium
7 root
8 calamus2
8 taro cocoyam dasheen eddo
8 ginseng
8 horseradish horseradish_root
8 radish3
8 chicory chicory_root
8 salsify oyster_plant
8 briarroot
8 orrisroot orris2
8 sarsaparilla_root
8 licorice_root
8 senega
8 mandrake_root mandrake
8 cassava2 manioc2
8 carrot
8 parsnip
8 pneumatophore
8 taproot
8 adventitious_root
8 rootlet
8 prop_root
7 root_cap
7 root_hair
7 stolon runner5 offset3
7 stalk2 stem2
8 gynophore
8 carpophore
8 cornstalk corn_stalk
8 filament2
8 funicle funiculus
8 petiolule
8 cane2
9 sugarcane sugar_cane
9 rattan2 rattan_cane
9 malacca
8 sporangiophore
8 cutting2 slip4
9 quickset
8 tuber
9 water_chestnut3
9 groundnut2 potato_bean3 wild_bean2
9 yam
8 rhizome rootstock rootstalk
8 axis2
9 rachis
9 spadix
8 caudex2
8 beanstalk
8 cladode cladophyll phylloclad phylloclade
8 stock9 caudex
8 stipe
8 scape flower_stalk
9 peduncle2
10 pedicel pedicle
11 ray2
8 petiole leafstalk
9 phyllode
8 bulb
9 onion
9 shallot
9 squill
9 bulbil bulblet
8 corm
8 branch2
9 deadwood
9 limb2 tree_branch
10 stick2
10 bough
9 branchlet twig sprig
10 brier2
10 wand2
10 withe2 withy
11 osier
8 culm
8 haulm halm
8 trunk tree_trunk bole2
7 capitulum head9
7 leaf leafage foliage
8 cataphyll
9 cotyledon seed_leaf
8 floral_leaf
9 petal flower_petal
9 sepal
8 dandelion_green
8 pitcher4
8 sporophyll sporophyl
9 megasporophyll
9 microsporophyll
8 blade leaf_blade
8 amplexicaul_leaf
8 greenery verdure
8 leaflet2
9 pinna pinnule
8 frond
8 pad2
9 lily_pad
8 scale4 scale_leaf
9 squamule
8 betel_leaf betel
8 fig_leaf
8 simple_leaf
9 acerate_leaf needle
9 acuminate_leaf
9 cordate_leaf
9 cuneate_leaf
9 deltoid_leaf
9 elliptic_leaf
9 ensiform_leaf
9 hastate_leaf
9 lanceolate_leaf
9 linear_leaf elongate_leaf
9 lyrate_leaf
9 obtuse_leaf
9 oblanceolate_leaf
9 oblong_leaf
9 obovate_leaf
9 ovate_leaf
9 orbiculate_leaf
9 pandurate_leaf panduriform_leaf
9 peltate_leaf
9 perfoliate_leaf
9 reniform_leaf
9 sagittate-leaf sagittiform_leaf
9 spatulate_leaf
8 compound_leaf
9 trifoliolate_leaf
9 quinquefoliate_leaf
9 palmate_leaf
10 pedate_leaf
9 pinnate_leaf
10 bijugate_leaf bijugous_leaf twice-pinnate
10 bipinnate_leaf
10 even-pinnate_leaf abruptly-pinnate_leaf
10 odd-pinnate_leaf
9 decompound_leaf
8 entire_leaf
8 crenate_leaf
8 serrate_leaf
8 dentate_leaf
9 denticulate_leaf
8 emarginate_leaf
8 erose_leaf
8 runcinate_leaf
8 lobed_leaf
8 parallel-veined_leaf
8 parted_leaf
8 prickly-edged_leaf
8 rosette3
7 sprout
8 shoot
9 sucker2
9 tiller
8 bud2
9 leaf_bud
9 flower_bud
10 clove
9 mixed_bud
6 aril
6 duct2
7 laticifer
6 veil2 velum
7 universal_veil
7 partial_veil
8 cortina
6 annulus2 skirt3
6 plant_tissue
7 perisperm
7 stroma2
7 stroma
7 pulp2 flesh3
7 pith
7 parenchyma2
8 chlorenchyma
7 lignum
7 vascular_tissue
8 stele
8 cambium
8 vascular_bundle vascular_strand fibrovascular_bundle
9 vein3 nervure
10 midrib midvein
8 vascular_ray medullary_ray
8 xylem
8 tracheid
8 phloem bast2
8 sieve_tube
7 pseudophloem
7 gall3
8 oak_apple
7 meristem
6 tendril
7 cirrus cirrhus
6 stump tree_stump
7 stool3
6 prophyll
6 stock9
7 rootstock2
6 receptacle2
7 gynobase
6 kernel meat2
6 lobe2
6 ligule
4 artifact artefact
5 article2
6 breakable
6 knickknack novelty3
6 notion4
7 ribbon4
8 riband ribband
6 ware
7 article_of_commerce
8 tinware
7 metalware
8 tole
7 tableware
8 chopstick
8 crockery dishware
9 chinaware china4
10 willowware willow-pattern
9 cup
10 beaker2
10 chalice goblet2
10 coffee_cup
11 demitasse2
10 paper_cup
10 grace_cup
10 kylix cylix
10 mustache_cup moustache_cup
10 scyphus
10 teacup2
9 dish
10 bowl3
11 cereal_bowl
11 finger_bowl
11 mixing_bowl
11 porringer
11 punch_bowl
11 salad_bowl2
11 slop_basin slop_bowl
11 soup_bowl
10 butter_dish
10 casserole2
11 cocotte2
10 coquille2
10 gravy_boat gravy_holder sauceboat boat2
11 argyll argyle
10 ramekin2 ramequin2
10 serving_dish
11 tureen
10 sugar_bowl
10 watch_glass
9 eggcup egg_cup
9 ovenware
8 cutlery2 eating_utensil
9 fork
10 carving_fork
10 salad_fork
10 tablefork
10 toasting_fork
9 spoon
10 dessert_spoon
10 runcible_spoon
10 soupspoon soup_spoon
10 sugar_spoon sugar_shell
10 tablespoon2
10 tea_maker
10 teaspoon2
11 iced-tea_spoon
10 wooden_spoon2
8 dinnerware
8 flatware
9 plate4
10 dessert_plate
10 dinner_plate
10 paper_plate
10 salad_plate salad_bowl
10 soup_plate
10 steel_plate
9 platter
9 saucer2
8 glassware glasswork
9 crystal5
9 cut_glass
9 glass7
8 gold_plate
8 service9 table_service
9 dinner_service dinner_set
9 place_setting setting6
8 silver_plate
8 silverware
9 flatware2 silver4
9 hollowware holloware
8 tea_service tea_set
7 woodenware
5 anachronism2
5 antiquity3
6 antique2
6 relic
5 block
6 anvil
6 briquette briquet
6 cake bar9
7 tablet3
6 chock wedge7
7 sprag
6 chopping_block
6 crosshead2
6 cube5 square_block
7 die dice
7 ice_cube
6 domino4
7 one-spot
6 ingot
7 bullion2
7 pig6
6 nog2
6 nut3
7 hex_nut
7 locknut safety_nut
7 square_nut
7 stuffing_nut packing_nut
7 wing_nut2 wing-nut2 wing_screw butterfly_nut thumbnut
6 pad3 inkpad inking_pad stamp_pad
6 slab
7 butcher_board butcher_block
7 tablet
8 abacus
8 slate
7 tile
8 tessera
9 tessella
6 starting_block
6 step9
6 swage_block
6 type6
7 kern2
7 quad3 space9
8 hair_space
5 button7
5 commodity trade_good good4
6 basic2 staple
6 consumer_goods
7 durables durable_goods consumer_durables
8 appliance2
9 dryer drier2
10 clothes_dryer clothes_drier
11 mangle
11 spin_dryer spin_drier
11 tumble-dryer tumble_drier
11 wringer
9 home_appliance household_appliance
10 curling_iron
10 iron4 smoothing_iron
11 flatiron
11 goffer2 gauffer goffering_iron gauffering_iron
11 steam_iron
11 travel_iron
10 kitchen_appliance
11 coffee_maker
12 espresso_maker
11 disposal4 electric_pig garbage_disposal
11 food_processor
11 hot_plate hotplate
11 ice_maker
11 microwave2 microwave_oven
11 oven
12 broiler
12 gas_oven2
12 rotisserie
12 tandoor
11 stove kitchen_stove range9 kitchen_range cooking_stove
12 charcoal_burner2
12 cookstove
12 electric_range
12 gas_range gas_stove gas_cooker
12 potbelly2 potbelly_stove
12 spirit_stove
11 toaster2
11 toaster_oven
11 waffle_iron
10 sewing_machine
11 serger
10 trouser_press pants_presser
10 vacuum4 vacuum_cleaner
10 white_goods
11 dishwasher dish_washer dishwashing_machine
11 refrigerator icebox
12 cooler ice_chest
12 electric_refrigerator fridge
13 deep-freeze deep_freezer freezer
13 ice_machine
11 washer3 automatic_washer washing_machine
9 air_conditioner air-conditioner
9 humidifier
9 dehumidifier
7 fashion4
7 grocery2 foodstuff
8 greengrocery
8 packaged_goods
6 drygoods soft_goods
7 haberdashery2 men's_furnishings
7 white_goods2 household_linen
8 linen3
9 bath_linen
10 bath_mat
10 washcloth washrag flannel2 face_cloth
9 bed_linen
10 case9 pillowcase slip9 pillow_slip
10 pillow_sham
10 sheet3 bed_sheet
11 fitted_sheet contour_sheet
9 doily doyley doyly
9 table_linen napery
10 damask
10 napkin table_napkin serviette
11 bib2
11 dinner_napkin
11 tea_napkin
10 tablecloth
11 tea_cloth
10 tray_cloth
6 entrant
6 export exportation
6 fancy_goods
6 fungible
6 future3
7 oil_future petroleum_future
7 soybean_future
7 wheat_future
6 import importation2
6 merchandise ware2 product
7 cargo lading freight load3 loading4 payload2 shipment consignment
7 contraband
7 feature6
8 drawing_card2 loss_leader leader2
7 generic2
8 generic_drug
7 ironmongery
7 irregular2 second9
7 line9 product_line line_of_products line_of_merchandise business_line line_of_business
8 sideline2
7 number9
7 refill2
7 release
7 schlock shlock dreck
7 software_package2 software_product
7 stock2 inventory2
7 top_of_the_line
7 yard_goods piece_goods
6 middling
6 shopping2
6 worldly_possession worldly_good
5 cone
5 covering2
6 artificial_skin
6 bootleg2
6 bubble4
6 canopy
6 casing2
6 chafing_gear
6 cloak
6 cloth_covering
7 antimacassar
7 back7
7 bedclothes bed_clothing bedding
8 bedroll
8 bedspread bedcover bed_cover bed_covering counterpane spread9
9 coverlet
9 quilted_bedspread
8 blanket cover2
9 afghan
9 electric_blanket
9 mackinaw2
9 manta
9 security_blanket2
8 mattress_cover
8 quilt comforter3 comfort6 puff4
9 eiderdown duvet continental_quilt
9 patchwork2 patchwork_quilt
10 crazy_quilt
8 throw4
7 blindfold
7 bosom3
7 burial_garment
8 pall2 shroud3 cerement winding-sheet winding-clothes
7 cosy tea_cosy cozy tea_cozy
7 dressing4 medical_dressing
8 bandage patch9
9 adhesive_bandage
9 capeline_bandage
9 cast5 plaster_cast plaster_bandage
9 compression_bandage tourniquet
9 elastic_bandage
9 four-tailed_bandage
9 immovable_bandage
9 oblique_bandage
10 spiral_bandage
9 roller_bandage
9 sling5 scarf_bandage triangular_bandage
9 suspensory suspensory_bandage
9 swathe wrapping2
9 truss
8 compress
8 poultice cataplasm plaster3
9 mustard_plaster sinapism
8 surgical_dressing
7 elbow4
7 eyepatch patch8
7 havelock
7 knee3
7 lap3 lap_covering
7 leg7
8 pant_leg trouser_leg
7 seat9
7 shoulder4
7 skirt
7 sleeve arm6
8 dolman_sleeve
8 long_sleeve
8 raglan_sleeve
8 shirtsleeve
8 short_sleeve
7 slipcover
6 clothing article_of_clothing vesture2 wear2 wearable habiliment
7 accessory accoutrement accouterment
8 belt2
9 baldric baldrick
9 cartridge_belt
10 bandoleer bandolier
9 holster2
9 money_belt
9 safety_belt life_belt safety_harness
10 seat_belt seatbelt
8 furnishing trappings
7 apparel wearing_apparel dress3 clothes
8 workwear
7 array3 raiment regalia2
8 war_paint2
7 attire garb dress2
8 ao_dai
8 costume
9 fancy_dress masquerade2 masquerade_costume
8 costume4
9 academic_costume
9 rigout
8 costume2
8 costume3
8 disguise2
8 ecclesiastical_attire ecclesiastical_robe
9 purple3 the_purple2
8 finery
8 formalwear eveningwear evening_dress evening_clothes
9 balldress
9 dinner_jacket tux tuxedo black_tie
9 dress_suit full_dress tailcoat tail_coat tails white_tie2 white_tie_and_tails
8 habit3
9 frock2
9 monastic_habit
9 nun's_habit
8 habit5 riding_habit
8 hairpiece false_hair postiche
9 switch3
9 toupee toupe
9 wig
10 grizzle
10 horsehair_wig
10 periwig peruke
8 morning_dress
8 outfit2 getup rig4 turnout5
9 bib-and-tucker
9 ensemble5
10 sailor_suit
9 playsuit
9 trousseau
8 sportswear athletic_wear activewear
9 gym_suit
9 running_suit
7 beachwear
7 black7
7 blue2
7 change7
7 civilian_clothing civilian_dress civilian_garb plain_clothes
8 civies civvies
8 mufti2
7 drag4
7 footwear
8 hosiery hose
9 sock
10 anklet2 anklets bobbysock bobbysocks
10 argyle3 argyll3
10 athletic_sock sweat_sock varsity_sock
10 knee-high knee-hi
10 tabi tabis
9 stocking
10 boothose
10 nylons nylon_stocking rayons rayon_stocking silk_stocking
10 support_hose support_stocking
9 tights leotards
10 maillot2
10 pantyhose
7 garment
8 breechcloth breechclout loincloth
9 dhoti
8 burqa burka
8 camlet
8 diaper nappy napkin2
8 fur3
8 gown4 surgical_gown scrubs
8 haik haick
8 hand-me-down
8 head_covering veil
9 chador chadar chaddar chuddar
9 face_veil
10 niqab
9 yashmak yashmac
8 hose2
8 ironing
9 flatwork flat_wash
8 jump_suit jumpsuit
8 kanzu
8 laundry wash7 washing2 washables
8 legging leging leg_covering
9 chap4
9 gaiter3
9 puttee
9 spat2 gaiter
8 leotard unitard body_suit cat_suit
8 mending
8 motley2
8 neckwear
9 cravat
10 ascot
10 neckcloth stock9
9 necktie tie
10 bolo_tie bolo bola_tie bola
10 bow_tie bow-tie bowtie
11 black_tie2
11 white_tie
10 four-in-hand
10 old_school_tie
10 string_tie
8 overgarment outer_garment
9 aba
9 cloak2
10 burnous burnoose burnouse
10 caftan2 kaftan2
10 cape2 mantle8
11 chlamys2
11 mantelet2 mantilla2
11 pelisse
11 tippet
10 capote2 hooded_cloak
10 capuchin
10 cope2
10 dolman2
10 domino2
10 jellaba
10 opera_cloak opera_hood
10 pallium4
10 poncho
10 shawl
11 prayer_shawl tallith tallis2
11 serape sarape
10 toga
11 toga_virilis
10 tunic2
11 chiton
11 gymslip
11 kameez
11 kirtle
11 surcoat2
11 tabard
10 wrap wrapper3
9 coat
10 box_coat
10 coatee
10 cutaway2
10 duffel_coat duffle_coat
10 frock_coat
10 fur_coat
11 mink2 mink_coat
11 sable_coat
10 greatcoat overcoat topcoat
11 capote hooded_coat
11 chesterfield3
11 surtout
11 ulster2
10 jacket
11 banyan2 banian2
11 bed_jacket
11 blazer sport_jacket sport_coat sports_jacket sports_coat
11 bolero2
11 bomber_jacket
11 bush_jacket
11 dolman dolman_jacket
11 donkey_jacket
11 double-breasted_jacket
11 doublet
11 dressing_sack dressing_sacque
11 hug-me-tight
11 jerkin
11 jumper6
11 lumberjack2 lumber_jacket
11 mess_jacket monkey_jacket shell_jacket
11 parka windbreaker windcheater anorak
12 cagoule
12 ski_parka ski_jacket
11 pea_jacket peacoat
11 sack5 sacque
11 single-breasted_jacket
11 swallow-tailed_coat swallowtail morning_coat
10 lab_coat laboratory_coat
10 mackinaw
10 newmarket
10 raincoat waterproof2
11 macintosh2 mackintosh2 mac mack
12 oilskin slicker
11 trench_coat
10 sack_coat
10 sheepskin_coat afghan4
10 surcoat
10 topper5
9 frock
9 izar
9 snowsuit
8 peplos peplus peplum2
8 raglan
8 reversible
8 robe
9 abaya
9 bathrobe
9 dressing_gown robe-de-chambre lounging_robe
9 kimono
8 romper2 romper_suit
8 sackcloth
8 scapular2 scapulary
8 scarf
9 feather_boa boa
9 fichu
9 kerchief
10 headscarf
11 babushka
11 hijab
11 khimar
10 neckerchief
9 lambrequin
9 mantilla
9 muffler2
9 patka
9 rebozo
9 sable4
9 stole
9 tudung
8 sealskin2
8 separate2
8 shirt
9 camise
9 dashiki daishiki
9 dress_shirt evening_shirt
9 hair_shirt
9 jersey3 tee_shirt
9 kurta
9 polo_shirt sport_shirt
9 tank_top
9 work-shirt
8 silks
8 skirt2
9 ballet_skirt tutu2
9 culotte
9 full_skirt
9 gathered_skirt
10 dirndl
9 grass_skirt
9 hobble_skirt
9 hoopskirt crinoline
9 kilt
9 lavalava
9 maxi
9 miniskirt mini
9 overskirt
9 sarong
8 stomacher
8 straitjacket2 straightjacket
8 suit suit_of_clothes
9 business_suit
10 three-piece_suit
10 two-piece two-piece_suit lounge_suit
9 double-breasted_suit
9 pinstripe
9 single-breasted_suit
9 slack_suit
10 pants_suit pantsuit
9 zoot_suit
8 sunsuit
8 swaddling_clothes swaddling_bands
8 sweater jumper3
9 cardigan
9 pullover slipover
10 sweatshirt
9 turtleneck turtle polo-neck
8 sweat_suit sweatsuit sweats workout_suit
8 swimsuit swimwear bathing_suit swimming_costume bathing_costume
9 bikini2 two-piece2
9 maillot tank_suit
9 swimming_trunks bathing_trunks
8 trouser
8 trousers pair_of_trousers pant2
9 bellbottom_trousers bell-bottoms bellbottom_pants
9 breeches knee_breeches knee_pants knickerbockers knickers
10 britches
10 buckskins
10 plus_fours
10 trunk_hose
9 chinos
9 churidars
9 cords corduroys
9 flannel3 gabardine2 tweed2 white9
9 jeans blue_jeans denim
10 levis
9 jodhpurs jodhpur_breeches riding_breeches
9 long_trousers long_pants
9 pajama pyjama
9 pantaloon3
9 pedal_pushers toreador_pants
9 salwar shalwar
9 short_pants shorts trunks
10 hot_pants2
10 lederhosen
9 slacks
9 stretch_pants
9 sweat_pants sweatpants
9 trews
8 undergarment unmentionable
9 body_stocking
9 brassiere bra bandeau
10 uplift2
9 camisole underbodice
9 chemise shimmy2 shift9 slip9 teddy2
9 foundation_garment foundation6
10 corset girdle3 stays
11 panty_girdle
10 roll-on2
9 garter_belt suspender_belt
9 long_underwear union_suit
9 petticoat half-slip underskirt
10 crinoline2
9 singlet vest2 undershirt
9 underpants
10 bikini_pants
10 bloomers pants drawers2 knickers2
10 briefs
10 drawers underdrawers shorts2 boxers boxershorts
10 pantie panty scanty step-in
10 thong2
9 underwear underclothes underclothing
10 lingerie intimate_apparel
11 nightgown gown3 nightie night-robe nightdress
11 undies
10 long_johns
10 skivvies
8 vest waistcoat
9 bulletproof_vest
8 weeds widow's_weeds
8 wet_suit
8 wraparound
7 grey6 gray2
7 handwear hand_wear
8 glove2
9 batting_glove
9 gauntlet3 gantlet3
9 gauntlet2 gantlet2 metal_glove
9 golf_glove
9 kid_glove suede_glove
9 mitten
8 muff
7 headdress headgear
8 cap
9 balaclava balaclava_helmet
9 bluebonnet2
9 baseball_cap jockey_cap golf_cap
9 bathing_cap swimming_cap
9 beret
9 biggin
9 biretta berretta birretta
9 calpac calpack kalpac
9 cloth_cap flat_cap
9 cockscomb3 coxcomb2
9 coonskin_cap coonskin
9 fez2 tarboosh
9 garrison_cap overseas_cap
9 kalansuwa
9 kepi peaked_cap service_cap yachting_cap
9 liberty_cap
9 mobcap
9 mortarboard2
9 nightcap2
9 pinner
9 sailor_cap
9 shower_cap
9 ski_cap stocking_cap toboggan_cap
9 skullcap
10 beanie beany
10 coif2
10 yarmulke yarmulka yarmelke
9 tam tam-o'-shanter tammy2
9 watch_cap
9 wishing_cap
8 hat chapeau lid3
9 bearskin2 busby shako
9 boater leghorn sailor3 skimmer3 straw_hat
9 bonnet poke_bonnet
10 sunbonnet
9 bowler_hat bowler3 derby_hat derby plug_hat
9 campaign_hat
9 cavalier_hat slouch_hat
9 cocked_hat
10 bicorn bicorne
10 tricorn tricorne
9 cowboy_hat ten-gallon_hat
9 deerstalker
9 dress_hat high_hat2 opera_hat silk_hat stovepipe2 top_hat topper6 beaver4
9 dunce_cap dunce's_cap fool's_cap
9 fedora felt_hat homburg trilby2
9 fur_hat
10 beaver6 castor4
9 millinery2 woman's_hat
10 church_hat
10 cloche2
10 picture_hat
10 pillbox toque2 turban2
9 shovel_hat
9 snap-brim_hat
10 porkpie porkpie_hat
9 sombrero2
9 sou'wester2
9 sunhat sun_hat
10 pith_hat pith_helmet sun_helmet topee topi
9 titfer
9 toque
9 tyrolean2 tirolean
8 helmet2
9 batting_helmet
9 crash_helmet
10 skid_lid
9 football_helmet
9 hard_hat2 tin_hat safety_hat
9 headpiece2
9 space_helmet
8 hood8
9 calash caleche
9 camail aventail ventail
9 cowl2
8 jewelled_headdress jeweled_headdress
9 crown4 diadem
10 coronet
10 crown_of_thorns3
9 tiara
8 kaffiyeh
8 miter3 mitre3
8 topknot
8 turban
8 wimple
7 knitwear
7 leisure_wear
7 loungewear
8 lounger3
8 lounging_jacket smoking_jacket
8 lounging_pajama lounging_pyjama
7 man's_clothing
8 brace6 suspender gallus
7 neckpiece
8 collar3
8 fur-piece
7 nightwear sleepwear nightclothes
8 nightshirt
8 pajama2 pyjama2 pj's jammies
9 sleeper6
7 outerwear overclothes
8 gown5 robe2
9 academic_gown academic_robe judge's_robe
9 vestment
10 alb
10 cassock
11 soutane
10 chasuble
10 humeral_veil veil4
10 pallium3
10 pontifical
10 surplice
7 protective_garment
8 apron
8 arm_guard arm_pad
8 athletic_supporter supporter5 suspensor jockstrap jock2
8 biohazard_suit
8 body_pad
8 chest_protector
8 coverall
9 duster2 gaberdine gabardine3 smock dust_coat
9 jumper4
9 overall2 boilersuit boilers_suit
8 diving_suit diving_dress
8 elbow_pad
8 foul-weather_gear
8 hip_pad
8 knee_pad
8 pressure_suit
9 spacesuit
8 shin_guard shinpad
8 shoulder_pad
8 thigh_pad
8 throat_protector
8 wrist_pad
7 ready-to-wear
7 slip-on
7 slops2
7 street_clothes
7 tailor-made
7 togs threads duds
7 uniform
8 jump_suit2
8 livery
8 military_uniform
9 battle_dress
9 dress_uniform
10 dress_blues dress_whites
9 fatigues
9 full-dress_uniform
9 khakis
9 olive_drab2 olive-drab_uniform
9 regimentals
7 vestiture
7 woman's_clothing
8 dress frock3
9 caftan kaftan
9 chemise2 sack7 shift9
9 coatdress
9 cocktail_dress sheath3
9 dirndl2
9 gown
10 ball_gown
10 bridal_gown wedding_gown wedding_dress
10 dinner_dress dinner_gown formal2 evening_gown
10 mantua
10 tea_gown
9 jumper7 pinafore pinny
9 kirtle2
9 morning_dress2
9 muumuu
9 polonaise
9 sari saree
9 shirtdress
9 strapless
9 sundress
8 thong4
8 negligee neglige peignoir wrapper housecoat
9 brunch_coat
9 camisole2
8 top9
9 blouse
10 garibaldi2
10 guimpe2
10 middy middy_blouse
10 shirtwaist shirtwaister
9 bodice
9 bustier
9 halter3
7 work-clothing work-clothes work_clothes work_clothing
8 overall
6 coating coat2
7 bitumastic
7 emulsion2 photographic_emulsion
7 enamel4
7 facing2 veneer2
7 finish_coat finishing_coat
7 gilt gilding
7 lacquer2
8 japan4
7 overcoat2 overcoating
7 paint pigment3
8 acrylic3 acrylic_paint
8 antifouling_paint
8 coat_of_paint
9 flat_coat ground9 primer3 priming3 primer_coat priming_coat undercoat2
10 couch2
8 distemper3
8 enamel3
8 encaustic
8 finger_paint fingerpaint
8 house_paint housepaint
8 oil_paint
9 oil2 oil_color oil_colour
8 semigloss
8 spray_paint
8 water-base_paint
9 calcimine
9 casein_paint casein2
9 latex_paint latex2 rubber-base_paint
9 tempera poster_paint poster_color poster_colour
9 wash
10 blackwash3
10 color_wash colour_wash
10 whitewash2
9 watercolor2 water-color2 watercolour2 water-colour2
10 gouache
7 patina
8 verdigris2
7 patina3
7 patina2
7 plating metal_plating
8 gold_plate2
8 silver_plate2
7 rendering5
7 seal7
8 undercoat underseal
7 varnish
8 fixative2
8 shellac2 shellac_varnish
7 veneer veneering
7 waterproofing2
6 cover_plate
6 drape3
6 earmuff
6 fig_leaf2
6 finger3
6 flap
7 barndoor
7 coattail
7 codpiece
7 earflap earlap
7 jag3 dag2
7 lap4 overlap3
8 cuff turnup
9 trouser_cuff
8 lapel
9 revers revere2
8 lappet2
7 pocket_flap
7 tent-fly rainfly fly_sheet fly2 tent_flap
7 tongue7
6 floor_cover floor_covering
7 mat
8 doormat2 welcome_mat
7 rug carpet carpeting
8 broadloom
8 drugget
8 flying_carpet
8 hearthrug
8 numdah numdah_rug nammad
8 prayer_rug prayer_mat
8 red_carpet
8 runner8
8 scatter_rug throw_rug
8 shag_rug
9 rya rya_rug
8 stair-carpet
6 folder2
7 file_folder
7 matchbook
6 footwear2 footgear
7 boot
8 buskin combat_boot desert_boot half_boot top_boot
8 cowboy_boot
8 hessian jackboot
8 hip_boot thigh_boot
9 waders
8 riding_boot
9 jodhpur jodhpur_boot jodhpur_shoe
8 rubber_boot gum_boot
8 ski_boot
7 clog geta patten sabot2
7 flats
7 overshoe
8 arctic2 galosh golosh rubber6 gumshoe2
7 shoe
8 anklet
8 baby_shoe
8 balmoral
8 blucher2
8 bowling_shoe
8 brogan brogue clodhopper work_shoe
8 calceus
8 chopine platform5
8 chukka2 chukka_boot
8 cleats
8 congress_boot congress_shoe congress_gaiter
8 flipper fin4
8 gaiter2
8 ghillie gillie2
8 gym_shoe sneaker tennis_shoe
9 plimsoll2
8 moccasin mocassin
8 oxford4
9 saddle_oxford saddle_shoe
8 pump3
9 spectator_pump spectator2
8 running_shoe
8 sabot wooden_shoe
8 sandal
9 espadrille
9 flip-flop2 thong5
9 huarache huaraches
9 pusher4 zori
9 scuffer
9 talaria
8 slingback sling3
8 walker4
8 walking_shoe
8 wedgie
8 wing_tip
7 slipper carpet_slipper
8 bootee bootie
8 mule2 scuff
6 hood6 exhaust_hood
7 range_hood
6 hood5
6 imbrication overlapping lapping
6 instep2
6 mask
7 domino3 half_mask eye_mask
7 false_face
6 matting
6 mercy_seat2
6 paddle_box paddle-box
6 planking2
6 protective_covering protective_cover protection2
7 armor armour2
8 body_armor body_armour suit_of_armor suit_of_armour coat_of_mail cataphract
9 chain_mail ring_mail mail5 chain_armor chain_armour ring_armor ring_armour
10 brigandine
10 habergeon
10 hauberk byrnie
10 voider3 gusset
9 corselet corslet
9 cuirass
8 shield2 buckler
9 escutcheon3 scutcheon2
9 pavis pavise
7 bell_jar bell_glass
7 binder3 ring-binder
7 binding5 book_binding cover4 back6
8 half_binding
8 three-quarter_binding
7 blind3 screen2
8 curtain drape drapery mantle7 pall3
9 drop_curtain drop_cloth drop7
9 festoon
9 frontal2
9 portiere
9 shower_curtain
9 theater_curtain theatre_curtain
10 safety_curtain
8 shutter2
9 deadlight
9 jalousie2
8 window_blind
9 window_shade
10 roller_blind
8 winker2 blinker3 blinder
7 bracer armguard
7 cap4
8 distributor_cap
8 ferrule collet
8 hubcap
8 lens_cap lens_cover
8 thimble2
7 cloche
7 coaster3
7 cold_frame
7 crystal6 watch_crystal watch_glass2
7 dust_cover3
7 faceplate
7 facing3 cladding
8 revetment2 revetement stone_facing
7 fallboard fall-board
7 finger_plate escutcheon scutcheon
7 heat_shield
7 hood9 bonnet2 cowl cowling
7 housing2
8 binnacle
8 cabinet4 console4
8 crankcase
8 distributor_housing
8 journal_box
8 lamp_house lamphouse lamp_housing
8 radome radar_dome
8 shell8 case9 casing
9 boot4
9 gearbox gear_box gear_case
9 jacket5
7 lampshade lamp_shade shade9
7 lining liner2
8 brake_lining
8 bushing2 cylindrical_lining
8 facing
8 furnace_lining refractory
7 mask4
8 face_mask
9 catcher's_mask
10 bar_mask
10 birdcage_mask
9 face_guard
9 fencing_mask fencer's_mask
9 ski_mask
8 gasmask respirator2 gas_helmet
8 welder's_mask
7 mulch
7 roof
8 curb_roof
9 mansard mansard_roof
8 dome4
9 astrodome
9 cupola2
9 geodesic_dome
9 onion_dome
9 pressure_dome
9 whispering_gallery whispering_dome
8 gable_roof saddle_roof saddleback2 saddleback_roof
9 gambrel gambrel_roof
8 hip_roof hipped_roof
8 housetop
8 slate_roof
8 sunroof sunshine-roof
8 thatch4 thatched_roof
8 tile_roof
8 vault3
9 barrel_vault
9 groined_vault
9 ribbed_vault
7 roof2
8 hood7
9 calash2 caleche2 calash_top
7 screen5
8 fire_screen fireguard2
8 mosquito_net
8 smoke_screen smokescreen
8 window_screen
8 windshield windscreen
7 shade3
8 parasol sunshade2
8 sun_visor
7 sheath
8 aglet aiglet
8 fingerstall cot
8 holster
9 shoulder_holster
8 scabbard
7 sheathing overlay overlayer
7 shelter2
8 bell_cote bell_cot
8 birdhouse
9 dovecote columbarium columbary
8 canopy3
9 awning sunshade sunblind
9 baldachin
9 marquee2 marquise2
9 porte-cochere2
9 tester2
9 umbrella
10 gamp brolly
8 cote
8 lean-to
8 roost
9 henroost
8 sentry_box
7 shield
8 nipple_shield
8 plate9 scale9 shell9
9 armor_plate armour_plate armor_plating plate_armor plate_armour
10 backplate
10 beaver5
10 brassard
10 breastplate aegis2 egis
11 plastron3
10 cannon3
11 rerebrace upper_cannon
11 vambrace lower_cannon
10 chanfron chamfron testiere frontstall front-stall
10 cubitiere
10 cuisse
10 epauliere
10 fauld
10 gorget
10 greave jambeau
10 helmet
11 armet
11 basinet
11 casque
12 casquet casquetel
11 heaume
11 morion cabasset
11 pickelhaube
11 sallet salade
10 knee_piece
10 nosepiece
10 pallette palette3
10 roundel2
10 skirt_of_tasses
10 solleret sabaton
10 tasset tasse
10 tuille
10 visor vizor
9 horseshoe2 shoe3
9 shell_plating
8 shielding2
8 shielding3
7 splashboard2 splasher2 dashboard
7 splasher
7 testudo
7 thumbstall
7 toecap
8 wing_tip2
7 washboard2 splashboard
6 screen4 cover covert2 concealment2
7 blind2
7 camouflage3
7 shoji
7 stalking-horse3
6 swathing
6 thumb2
6 toe2
6 top9 cover6
7 cap2
8 bottlecap
8 nipple2
8 radiator_cap
7 lid2
8 trunk_lid
7 manhole_cover
7 screwtop
6 upholstery
6 wrapping wrap3 wrapper2
7 envelope2
7 gift_wrapping
7 jacket2
8 record_jacket
7 plastic_wrap
8 cellophane
8 cling_film clingfilm
5 creation2
6 art fine_art
7 artificial_flower
7 commercial_art
7 cyberart
7 decoupage
7 diptych
7 gem treasure2
7 genre4
8 abstractionism abstract_art
9 op_art
8 chinoiserie
8 folk_art
8 genre_painting
8 landscape3 landscape_painting
8 magic_realism
8 modernism
8 outsider_art self-taught_art vernacular_art naive_art primitive_art
8 pointillism2
8 postmodernism
8 primitivism2
8 synthetism
7 graphic_art
8 graphics2
9 computer_graphics
10 clip_art
8 painting picture2
9 abstraction4
9 cityscape2
9 daub3
9 distemper4
9 finger-painting
9 icon3 ikon2
9 landscape2
9 miniature illumination5
9 monochrome
9 mural wall_painting
10 fresco
9 nude nude_painting
9 oil_painting
10 canvas2 canvass5
9 pentimento
9 sand_painting
9 seascape2 waterscape
9 semi-abstraction
9 still_life
9 tanka2
9 trompe_l'oeil
9 watercolor water-color3 watercolour3 water-colour3
10 gouache2
10 wash6 wash_drawing
8 print2
9 contact_print
9 copperplate2
9 engraving
10 dry_point
10 etching
11 aquatint
10 halftone
10 linecut line_engraving
10 steel_engraving
10 woodcut wood_engraving
9 gravure3 photogravure2 heliogravure
9 linocut
9 lithograph
10 photolithograph
9 mezzotint
9 monotype2
9 overprint surprint
9 silkscreen silk_screen_print serigraph
8 scene8 view8
7 grotesque
7 kitsch
7 mosaic
7 plastic_art
8 sculpture
9 bronze2
9 bust3
9 carving
10 cinquefoil2
10 glyptic_art glyptography
11 anaglyph2
12 cameo
11 glyph
11 glyptics lithoglyptics
11 intaglio2 diaglyph
10 scrimshaw
10 vermiculation2
10 woodcarving
9 marble3
9 mobile3
9 mold8 mould7 molding4 moulding3 modeling clay_sculpture
9 relief9 relievo rilievo embossment2 sculptural_relief
10 alto_relievo alto_rilievo high_relief
10 bas_relief low_relief basso_relievo basso_rilievo
10 mezzo-relievo mezzo-rilievo half-relief
9 stabile
9 statue
10 herm
10 nude4 nude_sculpture nude_statue
10 sphinx3
10 terminus3 terminal_figure term7
7 triptych
7 work_of_art
8 magnum_opus
8 objet_d'art art_object piece9
9 virtu3
8 pastiche2
8 period_piece
8 warhorse
6 classic
6 composition9
7 paste-up
8 collage montage
9 photomontage
6 improvisation
6 invention2 innovation
6 master6 master_copy original
6 needlework needlecraft
7 crochet crocheting
7 embroidery2 fancywork
8 candlewick2
8 crewelwork
8 cross-stitch2
8 cutwork
8 drawnwork
8 fagoting faggoting
8 hemstitch2
8 needlepoint2 needlepoint_embroidery
9 gros_point2
9 petit_point2
8 sampler4
8 smocking
7 knit3 knitting knitwork
7 sewing2 stitchery
8 applique
8 binding2
8 gather gathering4
8 mend patch7 darn2
8 patchwork3
8 stitch
9 crochet_stitch
10 chain_stitch
10 double_crochet double_stitch
10 shell_stitch
10 single_crochet single_stitch
9 knitting_stitch
10 garter_stitch
10 knit2 knit_stitch plain2 plain_stitch
10 purl2 purl_stitch
10 stockinette_stitch
9 sewing_stitch embroidery_stitch
10 backstitch
10 bargello flame_stitch
10 baste basting basting_stitch tacking
10 blanket_stitch
10 buttonhole_stitch
10 chain_stitch2
11 lazy_daisy_stitch
10 cross-stitch
11 half_cross_stitch
10 fagot_stitch faggot_stitch
10 gros_point
10 hemming-stitch
10 hemstitch hemstitching
10 machine_stitch sewing-machine_stitch
11 lockstitch
10 overhand_stitch
10 petit_point tent_stitch
10 picot
10 quilting
10 running_stitch
10 saddle_stitch
10 satin_stitch
10 slip_stitch
10 tailor's_tack
10 whipstitch whipping3 whipstitching
11 overcast3 overcasting
7 tatting
6 product2 production3
7 book2 volume3
8 album2
9 autograph_album
9 phonograph_album record_album2
9 photograph_album
9 scrapbook
9 stamp_album
8 coffee-table_book
8 folio3
8 hardback hardcover
8 journal4
9 daybook2 ledger2
9 diary2
8 novel2
8 order_book2
8 paperback_book paper-back_book paperback softback_book softback soft-cover_book soft-cover
9 pocketbook3 pocket_book pocket_edition
8 picture_book
9 coloring_book
8 sketchbook sketch_block sketch_pad
7 book9
7 by-product2 byproduct2 spin-off
7 deliverable
7 end_product output
8 crop4
8 oeuvre work7 body_of_work
8 turning5
7 inspiration2 brainchild
7 job4
7 magazine2
7 newspaper3 paper7
7 output5 outturn turnout4
8 throughput
7 turnery2
7 work2 piece_of_work
8 follow-up followup
8 handicraft handcraft handiwork handwork
8 ironwork
8 lacework
8 lacquerware
9 japan3
8 leatherwork
8 masterpiece chef-d'oeuvre
8 metalwork
8 openwork
8 polychrome
8 silverwork
8 wicker2 wickerwork caning
8 woodwork
9 cabinetwork
9 joinery
9 millwork
8 work_in_progress
8 workpiece
7 yield3 fruit2
6 remake remaking
6 representation2
7 adumbration2
7 audiogram
7 copy2
8 anamorphosis2 anamorphism3
8 carbon3 carbon_copy
8 cast6 casting
9 death_mask
9 engine_block cylinder_block block9
9 life_mask
8 duplicate2 duplication
9 backup4 computer_backup
9 counterpart2 similitude2 twin4
9 match4 mate5
8 facsimile autotype2
8 imitation2
9 fake sham postiche2
10 fake_book
9 counterfeit forgery
8 knockoff clone3
8 miniature2 toy4
8 modification2
8 print5
8 quadruplicate
8 replica replication6 reproduction3
9 toy2
8 triplicate
8 xerox xerox_copy
7 cosmography2
7 creche2
7 cutaway cutaway_drawing cutaway_model
7 display3 presentation5
8 float4
8 spectacle2
9 bullfight corrida
10 novillada
9 naumachy naumachia
7 document2
7 drawing2
8 charcoal4
8 delineation2 depiction3 limning line_drawing
9 animalization
8 diagram
9 block_diagram
9 horoscope2
9 schematic schematic_drawing
10 wiring_diagram
9 zodiac2
8 mechanical_drawing
9 horizontal_section
9 vertical_section
8 pen-and-ink
8 plan3 architectural_plan
9 elevation7
9 floor_plan
10 ground_plan
8 rendering6
8 scribble2 scrabble doodle
8 silhouette2
8 silverpoint
8 sketch study7
9 design6
9 draft3 rough_drawing
9 vignette3
8 stick_figure
8 tracing2 trace4
7 ecce_homo
7 effigy image9 simulacrum2
8 idol graven_image god4
9 golden_calf
9 joss
8 scarecrow straw_man3 strawman3 bird-scarer scarer
8 waxwork2 wax_figure
7 illustration4
8 plate3
9 fashion_plate2
7 map
8 chart2
9 naval_chart navigational_chart pilot_chart
8 choropleth_map
8 contour_map relief_map
8 plat
8 road_map2
8 sketch_map
8 weather_map weather_chart
9 wind_rose
7 model4 simulation3
8 figure4
9 dummy3
10 lay_figure
10 mannequin2 manikin3 mannikin3 manakin2 form9
10 ventriloquist's_dummy
9 figurehead2
9 figurine statuette
9 puppet marionette
9 snowman
8 mock-up
8 planetarium3
9 orrery
8 restoration6
8 roughcast2
7 nomogram nomograph
7 objectification2
7 photograph photo exposure7 picture9 pic2
8 beefcake
8 black_and_white2 monochrome2
8 blueprint2
8 cheesecake2
8 closeup
8 daguerreotype
8 enlargement4 blowup3 magnification4
8 frame2
8 glossy2
8 headshot
8 hologram holograph2
8 longshot
8 microdot
8 mosaic6 arial_mosaic photomosaic
8 mug_shot mugshot
8 photocopy
9 photostat
8 stock_photograph stock_image
8 photographic_print print7
9 cutout2
10 standee2
9 proof5
8 photomicrograph
8 radiogram2 radiograph shadowgraph skiagraph skiagram
9 autoradiograph
9 roentgenogram
10 angiocardiogram
10 angiogram
11 lymphangiogram
10 arteriogram
10 arthrogram
10 encephalogram2 pneumoencephalogram
10 hysterosalpingogram
10 mammogram
10 myelogram
10 pyelogram
11 intravenous_pyelogram
10 venogram phlebogram
8 snapshot snap9 shot9
8 spectrogram spectrograph2
9 visible_speech2
8 stereo2 stereoscopic_picture stereoscopic_photograph
9 anaglyph
8 still
8 telephotograph2 telephoto
8 telephotograph
9 radiophotograph radiophoto
8 time_exposure
8 vignette2
8 wedding_picture
7 picture image3 icon2 ikon
8 bitmap electronic_image
8 chiaroscuro
9 grisaille
8 foil4 transparency3
9 slide6 lantern_slide
9 viewgraph overhead4
8 graphic computer_graphic
8 iconography
8 inset
8 likeness2 semblance3
9 portrait2 portrayal4
10 half-length
10 self-portrait
8 panorama2 cyclorama diorama
8 reflection5 reflexion7
8 scan2
8 sonogram echogram
7 pieta
7 projection8
8 map_projection
9 conformal_projection orthomorphic_projection
9 conic_projection conical_projection
10 polyconic_projection
9 equal-area_projection equal-area_map_projection
10 homolosine_projection
10 sinusoidal_projection
7 rubbing2
7 shade8
7 stage_set set4
8 scenery scene9
9 backdrop background8 backcloth
9 flat6
10 coulisse wing_flat
10 tormenter2 tormentor2 teaser6
9 masking_piece masking3
9 set_piece
5 decker2
5 decoration ornament ornamentation2
6 adornment
7 band4 banding2 stripe
8 cigar_band
8 hatband
8 neckband
8 pinstripe3
7 bangle2 bauble2 gaud gewgaw novelty4 fallal trinket
7 beauty_spot
7 boutonniere
7 circlet2
7 cordon3
7 epaulet epaulette
8 shoulder_board shoulder_mark
7 fob2
7 frill3 flounce ruffle furbelow
8 goffer3 gauffer2
8 jabot
8 peplum
7 frog3
7 frontlet frontal
7 jewelry jewellery
8 bead
9 bugle3
8 bijou
8 bling bling_bling
8 bracelet2 bangle
9 anklet3 ankle_bracelet
9 armilla2
8 clip4
8 cufflink
8 earring
9 pendant_earring drop_earring eardrop
8 jewel gem5 precious_stone
9 crown_jewel2
9 solitaire
8 necklace
9 chain9 string9 strand3
9 chain9
9 choker3 collar7 dog_collar3 neckband3
8 pin
9 brooch broach breastpin
10 sunburst3
9 scatter_pin
9 stickpin
9 tie_tack tiepin scarfpin
8 ring8 band9
9 engagement_ring
9 mourning_ring
9 ringlet3
9 signet_ring seal_ring
9 wedding_ring wedding_band
8 tie_clip
7 pectoral2 pectoral_medallion
7 pendant pendent
8 lavaliere lavalier lavalliere
7 plume2
8 aigrette aigret
8 panache2
7 pompon pom-pom
7 rosette
7 sequin spangle diamante
7 tassel
8 sword_knot
7 trimming2 trim2 passementerie
8 braid2 gold_braid braiding
9 aglet2 aiglet2 aiguilette
9 soutache
8 miniver
8 rickrack ricrac
7 war_paint
6 arabesque2
6 architectural_ornament
7 antefix
7 crocket
7 dogtooth3
7 foliation3 foliage2
7 fret3 key_pattern
7 frieze
7 guilloche
7 trefoil3
6 beading beadwork
6 bow8
6 brass5
6 centerpiece2 centrepiece2
7 epergne
6 cockade
6 design4 pattern3 figure9
7 argyle2 argyll2
7 bear_claw2
7 damascene2
7 decal decalcomania
7 device4
8 seal2 stamp9
9 bulla2
9 cachet3
9 great_seal
9 handstamp rubber_stamp
9 signet
7 emblem
8 colophon
8 colors2 colours
8 crest4
8 crucifix rood rood-tree
8 device5
9 union9
8 flag
9 banner streamer4
9 battle_flag
9 black_flag pirate_flag blackjack3
9 colors colours2
10 ensign3
9 fanion
9 jack8
9 pennant3 pennon streamer3 waft
10 pennoncel penoncel pennoncelle
9 standard6 banner3
10 oriflamme2
9 tricolor tricolour
9 white_flag flag_of_truce
9 yellow_jack2
8 heraldry2
9 charge9 bearing5 heraldic_bearing armorial_bearing
10 roundel3
10 annulet
10 chevron2
10 fleur-de-lis2 fleur-de-lys
10 ordinary5
11 bend6 bend_dexter
11 fesse fess
9 coat_of_arms arms2 blazon blazonry
10 quartering
8 papal_cross
8 patriarchal_cross
8 skull_and_crossbones
8 saltire
8 tau_cross
8 totem2
7 herringbone2 herringbone_pattern
7 linocut2
7 mandala
7 mihrab
7 motif motive3
7 polka_dot
7 pyrograph
7 screen_saver
7 sunburst2
7 tattoo2
7 tetraskelion tetraskele
7 triskelion triskele
7 weave
8 check9
9 houndstooth_check hound's-tooth_check dogstooth_check dogs-tooth_check dog's-tooth_check
8 open_weave
8 plain_weave taffeta_weave
8 satin_weave
8 twill twill_weave
7 plaque
8 amyloid_plaque amyloid_protein_plaque
8 arterial_plaque
8 dental_plaque bacterial_plaque
7 macule macula3
8 freckle lentigo
8 liver_spot
8 plague_spot
6 embellishment2
7 boulle boule buhl
7 cuspidation
7 festoon2
7 filigree filagree fillagree
6 finial
6 folderal falderol frill4 gimcrackery gimcrack nonsense2 trumpery2
6 gargoyle2
6 garnish2
6 graffito graffiti
6 hanging wall_hanging
7 dossal dossel
7 lambrequin2
7 tapestry3 arras
6 hood_ornament
6 incrustation3 encrustation3
6 inlay2
7 marquetry marqueterie
7 parquetry parqueterie
6 interior_decoration decor
6 knob4 pommel3
6 lunula2
6 molding2 moulding
7 annulet2 bandelet bandelette bandlet square_and_rabbet
7 architrave
7 baseboard mopboard skirting_board
7 beading2 bead3 beadwork2 astragal2
8 quirk_bead bead_and_quirk
7 cavetto
7 conge congee2
7 cornice2
7 cyma cymatium
8 cyma_recta
8 ogee cyma_reversa
7 egg-and-dart egg-and-anchor egg-and-tongue
7 gorgerin necking
7 ovolo thumb3 quarter_round
8 echinus
7 quirk_molding quirk_moulding
7 rib6
7 subbase
7 surbase
7 torus2 tore
6 nailhead
6 necklet
6 rosemaling
6 set_decoration
6 sgraffito
6 spiral4 volute
6 sprig2
6 stud2 rivet
6 tail_fin2 tailfin2 fin2
6 tinsel
6 tracery
7 fan_tracery
6 wind_chime wind_bell
6 garnish
7 topping
8 frosting icing2 ice4
8 glaze
8 meringue
8 whipped_cream
8 streusel2
5 electroplate
5 excavation3
6 bore4 bore-hole drill_hole
7 shot_hole
6 delf
6 diggings digs
6 ditch
7 drainage_ditch
7 irrigation_ditch
7 sunk_fence ha-ha2 haw-haw2
7 trench
8 approach_trench communication_trench
8 fire_trench
8 moat fosse
8 slit_trench
7 trench3
8 furrow
9 cut3 gash2
6 mine
7 coal_mine coalpit
7 copper_mine
7 goldmine2 gold_mine2
7 salt_mine
7 silver_mine
7 strip_mine
7 sulphur_mine sulfur_mine
6 mineshaft
6 pit9 quarry2 stone_pit
7 chalkpit chalk_pit
7 gravel_pit
6 pool
7 swimming_pool swimming_bath natatorium
7 wading_pool
7 water_jump
6 root_cellar cellar2
6 well
7 artesian_well
7 driven_well tube_well
7 gas_well
7 oil_well oiler2
8 gusher
8 spouter2
8 stripper_well stripper4
8 wildcat_well wildcat
7 sump2
6 working workings2
5 extra3 duplicate
5 fabric cloth material3 textile
6 aba2
6 acrylic4
6 alpaca2
6 baize
6 basket_weave
6 batik
6 batiste
6 belting
6 bombazine
6 boucle
6 broadcloth2
6 broadcloth
6 brocade
6 buckram
6 bunting
6 calico
6 cambric
6 camel's_hair camelhair
6 camlet2
6 camouflage2 camo
6 canopy2
6 canvas canvass7
7 tarpaulin tarp
6 cashmere
6 cerecloth
6 challis
6 chambray
6 chenille2
6 chiffon
6 chino
6 chintz
6 coating3
7 chinchilla2
6 cobweb
6 cord4 corduroy
7 narrow_wale
7 wide_wale
6 cotton2
7 gauze gauze_bandage
8 petrolatum_gauze
6 cotton_flannel
6 crepe3 crape2
7 marocain crepe_marocain
6 cretonne
6 crinoline3
6 damask2
6 denim2 dungaree jean
6 diamante2
6 diaper2
6 dimity
6 doeskin2
6 drapery2
6 duck4
6 duffel2 duffle2
6 elastic2
6 etamine etamin
6 faille
6 felt
6 fiber5 fibre4 vulcanized_fiber
6 flannel
6 flannelette
7 winceyette
6 fleece3
6 foulard
6 frieze2
6 fustian2
6 gabardine
6 georgette
6 gingham
6 grogram
6 grosgrain
6 haircloth hair5
6 herringbone
6 homespun
7 russet
6 hopsacking hopsack
6 horsehair2
6 jaconet
6 jacquard2
6 khadi khaddar
6 khaki
6 knit
7 balbriggan
7 double_knit
7 jersey4
7 stockinet stockinette
7 tricot
6 lace2
7 filet3
7 macrame
7 pillow_lace bobbin_lace
7 point_lace needlepoint
6 lame2
6 leatherette imitation_leather
6 linen
6 linsey-woolsey
6 lint2
6 lisle
6 mackinaw4
6 mackintosh macintosh
6 madras3
6 marseille2
6 metallic
6 mohair
6 moire watered-silk
6 moleskin
6 monk's_cloth
6 moquette
6 moreen
6 motley3
6 mousseline_de_sole
6 muslin
7 nainsook
7 organdy organdie
6 nankeen
6 net6 network3 mesh4 meshing2 meshwork
7 chicken_wire
7 gauze2 netting veiling
8 cheesecloth
8 gossamer
7 hairnet
7 reseau
7 safety_net2
7 save-all3
7 snood
7 spark_arrester2 sparker
7 tulle
7 wirework grillwork
6 ninon
6 nylon2
6 oilcloth
6 olive_drab3
6 organza
6 paisley
6 panting2 trousering
6 pepper-and-salt
6 percale
6 permanent_press durable_press
6 pilot_cloth
6 pinstripe2
6 pique
6 plush
6 polyester3
6 pongee
6 poplin
6 print6
6 quilting2
6 rayon
7 acetate_rayon acetate2
7 viscose_rayon viscose2
6 rep2 repp
6 sackcloth2
6 sacking bagging
7 burlap gunny
6 sailcloth
6 samite
6 sateen
6 satin
6 satinet satinette
6 screening2
6 scrim
6 seersucker
6 serge
6 shag3
6 shantung
6 sharkskin
6 sheeting
6 shirting
6 shirttail2
6 silesia2
6 silk
7 sarcenet sarsenet
6 spandex
6 sponge_cloth
6 stammel
6 suede_cloth suede2
6 suiting
6 swan's_down
6 taffeta
6 tammy
6 tapa2 tappa2
6 tapestry2 tapis
6 tartan plaid
6 terry2 terry_cloth terrycloth
6 ticking2
6 toweling towelling
7 huck huckaback
6 tweed
6 twill2
6 upholstery_material
6 velour velours
6 velvet
6 velveteen
6 vicuna2
6 voile
6 wash-and-wear
6 waterproof
6 web6
6 webbing3
6 whipcord2
6 wincey
6 wire_cloth
6 wool woolen woollen
6 worsted
6 yoke
7 tucker4
6 pina_cloth
5 facility installation2
6 airfield landing_field flying_field field9
7 airport airdrome aerodrome drome
8 heliport
7 airstrip flight_strip landing_strip strip3
8 flare_path
7 auxiliary_airfield
6 arboretum botanical_garden
6 athletic_facility
7 field_house2
7 gymnasium2 gym
6 backroom
6 cafeteria_facility
6 communication_system2 communication_equipment
7 fiber-optic_transmission_system fibre-optic_transmission_system
7 network2
6 course9
7 golf_course links_course
8 links golf_links
7 racetrack racecourse raceway2 track4
8 cinder_track
8 dirt_track
8 racing_circuit circuit6
8 speedway2
8 velodrome
6 depository deposit8 depositary repository
7 archive
8 chancery2
7 bank9 bank_building
7 drop8
8 maildrop
9 postbox mailbox2 letter_box2
10 pillar_box
7 library3 depository_library
8 athenaeum2 atheneum2
8 lending_library circulating_library
7 lost-and-found
7 museum
8 science_museum
7 repertory
7 sperm_bank
7 storehouse depot2 entrepot2 storage2 store4
8 dump4
8 granary garner
8 magazine5 powder_store powder_magazine
8 railhead
8 treasure_house
8 warehouse storage_warehouse
9 godown
7 treasury6
6 drive-in
6 forum2 assembly3 meeting_place
6 gas_system
6 menagerie2 zoo zoological_garden
6 military_installation
7 arsenal2 armory3 armoury3
7 base base_of_operations
8 air_base air_station
8 army_base
8 firebase
8 navy_base
8 rocket_base
7 emplacement
8 gun_emplacement weapons_emplacement
9 nest2
9 pillbox3
7 headquarters2 military_headquarters
8 command_post general_headquarters
8 guardhouse
7 military_post post2
8 garrison fort
8 outpost3
7 naval_installation shore_station
7 silo2
6 power_system power_grid grid2
6 range5
7 practice_range
8 firing_range target_range
9 rocket_range
9 shooting_gallery2 shooting_range
8 golf_range driving_range
7 rifle_range2
7 test_range
6 recreational_facility recreation_facility
7 lido
6 sewage_system sewer_system sewage_works
6 source4
7 goldmine gold_mine
6 station
7 broadcasting_station broadcast_station
8 radio_station
9 radio_beacon2 beacon2
8 television_station
9 channel7 television_channel
7 fire_station firehouse
7 first-aid_station
8 dressing_station aid_station
7 observation_station
8 sampling_station sampler
7 police_station police_headquarters station_house
7 power_station power_plant powerhouse3
8 wind_farm wind_park wind_energy_facility
7 service_station
8 gasoline_station gas_station filling_station petrol_station
8 truck_stop
7 substation
7 terminal terminus5 depot
8 air_terminal airport_terminal
8 bus_terminal bus_depot bus_station coach_station
8 cathode2
8 railway_station railroad_station railroad_terminal train_station train_depot
9 whistle_stop flag_stop way_station2
8 subway_station
6 transportation_system transportation transit2
7 air_transportation_system
8 hub-and-spoke hub-and-spoke_system
7 highway_system
7 public_transit
8 rapid_transit mass_rapid_transit
7 short_line
7 telpherage telferage
6 utility6
7 electrical_system electrical_plant
7 heating_system heating_plant heating2 heat7
8 central_heating
8 gas_heat
8 panel_heating
8 steam_heat steam_heating
7 plumbing plumbing_system
6 water_system2 water_supply water4
5 fixture
6 bathroom_fixture
6 lighting_fixture
7 chandelier pendant2 pendent2
7 fluorescent fluorescent_fixture
7 indirect_lighting
6 plumbing_fixture
7 fountain4 fount2
7 shower
7 sink
8 kitchen_sink
8 washbasin basin5 washbowl washstand2 lavatory2
7 toilet2 can5 commode crapper pot2 potty stool4 throne2
8 flushless_toilet
8 flush_toilet lavatory3
8 potty_seat potty_chair
7 urinal
6 soap_dish
5 float6
6 bob5 bobber cork5 bobfloat
6 chip2
6 life_preserver preserver4 flotation_device
7 life_buoy lifesaver2 life_belt2 life_ring
8 breeches_buoy
7 life_jacket life_vest cork_jacket
8 air_jacket
7 water_wings
6 pontoon2
6 raft
7 balsa_raft
7 life_raft
5 insert2 inset2
6 dickey2 dickie2 dicky2 shirtfront2
5 instrumentality3 instrumentation
6 ceramic
7 brick
8 adobe2 adobe_brick
8 clinker2 clinker_brick
8 firebrick
8 header3 coping cope
8 mud_brick
6 connection3 connexion4 connector connecter connective2
7 attachment4 bond6
8 ligament2
9 binder4 ligature5
9 chain3
10 anchor_chain anchor_rope
10 bicycle_chain
10 chatelaine2
10 fob3 watch_chain watch_guard
10 paper_chain
10 pull_chain
10 tire_chain snow_chain
9 wire
10 baling_wire
10 barbed_wire barbwire
11 concertina
10 haywire
10 piano_wire
10 trip_wire2
7 backbone5
7 ground9 earth7
7 hitch4
7 hookup
7 jumper5
8 jumper_cable jumper_lead lead9 booster_cable
9 clip_lead
7 junction4 conjunction6
8 contact7 tangency2
9 distributor_point breaker_point point9
9 electrical_contact
9 p-n_junction
9 short_circuit short2
9 sound_bow
9 terminal2 pole8
10 anode2
10 negative_pole
10 positive_pole
9 tread3
9 wiper2 wiper_arm contact_arm
8 joint5
9 ball-and-socket_joint2
9 butt_joint butt7
10 butt_weld butt-weld
10 fish_joint
9 hinge flexible_joint
10 butt_hinge
10 strap_hinge joint_hinge
10 tee_hinge
9 knuckle_joint2 hinge_joint2
9 lap_joint splice2
9 miter_joint mitre_joint miter mitre
9 mortise_joint2 mortise-and-tenon_joint
10 dovetail dovetail_joint
10 tongue_and_groove_joint
9 rabbet_joint
9 scarf_joint scarf2
9 seam
10 fell2 felled_seam
10 suture2 surgical_seam
10 welt2
9 toggle_joint
9 weld3
10 spot_weld spot-weld
8 junction_barrier barrier_strip
8 splice splicing
8 thermojunction
7 slip_ring
7 telephone_line2 phone_line telephone_circuit subscriber_line line9
8 digital_subscriber_line
8 hot_line
8 land_line landline
8 party_line2
8 private_line
8 toll_line
8 trunk_line2
7 temporary_hookup patch6
7 yoke6 coupling
6 container
7 bag
8 air_bag
8 backpack back_pack knapsack packsack rucksack haversack
9 kitbag kit_bag
8 beanbag
8 bladder2
8 body_bag personnel_pouch human_remains_pouch
8 book_bag
8 burn_bag
8 carryall holdall tote tote_bag
8 drawstring_bag
9 duffel_bag duffle_bag duffel duffle
9 moneybag
9 seabag
8 dust_bag vacuum_bag
8 envelope6 gasbag2
8 gamebag
8 golf_bag
8 gunnysack gunny_sack burlap_bag
8 ice_pack ice_bag
8 mailbag2 postbag
8 nosebag feedbag
8 pannier
8 plastic_bag
9 bin_liner
8 pouch
9 mailbag mail_pouch
10 diplomatic_pouch
9 pocket
10 breast_pocket
10 hip_pocket
10 patch_pocket
10 slash_pocket
10 vest_pocket
11 fob watch_pocket
9 sporran
9 tobacco_pouch
9 waist_pack belt_bag
10 fanny_pack butt_pack
8 purse3
8 ragbag2
8 rosin_bag
8 sachet
8 sack poke3 paper_bag carrier_bag
9 doggie_bag doggy_bag
9 grocery_bag
8 saddlebag
8 sandbag
8 schoolbag
8 shopping_bag
8 sick_bag sickbag
8 skin8
9 waterskin water_skin
9 wineskin
8 sleeping_bag
8 sweat_bag
8 tea_bag2
8 toilet_bag sponge_bag
8 tool_bag
8 tucker-bag
7 bag4 handbag pocketbook4 purse
8 clutch_bag clutch5
8 etui
8 evening_bag
8 reticule
8 shoulder_bag
7 basket handbasket
8 breadbasket3
8 bushel_basket
8 creel
8 frail2
8 hamper2
9 clothes_hamper laundry_basket clothes_basket voider4
9 food_hamper
8 punnet
8 shopping_basket
8 skep
8 wicker_basket
9 pannier2
7 bin
8 ashcan trash_can garbage_can wastebin ash_bin ash-bin ashbin dustbin trash_barrel trash_bin
8 coalbin coalhole
8 crib3
9 corncrib
8 flour_bin
8 litterbin litter_basket litter-basket
8 parts_bin
8 recycling_bin
9 bottle_bank
7 bowl8 pipe_bowl
7 box
8 ballot_box
8 bandbox
8 carton2
9 six-pack six_pack sixpack
8 casket2 jewel_casket
8 cereal_box
8 chest2
9 caisson3 ammunition_chest
9 cedar_chest
9 coffer2
9 hope_chest wedding_chest
9 pyx pix pyx_chest pix_chest
9 sea_chest
9 tea_chest
9 toolbox tool_chest tool_cabinet tool_case
9 toy_box toy_chest
9 treasure_chest
8 cigar_box
8 coffin casket
9 bier
9 sarcophagus
8 crate
9 packing_box2 packing_case
9 soapbox
8 flat2
8 hod
8 mailbox letter_box3
8 matchbox
8 paintbox
8 pencil_box pencil_case
8 playbox play-box
8 poor_box alms_box mite_box
8 pyxis3
8 shadow_box
8 shoebox2
8 snuffbox
8 strongbox deedbox
9 cashbox money_box2 till3
10 cash_register register7
9 safe
9 safe-deposit safe-deposit_box safety-deposit safety_deposit_box deposit_box lockbox
8 tinderbox2
8 tuck_box
8 window_box
7 bread-bin breadbox
7 bunker2
7 can tin4 tin_can2
8 beer_can
8 caddy tea_caddy
8 cannikin2
8 coffee_can
8 milk_can
8 oilcan
8 soda_can
7 canister2 cannister tin3
7 capsule
8 paintball
7 cargo_container
7 case5
8 baggage luggage
9 bag6 traveling_bag travelling_bag grip3 suitcase
10 carpetbag
10 garment_bag
10 gripsack
10 overnighter2 overnight_bag overnight_case
11 valise
10 portmanteau2
10 weekender2
9 dressing_case
9 hand_luggage
9 hatbox
9 imperial2
9 satchel
9 trunk2
10 footlocker locker3
8 briefcase
9 attache_case attache2
8 cardcase
8 cigarette_case
8 compact powder_compact
8 dispatch_case dispatch_box
8 glasses_case
8 gun_case
8 kit
9 ditty_bag
9 toilet_kit travel_kit
8 letter_case
8 locket
8 pillbox2
8 portfolio
8 quiver3
8 shoe2
8 sleeve2
9 record_sleeve record_cover
8 wallet billfold notecase pocketbook2
8 watch_case
8 writing_desk
7 case9 display_case showcase2 vitrine
8 trophy_case
7 cassette
8 audiocassette
8 videocassette
7 cylinder4
7 dice_cup dice_box
7 dispenser
8 aerosol2 aerosol_container aerosol_can aerosol_bomb2 spray_can
9 pepper_spray
8 atomizer atomiser spray4 sprayer2 nebulizer nebuliser
9 airbrush
8 inhaler inhalator2
8 roll-on
8 slinger_ring
8 soap_dispenser
7 drawer
7 empty
7 envelope
8 window_envelope
7 glass2 drinking_glass
8 beer_glass
8 bumper
8 goblet
8 highball_glass
8 liqueur_glass
8 parfait_glass
8 rummer
8 schooner
8 seidel
8 shot_glass jigger pony4
8 snifter brandy_snifter brandy_glass
8 tumbler2
8 water_glass2
8 wineglass
9 flute2 flute_glass champagne_flute
7 grab_bag2
7 magnetic_bottle
7 mailer4
8 airmailer
7 manger trough6
8 bunk feed_bunk
7 measure9
8 measuring_cup
7 mold2 mould8 cast2
8 form9
8 matrix6
8 pig_bed pig5
8 sandbox
7 package2 parcel
8 bundle2 sheaf
9 bale
10 hay_bale
9 fagot2 faggot2
9 pack9
9 swag3
8 pack3
8 packet3
9 deck2
10 dime_bag dime2
7 pan3
8 bain-marie
8 dishpan
8 drip_pan2
8 pannikin
8 warming_pan
7 pod4 fuel_pod
7 pot4 flowerpot
8 planter3
7 powder_horn powder_flask
7 receptacle
8 ash-pan
8 ashtray
8 beehive4 hive2
9 skep2
8 case9 compositor's_case typesetter's_case
8 cat_box
8 chamberpot potty2 thunder_mug
8 coin_box
8 dustpan2
8 garbage3
8 hopper
8 hot-water_bottle hot-water_bag
8 in-basket in-tray
8 ossuary
8 out-basket out-tray
8 plate9 collection_plate
8 pyx2 pix2
8 save-all
8 silent_butler
8 socket2
8 spittoon cuspidor
8 tidy
8 tray
9 alms_dish alms_tray
9 cafeteria_tray
9 cheeseboard cheese_tray
9 icetray
9 inkstand2
9 salver
9 tea_tray
9 turntable2
8 trough5
9 rocker5 cradle4
7 reliquary
7 saltcellar
7 savings_bank2 coin_bank money_box bank8
8 piggy_bank penny_bank
7 scuttle coal_scuttle
7 shaker3
8 caster2 castor2
8 cocktail_shaker
8 pepper_shaker pepper_box pepper_pot2
8 saltshaker salt_shaker
7 storage_ring
7 time_capsule
7 vessel3
8 autoclave sterilizer steriliser
9 digester
9 pressure_cooker
8 barrel2 cask2
9 beer_barrel beer_keg
9 butt8
10 water_butt
9 hogshead2
9 keg2
10 firkin2
10 powder_keg2
9 pickle_barrel
9 shook
9 tun
9 wine_cask wine_barrel
8 basin
9 aspersorium
9 baptismal_font baptistry baptistery font2
9 bidet
9 birdbath
9 emesis_basin
9 laver2
9 stoup2 stoop2
9 washbasin2 handbasin washbowl2 lavabo wash-hand_basin
8 bath
8 bathtub bathing_tub tub
9 footbath
9 hot_tub
9 sitz_bath hip_bath
8 bedpan
8 boiler steam_boiler
9 auxiliary_boiler donkey_boiler
8 bone-ash_cup cupel refractory_pot
8 bottle
9 beer_bottle
9 carafe decanter
9 carboy
9 catsup_bottle ketchup_bottle
9 cruet crewet
9 demijohn
9 flask
10 ampulla2
10 canteen
10 hipflask pocket_flask
10 round-bottom_flask
10 vacuum_flask vacuum_bottle
11 thermos thermos_bottle thermos_flask
9 gourd calabash4
9 ink_bottle inkpot
9 jug
10 bellarmine2 longbeard long-beard greybeard2
10 water_jug
10 whiskey_jug
9 phial vial ampule ampul ampoule
9 pill_bottle
9 pop_bottle soda_bottle
9 smelling_bottle
9 specimen_bottle
9 water_bottle
10 lota
9 whiskey_bottle
9 wine_bottle
10 bota
10 jeroboam2 double-magnum
10 magnum
10 nebuchadnezzar2
8 bottle3 feeding_bottle nursing_bottle
8 bowl
9 fishbowl2 fish_bowl2 goldfish_bowl2
9 jorum
9 mazer
9 toilet_bowl
8 bucket pail
9 cannikin
9 dinner_pail dinner_bucket
9 dredging_bucket
10 clamshell2 grapple2
9 kibble2
9 slop_pail slop_jar
9 wine_bucket wine_cooler
8 censer thurible
8 churn butter_churn
8 crucible melting_pot2
8 drinking_vessel
9 loving_cup
9 mug4
10 beer_mug stein
10 coffee_mug
10 toby toby_jug toby_fillpot_jug
9 stoup
9 tankard
8 drum4 metal_drum
8 eyecup eyebath eye_cup
8 flagon
8 jar
9 amphora
9 beaker
9 canopic_jar canopic_vase
9 cookie_jar cooky_jar
9 crock3 earthenware_jar
9 cruse
9 jampot jamjar
9 vase
10 urn
8 ladle
9 dipper
9 scoop6
9 soup_ladle
8 monstrance2 ostensorium
8 mortar3
8 muller9
8 pitcher2 ewer
9 cream_pitcher creamer
8 retort2
9 alembic
8 steeper
8 tank2 storage_tank
9 cistern2 water_tank
9 gas_holder gasometer2
9 gas_tank gasoline_tank petrol_tank
9 reservoir3
10 cistern3
11 cesspool cesspit sink4 sump3
11 rain_barrel
10 sump
10 water_tower
9 septic_tank
8 tin2
8 tub2 vat2
9 washtub
8 urceole
8 water_jacket
8 well2
9 inkwell inkstand
7 wastepaper_basket waste-paper_basket wastebasket waste_basket circular_file
7 watering_can watering_pot
7 workbasket workbox workbag
8 sewing_basket
6 conveyance3 transport
7 dolly2
7 dolly
7 horsebox
7 litter3
8 covered_couch
8 palanquin palankeen
8 sedan2 sedan_chair
9 jampan
8 stretcher3
9 gurney
7 mail3
7 public_transport
8 bus autobus coach5 charabanc double-decker jitney motorbus motorcoach omnibus2 passenger_vehicle
9 minibus
9 school_bus
9 trolleybus trolley_coach trackless_trolley
8 deadhead2
8 express2 limited
8 local
8 shuttle2
9 shuttle_bus
8 train railroad_train
9 boat_train
9 car_train
9 freight_train rattler2
10 freight_liner liner_train
9 hospital_train
9 mail_train
9 passenger_train
10 bullet_train bullet2
10 commuter commuter_train
9 streamliner
9 subway_train
7 roll-on_roll-off
7 shipping2 cargo_ships merchant_marine2 merchant_vessels
7 sidecar2
7 ski_tow ski_lift lift5
8 chairlift chair_lift
8 rope_tow
8 surface_lift
7 telpher telfer
7 trailer3
8 car_carrier
8 semitrailer semi3
7 tramway tram aerial_tramway cable_tramway ropeway
7 vehicle
8 bumper_car
8 craft2
9 aircraft
10 bogy bogie2 bogey3
10 cruise_missile
10 heavier-than-air_craft
11 airplane aeroplane plane
12 airliner
13 airbus
13 narrowbody_aircraft narrow-body_aircraft narrow-body
13 widebody_aircraft wide-body_aircraft wide-body twin-aisle_airplane
12 amphibian2 amphibious_aircraft
12 biplane
12 bomber
13 dive_bomber
13 stealth_bomber
12 delta_wing
12 fighter2 fighter_aircraft attack_aircraft
13 interceptor
13 kamikaze
13 stealth_fighter
12 hangar_queen
12 jet jet_plane jet-propelled_plane
13 fanjet fan-jet turbofan turbojet
13 jetliner
13 jumbojet jumbo_jet
13 twinjet
12 monoplane
12 multiengine_airplane multiengine_plane
12 propeller_plane
13 double-prop double-propeller_plane twin-prop twin-propeller-plane
13 propjet turboprop turbo-propeller_plane
13 single_prop single-propeller_plane
12 reconnaissance_plane
12 seaplane hydroplane
13 floatplane pontoon_plane
13 flying_boat
12 ski-plane
12 tanker_plane
11 autogiro autogyro gyroplane
11 drone4 pilotless_aircraft radio-controlled_aircraft
11 glider sailplane
12 hang_glider2
11 helicopter chopper3 whirlybird eggbeater
12 cargo_helicopter
12 shuttle_helicopter
12 single-rotor_helicopter
12 skyhook
11 orthopter ornithopter
11 warplane military_plane
10 lighter-than-air_craft
11 airship dirigible
12 barrage_balloon
13 kite_balloon
12 blimp2 sausage_balloon sausage2
11 balloon
12 hot-air_balloon
12 meteorological_balloon
13 pilot_balloon
12 trial_balloon2
10 stealth_aircraft
9 hovercraft ground-effect_machine
9 landing_craft
9 spacecraft ballistic_capsule space_vehicle
10 lander2
10 lunar_excursion_module lunar_module
10 space_capsule capsule6
10 space_shuttle
10 starship spaceship
9 vessel2 watercraft2
10 bareboat
10 boat
11 ark2
11 barge flatboat hoy lighter3
12 dredger
12 houseboat
12 pontoon
12 scow2
12 wherry
11 bumboat
11 canal_boat narrow_boat narrowboat
11 catamaran
11 ferry ferryboat
12 car-ferry
11 fireboat
11 gondola2
11 guard_boat
11 gunboat
11 junk2
11 longboat
11 lugger
11 mackinaw3
11 mailboat mail_boat packet4 packet_boat
11 motorboat powerboat
12 cabin_cruiser cruiser3 pleasure_boat pleasure_craft
12 launch
12 outboard_motorboat outboard
12 speedboat
13 hydrofoil2 hydroplane2
12 water_scooter sea_scooter scooter
11 pilot_boat
11 police_boat
11 punt2
11 river_boat
12 keelboat
11 scow
11 sea_boat
12 lifeboat
12 whaleboat
11 small_boat
12 canoe
13 birchbark_canoe birchbark birch_bark
13 dugout_canoe dugout2 pirogue
13 kayak
13 outrigger_canoe
12 cockleshell
12 coracle
12 dinghy dory rowboat
13 rowing_boat
13 wherry2
12 gig
12 racing_boat
13 racing_gig
13 shell7 racing_shell
14 racing_skiff single_shell
14 scull3
12 skiff
13 sampan
12 yawl
13 jolly_boat jolly2
11 steamboat
12 showboat
11 surfboat
11 tender5 ship's_boat pinnace cutter4
12 gig4
11 tugboat tug2 towboat tower3
10 fishing_boat fishing_smack fishing_vessel
11 trawler2 dragger2
10 galley2
11 trireme
10 galley
10 iceboat2 ice_yacht scooter4
10 patrol_boat patrol_ship
10 sailing_vessel sailing_ship
11 bark3 barque
11 brig
11 brigantine hermaphrodite_brig
11 clipper2 clipper_ship
11 cutter5
11 dhow
11 felucca
11 fore-and-after
11 galleon
12 carrack carack
11 ketch
11 rigger4
11 sailboat sailing_boat
12 catboat
12 sharpie4
12 trimaran
11 schooner2
12 sharpshooter3
11 sloop
12 knockabout
12 raceabout
11 smack3
11 square-rigger
11 windjammer
11 yawl2 dandy2
10 ship
11 abandoned_ship derelict2
11 blockade-runner
11 cargo_ship cargo_vessel
12 banana_boat
12 bottom7 freighter merchantman merchant_ship
12 cattleship cattle_boat
12 container_ship containership container_vessel
12 oil_tanker oiler3 tanker tank_ship
13 supertanker
11 flagship2
11 gas-turbine_ship
11 hospital_ship
11 hulk2
11 icebreaker iceboat
11 lightship
11 minelayer
11 minesweeper
11 nuclear-powered_ship
11 passenger_ship
12 liner4 ocean_liner
13 cabin_liner
13 cargo_liner
13 cruise_ship cruise_liner
13 luxury_liner express_luxury_liner
11 pirate3 pirate_ship
12 corsair2
11 school_ship training_ship
11 shipwreck
11 sister_ship
11 slave_ship
11 small_ship
11 steamer3 steamship
12 paddle_steamer paddle-wheeler
13 side-wheeler
13 sternwheeler
12 tramp_steamer tramp5
11 tender6 supply_ship
11 three-decker2
11 transport_ship
11 treasure_ship
11 troopship
11 warship war_vessel combat_ship
12 aircraft_carrier carrier3 flattop2 attack_aircraft_carrier
12 battleship battlewagon
13 dreadnought dreadnaught
13 pocket_battleship
12 capital_ship
12 corvette
12 cruiser2
13 battle_cruiser
13 guided_missile_cruiser
12 destroyer guided_missile_destroyer
13 tin_can
13 torpedo-boat_destroyer
12 destroyer_escort
12 frigate2
13 guided_missile_frigate
12 frigate
12 guard_ship
12 ironclad
12 man-of-war ship_of_the_line
13 sailing_warship
12 privateer2
12 sloop_of_war
12 submersible2 submersible_warship
13 submarine pigboat sub2
14 attack_submarine
14 auxiliary_research_submarine
14 fleet_ballistic_missile_submarine
14 nautilus nuclear_submarine nuclear-powered_submarine
12 surface_ship
12 three-decker3
12 torpedo_boat
13 mosquito_boat mosquito_craft motor_torpedo_boat
11 whaler2 whaling_ship
12 factory_ship
11 wreck4
10 shrimper
10 weather_ship
10 yacht racing_yacht
8 military_vehicle
9 caisson2
9 personnel_carrier
9 picket4
10 picket_boat
10 picket_ship
9 reconnaissance_vehicle scout_car
9 tank army_tank armored_combat_vehicle armoured_combat_vehicle
10 panzer
9 troop_carrier troop_transport
9 weapons_carrier
8 rocket projectile2
9 missile
10 air-to-air_missile
10 air-to-ground_missile air-to-surface_missile
10 ballistic_missile
11 intercontinental_ballistic_missile
10 guided_missile
11 antiballistic_missile
11 buzz_bomb robot_bomb flying_bomb doodlebug2
11 space_probe
11 surface-to-air_missile
10 heat-seeking_missile
11 brilliant_pebble
10 sidewinder2
9 multistage_rocket step_rocket
9 test_rocket research_rocket test_instrument_vehicle
10 sounding_rocket
8 skibob
8 sled sledge sleigh
9 bobsled2 bobsleigh2 bob3
9 bobsled bobsleigh
9 dogsled dog_sled dog_sleigh
9 luge
9 pung
9 toboggan
8 steamroller2 road_roller
8 wheeled_vehicle
9 baby_buggy baby_carriage carriage5 perambulator pram stroller2 go-cart3 pushchair pusher5
10 bassinet2
9 bicycle bike2 wheel7 cycle6
10 bicycle-built-for-two tandem_bicycle tandem2
10 mountain_bike all-terrain_bike off-roader
10 ordinary4 ordinary_bicycle
10 push-bike
10 safety_bicycle safety_bike
10 velocipede
9 boneshaker
9 car2 railcar railway_car railroad_car
10 baggage_car luggage_van
10 cabin_car caboose2
10 club_car lounge_car
10 freight_car
11 boxcar
12 stockcar
11 cattle_car
11 coal_car
11 flatcar flatbed flat4
11 gondola_car gondola
11 refrigerator_car
11 tank_car tank4
10 guard's_van
10 handcar
10 mail_car
10 passenger_car coach3 carriage
11 dining_car diner2 dining_compartment buffet_car
11 nonsmoker2 nonsmoking_car
11 parlor_car parlour_car drawing-room_car palace_car chair_car
11 sleeping_car sleeper5 wagon-lit
11 smoker3 smoking_car smoking_carriage smoking_compartment
10 slip_coach slip_carriage
10 tender4
10 van3
9 handcart pushcart cart2 go-cart2
10 applecart2
10 barrow3 garden_cart lawn_cart wheelbarrow
10 hand_truck truck2
10 laundry_cart
10 serving_cart
11 pastry_cart
11 tea_cart teacart tea_trolley tea_wagon
10 shopping_cart
9 horse-drawn_vehicle
10 carriage2 equipage2 rig6
11 barouche
11 brougham
11 buckboard
11 buggy roadster2
11 cab2 cabriolet
11 caroche
11 chaise2 shay
11 chariot
11 clarence
11 coach4 four-in-hand2 coach-and-four
12 stagecoach stage5
11 droshky drosky
11 gharry
11 gig5
11 hackney hackney_carriage hackney_coach
12 four-wheeler
12 remise
11 hansom hansom_cab
11 landau2
11 post_chaise
11 stanhope
11 surrey2
11 trap7
11 troika
10 chariot2
10 limber
10 sulky
9 motor_scooter scooter3
9 rolling_stock
9 scooter2
9 self-propelled_vehicle
10 armored_vehicle armoured_vehicle
11 armored_car2 armoured_car2
11 armored_car armoured_car
11 armored_personnel_carrier armoured_personnel_carrier
11 assault_gun2
11 tank_destroyer
10 carrier2
10 forklift
10 locomotive engine3 locomotive_engine railway_locomotive
11 choo-choo
11 diesel_locomotive
12 diesel-electric_locomotive diesel-electric
12 diesel-hydraulic_locomotive diesel-hydraulic
11 dinky dinkey
11 electric_locomotive
11 iron_horse
11 pilot_engine
11 shunter
11 steam_locomotive
11 switch_engine donkey_engine
11 tank_engine tank_locomotive
11 traction_engine
10 motor_vehicle automotive_vehicle
11 amphibian amphibious_vehicle
12 swamp_buggy marsh_buggy
11 bloodmobile
11 car auto automobile machine6 motorcar
12 ambulance
13 funny_wagon
12 beach_wagon station_wagon wagon5 estate_car beach_waggon station_waggon waggon2
13 shooting_brake
12 bus4 jalopy heap3
12 cab3 hack5 taxi taxicab
13 gypsy_cab
13 minicab
12 compact3 compact_car
12 convertible
12 coupe
12 cruiser police_cruiser patrol_car police_car prowl_car squad_car
13 panda_car
12 electric electric_automobile electric_car
12 gas_guzzler
12 hardtop
12 hatchback
12 horseless_carriage
12 hot_rod hot-rod
12 jeep landrover
12 limousine limo
13 berlin3
12 loaner2
12 minicar
12 pace_car
12 racer2 race_car racing_car
13 finisher5
13 stock_car2
12 roadster runabout two-seater
12 sedan saloon3
13 brougham2
12 sports_car sport_car
12 sport_utility sport_utility_vehicle
12 stock_car
12 subcompact subcompact_car
12 touring_car phaeton tourer2
12 used-car secondhand_car
11 doodlebug
11 four-wheel_drive
11 go-kart
11 golfcart golf_cart
11 hearse
11 motorcycle bike
12 minibike motorbike
13 moped
12 trail_bike dirt_bike scrambler2
11 snowplow snowplough
11 truck motortruck
12 dump_truck dumper tipper_truck tipper_lorry tip_truck tipper2
12 fire_engine fire_truck
13 ladder_truck aerial_ladder_truck
12 garbage_truck dustcart
12 lorry2 camion
12 pickup pickup_truck
13 technical
12 sound_truck
12 tow_truck tow_car wrecker3
12 tractor2
12 trailer_truck tractor_trailer trucking_rig rig2 articulated_lorry semi2
13 tandem_trailer
12 transporter car_transporter
12 van5
13 bookmobile
13 delivery_truck delivery_van panel_truck
13 laundry_truck
13 milk_float
13 moving_van
14 pantechnicon
13 passenger_van
14 minivan
13 police_van police_wagon paddy_wagon patrol_wagon wagon2
10 recreational_vehicle
11 camper2 camping_bus motor_home
12 van4 caravan2
11 dune_buggy beach_buggy
10 streetcar tram3 tramcar2 trolley trolley_car
11 horsecar
10 tracked_vehicle
11 cat6
11 half_track
11 snowmobile
10 tractor
11 bulldozer dozer
12 angledozer
11 skidder3
9 trailer4 house_trailer
10 camper_trailer
10 mobile_home manufactured_home
9 tricycle trike velocipede2
10 pedicab cycle_rickshaw
9 unicycle monocycle
9 wagon waggon
10 bandwagon2
10 cart
11 dogcart
11 dumpcart
12 tumbrel tumbril
11 horse_cart horse-cart
12 dray camion2
11 jaunting_car jaunty_car
11 jinrikisha ricksha rickshaw
11 oxcart
11 pony_cart ponycart donkey_cart tub-cart
11 water_cart
12 watering_cart
10 chuck_wagon
10 covered_wagon prairie_wagon prairie_schooner
10 ice_wagon ice-wagon
10 lorry
10 milk_wagon milkwagon
10 tramcar tram2
10 wain3
10 water_wagon water_waggon
9 wagon4 coaster_wagon
9 welcome_wagon
6 device
7 acoustic_device
8 bell
9 church_bell
9 cowbell
9 death_knell2 death_bell
9 dinner_bell
9 electric_bell
10 telephone_bell
9 fire_bell
9 school_bell
9 sheep_bell
9 shop_bell
9 sleigh_bell cascabel
9 tocsin2 warning_bell
8 birdcall2
8 hearing_aid2 ear_trumpet
8 megaphone
8 mouthpiece2
8 mute2
9 sourdine sordino
8 silencer2 muffler
8 siren4
8 slapstick2
8 speaking_trumpet
8 whistle4
9 boat_whistle
9 factory_whistle
9 steam_whistle
7 adapter2 adaptor
7 afterburner
7 agglomerator
7 airfoil aerofoil control_surface surface6
8 aileron
8 elevator2
8 flap5 flaps
9 landing_flap
8 horizontal_stabilizer horizontal_stabiliser tailplane
8 rotor_blade rotary_wing
8 rudder
8 spoiler5
8 spoiler4
8 stabilizer2
9 horizontal_tail
9 vertical_stabilizer vertical_stabiliser vertical_fin tail_fin tailfin
8 vertical_tail
8 wing2
7 alarm2 warning_device alarm_system
8 automobile_horn car_horn motor_horn horn9 hooter2
8 burglar_alarm2
8 fire_alarm2 smoke_alarm
8 horn9
9 air_horn
9 foghorn2
10 diaphone
9 klaxon claxon
9 shofar shophar
7 appliance contraption contrivance convenience4 gadget gizmo2 gismo2 widget2
8 gadgetry
8 gimbal
8 injector
8 mod_con
7 applicator applier2
8 flux_applicator
8 spray_gun
7 aspergill aspersorium2
7 autopilot2 automatic_pilot2 robot_pilot
7 bait2 decoy2 lure3
8 chum2
8 fisherman's_lure fish_lure
9 fly5
10 dry_fly
10 streamer_fly
10 wet_fly
9 jig2
9 spinner3
9 troll3
8 ground_bait
8 stool_pigeon2
7 billiard_marker
7 bird_feeder birdfeeder feeder5
7 blower
8 bellows
8 hand_blower blow_dryer blow_drier hair_dryer hair_drier
7 bootjack
7 breathalyzer breathalyser
7 breathing_device breathing_apparatus breathing_machine ventilator2
8 aqualung scuba
8 oxygen_mask
8 respirator inhalator
9 iron_lung
8 resuscitator
8 snorkel
7 bubbler2
7 buffer6 fender4
7 catapult2 launcher2
7 charger2 battery_charger
7 clip-on
7 comb
8 currycomb
8 fine-tooth_comb fine-toothed_comb
8 pocketcomb pocket_comb
7 comforter4 pacifier3 baby's_dummy teething_ring
7 conductor4
8 busbar bus3
8 cable2 line9 transmission_line
9 coaxial_cable coax coax_cable
10 ethernet_cable
9 electrical_cable
9 fiber_optic_cable fibre_optic_cable
9 power_line power_cable
9 printer_cable
8 cord3 electric_cord
9 extension_cord
9 power_cord
8 electrode
9 anode
10 plate9
9 base9
9 cathode
10 cold_cathode
10 photocathode
9 collector4
9 electron_gun
9 emitter
9 grid4 control_grid
8 heat_sink
8 lightning_rod2 lightning_conductor
8 semiconductor_device semiconductor_unit semiconductor2
9 chip7 microchip micro_chip silicon_chip microprocessor_chip
10 biochip
10 gene_chip
10 memory_chip
11 read-only_memory_chip
10 microprocessor
9 diode2 semiconductor_diode junction_rectifier crystal_rectifier
10 light-emitting_diode
11 organic_light-emitting_diode
9 n-type_semiconductor
9 p-type_semiconductor
9 thermistor thermal_resistor
9 transistor junction_transistor electronic_transistor
10 field-effect_transistor
10 p-n-p_transistor
8 shunt2 electrical_shunt bypass3
8 waveguide wave_guide
8 wire2 conducting_wire
9 filament4
9 lead-in2
9 patchcord
9 telephone_wire telephone_line telegraph_wire telegraph_line
10 telephone_cord phone_cord
7 contraceptive preventive3 preventative3 contraceptive_device prophylactic_device birth_control_device
8 cervical_cap
8 coil4
8 condom rubber5 safety5 safe3 prophylactic2
8 diaphragm3 pessary contraceptive_diaphragm
8 intrauterine_device
9 loop8
8 morning-after_pill
8 pill5 birth_control_pill contraceptive_pill oral_contraceptive_pill oral_contraceptive anovulatory_drug anovulant
8 spermicide spermatocide
7 converter convertor
8 catalytic_converter
8 data_converter
9 digital-analog_converter digital-to-analog_converter
9 digitizer digitiser analog-digital_converter analog-to-digital_converter
8 electrical_converter
9 inverter
9 power_pack
9 synchronous_converter rotary2 rotary_converter
8 electronic_converter
8 torque_converter
7 corer
7 corrective restorative2
8 pack8
8 pack7 face_pack
8 pickup3 pick-me-up
8 prosthesis prosthetic_device
9 glass_eye
9 implant
10 artificial_heart
10 artificial_joint
10 breast_implant
10 dental_implant
10 heart_valve2
10 lens_implant interocular_lens_implant
11 accommodating_lens_implant
11 monofocal_lens_implant
11 multifocal_lens_implant
10 penile_implant
10 shunt3
9 obturator
9 peg4 wooden_leg leg6 pegleg
7 crusher
7 cryptograph3
7 cutoff3
7 dampener moistener
7 damper2 muffler3
8 damper_block piano_damper
8 dash-pot
8 shock_absorber shock9 cushion
9 air_cushion2 air_spring
7 deflector
7 dental_appliance
8 bite_plate biteplate
8 brace7 braces orthodontic_braces
8 crown9 crownwork jacket3 jacket_crown cap8
8 denture dental_plate plate9
9 bridge7 bridgework
9 false_teeth
9 partial_denture
8 filling5
9 inlay
8 retainer3
7 depressor3
8 tongue_depressor
7 detector sensor sensing_element
8 metal_detector
8 mine_detector
8 trace_detector
7 diestock
7 drive9
8 disk_drive disc_drive hard_drive
8 external_drive
8 internal_drive
7 drop_forge drop_hammer drop_press
7 elastic_device
8 spring2
9 bedspring
10 box_spring
9 coil_spring volute_spring
9 leaf_spring
9 mainspring
9 spiral_spring
10 hairspring
7 electrical_device
8 antenna aerial2 transmitting_aerial
9 dipole2 dipole_antenna
9 directional_antenna
10 array4
10 dish5 dish_aerial dish_antenna saucer3
11 scanner3
10 yagi
9 omnidirectional_antenna nondirectional_antenna
10 radio_antenna radio_aerial
10 television_antenna tv-antenna
11 rabbit_ears
8 attenuator
8 ballast5 light_ballast
8 battery2 electric_battery
9 voltaic_battery galvanic_battery
10 dry_battery
11 flashlight_battery
10 storage_battery accumulator2
11 lead-acid_battery lead-acid_accumulator
12 car_battery automobile_battery
11 nicad nickel-cadmium_accumulator
11 nickel-iron_battery nickel-iron_accumulator
9 voltaic_pile pile5 galvanic_pile
8 bimetallic_strip
8 brush4
8 capacitor capacitance2 condenser electrical_condenser
9 bypass_condenser bypass_capacitor
9 electrolytic electrolytic_capacitor electrolytic_condenser
9 trimmer3 trimming_capacitor
8 cell3 electric_cell
9 electrolytic_cell
9 fuel_cell
9 solar_cell photovoltaic_cell
9 storage_cell secondary_cell
9 voltaic_cell galvanic_cell primary_cell
10 dry_cell
10 mercury_cell
10 standard_cell
11 cadmium_cell
10 wet_cell
8 circuit electrical_circuit electric_circuit
9 bridge2 bridge_circuit
9 closed_circuit loop9
10 parallel_circuit shunt_circuit
9 computer_circuit
10 gate2 logic_gate
10 integrated_circuit microcircuit
10 interface4 port5
11 parallel_interface parallel_port
11 serial_port
11 small_computer_system_interface
10 module3
10 printed_circuit
11 circuit_board circuit_card board8 card9 plug-in2 add-in
12 mother_board
9 delay_line
10 acoustic_delay_line sonic_delay_line
10 electromagnetic_delay_line
9 feedback_circuit feedback_loop
10 control_circuit negative_feedback_circuit
9 flip-flop3
9 limiter clipper
9 link9 data_link
9 open_circuit
9 pulse_timing_circuit
9 resonator2 resonant_circuit
9 series_circuit
9 squelch_circuit squelch2 squelcher2
9 tank_circuit
9 wiring
10 light_circuit lighting_circuit
8 control_panel instrument_panel control_board board7 panel8
9 dashboard2 fascia2
8 distributor4 distributer2 electrical_distributor
8 electrograph2
8 electrostatic_generator electrostatic_machine
9 electrophorus
8 filter2
9 high-pass_filter
9 low-pass_filter
8 flasher2
8 fuse electrical_fuse safety_fuse2
9 cartridge_fuse
9 circuit_breaker breaker3
9 plug_fuse
8 inductor inductance2
8 jack6
9 telephone_jack phone_jack
8 load9
8 plug5 male_plug
9 telephone_plug phone_plug
8 precipitator electrostatic_precipitator
8 reactor
9 coil6
10 armature
11 rotor rotor_coil
10 astatic_coils
10 choke choke_coil choking_coil
10 field_coil field_winding
10 induction_coil
11 ignition_coil
11 spark_coil
10 primary_coil primary_winding primary4
10 head9
10 secondary_coil secondary_winding secondary2
10 solenoid
10 tickler_coil
8 rectifier
9 detector2 demodulator
9 full-wave_rectifier
8 relay5 electrical_relay
8 resistor resistance9
9 ballast_resistor ballast4 barretter
9 potential_divider voltage_divider
10 potentiometer2 pot8
9 rheostat variable_resistor
10 dimmer
8 security_system2 security_measure security8
8 solar_array solar_battery solar_panel
8 spark_arrester
8 spark_plug sparking_plug plug4
8 suppressor3 suppresser3
9 surge_suppressor surge_protector spike_suppressor spike_arrester lightning_arrester
8 transducer
9 electro-acoustic_transducer
10 cartridge4 pickup7
11 crystal_pickup
10 earphone earpiece headphone phone3
11 earplug
11 telephone_receiver receiver3
12 headset
10 loudspeaker speaker2 speaker_unit loudspeaker_system speaker_system
11 bullhorn loud_hailer loud-hailer
11 squawk_box squawker2 intercom_speaker
11 subwoofer
11 tannoy
11 tweeter
11 woofer
10 microphone mike mic
11 bug3
11 condenser_microphone capacitor_microphone condenser_mike capacitor_mike
11 contact_microphone contact_mike
12 spike_microphone spike_mike
11 crystal_microphone crystal_mike
11 directional_microphone directional_mike
12 cardioid_microphone cardioid_mike
12 gun_microphone shotgun_microphone gun_mike shotgun_mike
9 mosaic5
9 photoelectric_cell photoconductive_cell photocell electric_eye magic_eye
10 selenium_cell
8 transformer
9 coil3
9 step-down_transformer
9 step-up_transformer
10 cascade_transformer
9 voltage_regulator
8 transponder
8 zapper
7 electronic_device
8 answering_machine
8 beeper pager
8 defibrillator
8 display6 video_display
9 digital_display alphanumeric_display
10 liquid_crystal_display
11 active_matrix_screen
11 passive_matrix_display
12 dual_scan_display
9 display_panel display_board board5
10 big_board2
9 flat_panel_display
9 monitor4 monitoring_device
10 computer_monitor
9 screen3
10 background7 desktop2 screen_background
10 computer_screen computer_display
11 touch_screen touchscreen
9 visual_display_unit
9 window8
10 dialog_box panel7
10 foreground2
8 display_adapter display_adaptor
8 dongle
8 doubler
8 generator4
9 oscillator
10 crystal_oscillator quartz_oscillator
10 local_oscillator heterodyne_oscillator
9 pulse_generator
10 pinger
8 hearing_aid deaf-aid
8 logic_element
9 threshold_element threshold_gate
8 mouse4 computer_mouse
8 multiplexer
9 data_multiplexer
8 pacemaker3 artificial_pacemaker
8 personal_digital_assistant personal_organizer personal_organiser organizer3 organiser3
8 readout3 read-out3
8 repeater4
8 scanner2 digital_scanner image_scanner
8 system_clock2
8 trackball
8 tube2 vacuum_tube thermionic_vacuum_tube thermionic_tube electron_tube thermionic_valve
9 acorn_tube
9 diode rectifying_tube rectifying_valve
9 electron_multiplier
9 gas-discharge_tube
10 cathode-ray_tube
11 kinescope picture_tube television_tube
12 color_tube colour_tube color_television_tube colour_television_tube
13 tricolor_television_tube tricolour_television_tube tricolor_tube tricolour_tube
10 glow_lamp
10 glow_tube
9 klystron
9 magnetron
9 pentode
9 television-camera_tube television_pickup_tube
10 iconoscope
10 orthicon image_orthicon
9 tetrode
9 triode
7 energizer2 energiser2
7 exercise_device
8 exercise_bike exercycle
8 treadmill
7 explosive_device
8 bomb
9 balloon_bomb
9 bomblet cluster_bomblet
10 bombie
9 bombshell3
9 briefcase_bomb
9 car_bomb
9 chemical_bomb gas_bomb
9 cluster_bomb
9 depth_charge depth_bomb
9 dumb_bomb gravity_bomb
9 fragmentation_bomb antipersonnel_bomb anti-personnel_bomb daisy_cutter
9 gas_shell
9 general-purpose_bomb
10 blockbuster
9 grenade
10 hand_grenade
10 rifle_grenade
9 incendiary_bomb incendiary2 firebomb
9 letter_bomb parcel_bomb package_bomb
9 microwave_bomb
9 penetration_bomb
9 pipe_bomb
9 plastic_bomb
9 remote-control_bomb
9 smart_bomb
10 laser-guided_bomb
9 smoke_bomb smoke_grenade
9 stink_bomb stench_bomb
9 thermobaric_bomb fuel-air_bomb vacuum_bomb volume-detonation_bomb aerosol_bomb
9 time_bomb2 infernal_machine
8 detonator detonating_device cap3
9 blasting_cap
9 percussion_cap
8 fuel-air_explosive
8 improvised_explosive_device
9 petrol_bomb gasoline_bomb
8 mine2
9 floating_mine marine_mine
10 magnetic_mine
9 land_mine ground-emplaced_mine booby_trap
10 bouncing_betty
10 claymore_mine claymore2
8 petard
8 seal_bomb
8 shoe_bomb
8 torpedo5
8 torpedo3
7 fan
8 electric_fan blower2
8 exhaust_fan
9 attic_fan
8 punkah
7 filter
8 air_filter air_cleaner
9 filter_tip
8 bacteria_bed
8 coffee_filter
8 drain_basket
8 filter_bed
8 fuel_filter
8 light_filter diffusing_screen
8 oil_filter
8 strainer
9 colander cullender
9 sieve screen7
10 riddle2
10 sifter
9 tea-strainer
8 water_filter
7 fire_extinguisher extinguisher asphyxiator
7 flare9
8 fusee2 fuzee
7 fumigator2
7 gas_fixture
7 groover
7 guard3 safety3 safety_device
8 fender3
8 safety_catch safety_lock
7 heater warmer
8 brazier brasier
9 hibachi
8 convector
8 defroster deicer
8 demister
8 gas_heater
8 heating_pad hot_pad2
8 oil_heater oilstove kerosene_heater kerosine_heater
8 radiator2
8 solar_heater
8 space_heater
9 electric_heater electric_fire
10 heat_lamp infrared_lamp
8 stove2
8 water_heater hot-water_heater hot-water_tank
9 water_back
7 heat_exchanger
7 holding_device
8 chuck3
9 collet2 collet_chuck
8 clamp clinch4
9 bench_clamp
9 cramp2
9 pipe_vise pipe_clamp
9 press6
8 holder
9 candlestick candle_holder
10 candelabrum candelabra
11 menorah2
10 girandole girandola
9 cigarette_holder
9 keyboard2
9 peg6 pin9 thole tholepin rowlock oarlock
9 zarf
8 jaw3
8 last8 shoemaker's_last cobbler's_last
8 pullback tieback
8 spike9 spindle5
8 vise bench_vise
9 machinist's_vise metalworking_vise
9 wood_vise woodworking_vise shoulder_vise
7 horn8
7 hydrofoil foil3
7 imprint5
8 impression7
7 indicator3
8 annunciator
8 cursor pointer3
8 dial3
8 fuel_gauge fuel_indicator
8 gnomon
8 level5 spirit_level
9 mason's_level
8 pilot_light2 pilot_lamp indicator_lamp
8 pointer2
9 hand8
10 hour_hand little_hand
10 minute_hand big_hand
10 second_hand2
11 sweep_hand sweep-second
9 light_pen electronic_stylus
9 needle2
8 scale8
9 vernier_scale vernier2
8 test_paper2
8 tidemark
7 instrument
8 analyzer analyser
8 cautery cauterant
9 cryocautery
9 searing_iron
8 drafting_instrument
9 compass4
9 divider4
9 protractor
9 triangle4
8 engine4
9 catapult3 arbalest arbalist ballista bricole mangonel onager trebuchet trebucket
8 extractor
9 forceps
10 lion-jaw_forceps
10 mouse-tooth_forceps
8 harmonium organ6 reed_organ
8 instrument_of_execution
9 electric_chair chair4 death_chair hot_seat
9 gallows
10 gallows_tree gallows-tree gibbet gallous
9 garrote garotte garrotte iron_collar
9 gas_chamber death_chamber
9 guillotine2
9 stake3
8 instrument_of_punishment
9 cangue
9 cucking_stool ducking_stool
9 instrument_of_torture
10 boot5 the_boot iron_boot iron_heel
10 iron_maiden
10 rack4 wheel6
10 thumbscrew
9 paddle3
9 pillory
9 stocks3
9 switch5
10 birch3 birch_rod
10 cane3
10 ferule
10 rattan3 ratan
8 measuring_instrument measuring_system measuring_device
9 accelerometer
9 actinometer
9 algometer
9 altazimuth
9 altimeter
10 hypsometer
9 atmometer evaporometer
9 audiometer sonometer
9 barometer
10 aneroid_barometer aneroid
10 barograph
10 mercury_barometer
10 weatherglass
9 bathymeter bathometer
9 bolometer
9 burette buret
9 caliper calliper
10 inside_caliper
10 micrometer2 micrometer_gauge micrometer_caliper
10 odd-leg_caliper
10 outside_caliper
10 vernier_caliper vernier_micrometer
9 calorimeter
10 bomb_calorimeter bomb2
9 chronoscope
10 time-delay_measuring_instrument time-delay_measuring_system
9 colorimeter tintometer
9 counter_tube
10 crystal_counter
10 proportional_counter_tube proportional_counter
11 boron_counter_tube
10 scintillation_counter
9 craniometer
9 cryoscope
9 declinometer transit_declinometer
9 densimeter densitometer2
10 dasymeter
9 densitometer
10 microphotometer
9 dosemeter dosimeter
9 dynamometer ergometer
9 electrodynamometer
9 electroscope
9 eudiometer
9 gauge gage2
10 anemometer wind_gauge wind_gage
10 depth_gauge depth_gage
10 dipstick
10 gasoline_gauge gasoline_gage gas_gauge gas_gage petrol_gauge petrol_gage
10 pressure_gauge pressure_gage
11 manometer
12 tensimeter
11 sphygmomanometer
10 rain_gauge rain_gage pluviometer udometer
10 strain_gauge strain_gage
10 surface_gauge surface_gage scribing_block
10 vacuum_gauge vacuum_gage
10 water_gauge water_gage water_glass3
11 water_level4
10 wire_gauge wire_gage
9 graduate2
10 graduated_cylinder
9 gravimeter2 gravity_meter
9 heliometer
9 hematocrit2 haematocrit2
9 hydrometer gravimeter
10 salinometer
10 thermohydrometer thermogravimeter
9 hygrometer
10 hygrodeik
10 hygroscope
10 psychrometer
9 inclinometer2 dip_circle
9 integrator planimeter
9 interferometer
9 ionization_chamber ionization_tube
10 boron_chamber
9 katharometer
9 lidar
9 log5
10 harpoon_log
10 patent_log screw_log taffrail_log
9 measuring_stick measure8 measuring_rod
10 board_rule
10 rule9 ruler2
11 carpenter's_rule
11 foot_rule
11 meterstick metrestick
11 yardstick2 yard_measure
10 size_stick
9 meter2
10 ammeter
11 milliammeter
10 electric_meter power_meter
10 electrometer
10 fluxmeter
10 galvanometer
11 astatic_galvanometer
11 moving-coil_galvanometer
12 ballistic_galvanometer
10 gas_meter gasometer
10 magnetometer gaussmeter
10 odometer hodometer mileometer milometer
10 ohmmeter
10 postage_meter
10 radiometer
11 radiomicrometer
10 reflectometer
10 speedometer speed_indicator
11 machmeter
10 taximeter
10 voltmeter
11 electronic_voltmeter
12 digital_voltmeter
11 millivoltmeter
10 volumeter
10 water_meter
9 nephoscope
9 octant
9 oximeter
9 pedometer
9 pelvimeter
9 photometer
10 spectrophotometer
9 piezometer
9 pipet pipette
10 dropper eye_dropper
9 plethysmograph
10 body_plethysmograph
10 digital_plethysmograph
9 potentiometer
9 quadrant4
9 radar microwave_radar radio_detection_and_ranging radiolocation
10 early_warning_radar
10 three-dimensional_radar
10 weather_radar
9 rangefinder range_finder
9 refractometer
9 rheometer
9 scale7 weighing_machine
10 balance9
11 beam_balance
12 analytical_balance chemical_balance
11 electronic_balance
11 microbalance
11 spring_balance spring_scale
11 steelyard lever_scale beam_scale
10 weighbridge
9 sclerometer
9 sector6
9 seismograph
9 sensitometer
9 sextant2
10 astrolabe
9 sonar echo_sounder asdic
9 spherometer
9 spirograph
9 spirometer
9 static_tube
9 synchroscope synchronoscope synchronizer synchroniser
9 tachometer tach
10 tachograph
9 tape4 tapeline tape_measure
9 tensiometer3
9 tensiometer2
9 tensiometer
9 thermometer
10 alcohol_thermometer alcohol-in-glass_thermometer
10 candy_thermometer
10 cryometer
10 dry-bulb_thermometer
10 gas_thermometer air_thermometer
10 maximum_and_minimum_thermometer
10 meat_thermometer
10 mercury_thermometer mercury-in-glass_thermometer
11 clinical_thermometer mercury-in-glass_clinical_thermometer
10 oven_thermometer
10 pyrometer
11 optical_pyrometer pyroscope
11 pyrometric_cone
11 radiation_pyrometer
11 resistance_pyrometer
10 resistance_thermometer platinum_thermometer
10 reversing_thermometer
10 self-registering_thermometer
10 telethermometer
10 thermocouple thermocouple_junction
10 thermoelectric_thermometer thermel electric_thermometer
10 thermograph2 thermometrograph
10 thermopile
10 wet-bulb_thermometer
9 timepiece timekeeper3 horologe
10 atomic_clock
11 ammonia_clock
11 caesium_clock
10 clock
11 alarm_clock alarm4
11 analog_clock
11 chronometer
11 cuckoo_clock
11 digital_clock
11 electric_clock
11 pendulum_clock
12 grandfather_clock longcase_clock
11 system_clock
11 time_clock
11 turret_clock
11 wall_clock
11 water_clock clepsydra water_glass4
10 sandglass
11 egg_timer
11 hourglass
10 sundial
10 timer
11 chronograph
11 parking_meter
11 stopwatch stop_watch
10 watch ticker2
11 analog_watch
11 digital_watch
11 hunter4 hunting_watch
11 pendulum_watch
11 pocket_watch
11 stem-winder
11 wristwatch wrist_watch
9 tonometer
9 torsion_balance
9 variometer
9 viscometer viscosimeter
9 wattmeter
8 medical_instrument
9 ballistocardiograph cardiograph2
9 bronchoscope
9 cardiograph electrocardiograph
9 dialyzer dialysis_machine
10 artificial_kidney hemodialyzer
9 diathermy_machine
10 microwave_diathermy_machine
10 shortwave_diathermy_machine
9 electroencephalograph
9 electromyograph
9 endoscope
10 arthroscope
10 colonoscope
10 culdoscope
10 gastroscope
10 laparoscope
10 proctoscope
10 sigmoidoscope flexible_sigmoidoscope
9 fiberscope
9 keratoscope
9 laryngoscope
9 ophthalmoscope
10 orthoscope
9 otoscope auriscope auroscope
9 polygraph
10 lie_detector
9 rhinoscope
9 speculum2
9 stethoscope
10 fetoscope foetoscope
9 surgical_instrument
10 curette curet
10 dermatome
10 dilator3 dilater
10 hemostat haemostat
10 photocoagulator
10 probe2
10 retractor
10 snare3
10 trepan trephine
9 syringe
10 douche douche_bag
10 hypodermic_syringe hypodermic hypo2
11 autoinjector
9 thermograph
8 navigational_instrument
9 artificial_horizon gyro_horizon flight_indicator
9 compass
10 gyrocompass
10 magnetic_compass
11 compass_card mariner's_compass
9 depth_finder
10 sonic_depth_finder fathometer
9 inclinometer
8 optical_instrument
9 binoculars field_glasses opera_glasses
9 esophagoscope oesophagoscope
9 jeweler's_glass
9 periscope
9 projector2
10 epidiascope
10 front_projector
10 movie_projector cine_projector film_projector
11 bioscope2
10 overhead_projector
10 slide_projector
11 magic_lantern
9 sights
10 bombsight
10 gunsight gun-sight
11 battle_sight battlesight
11 open_sight
11 panoramic_sight
11 peep_sight
11 sight_setting
12 zero4
11 telescopic_sight telescope_sight
9 spectacles specs eyeglasses glasses
10 bifocals
10 goggles
10 lorgnette
10 pince-nez
10 sunglasses dark_glasses shades2
9 spectroscope prism_spectroscope
10 mass_spectrometer spectrometer
11 mass_spectrograph
10 spectrograph
11 sound_spectrograph
8 plotter4
8 scientific_instrument
9 accelerator4 particle_accelerator atom_smasher
10 betatron induction_accelerator
10 charge-exchange_accelerator
10 collider
11 electron_accelerator
11 proton_accelerator
11 superconducting_supercollider
10 cyclotron
11 bevatron
11 synchrocyclotron
11 synchrotron
12 cosmotron
10 linear_accelerator linac
11 microwave_linear_accelerator
9 console2
9 hodoscope
9 kicksorter pulse_height_analyzer
9 kymograph cymograph
9 magnetograph
9 magnifier
10 microscope
11 angioscope
11 electron_microscope
12 field-emission_microscope
11 light_microscope
12 binocular_microscope
13 operating_microscope
12 compound_microscope
12 hand_glass2 simple_microscope magnifying_glass
13 loupe jeweler's_loupe
12 ultramicroscope dark-field_microscope
10 telescope scope3
11 astronomical_telescope
12 optical_telescope
13 reflecting_telescope reflector2
14 coude_telescope coude_system
14 off-axis_reflector
13 refracting_telescope
14 field_glass glass4 spyglass
12 radio_telescope radio_reflector
13 radio_interferometer
11 collimator
11 equatorial
11 solar_telescope
11 transit_instrument
9 microtome
9 stroboscope strobe strobe_light
9 tachistoscope t-scope
9 telemeter
8 sonograph
9 echocardiograph
9 echoencephalograph
8 surveying_instrument surveyor's_instrument
9 alidade2 alidad2
9 alidade alidad
9 clinometer inclinometer3
9 plane_table
9 range_pole ranging_pole flagpole
9 surveyor's_level
9 theodolite transit
10 tachymeter tacheometer
8 tracer2
8 weapon arm3 weapon_system
9 bow4
10 crossbow
10 handbow
10 longbow
9 bow_and_arrow
9 brass_knucks knucks brass_knuckles knuckles knuckle_duster
9 fire_ship
9 flamethrower
9 gun
10 air_gun airgun air_rifle
11 paintball_gun
10 antiaircraft antiaircraft_gun flak3 flack3 pom-pom2 ack-ack ack-ack_gun
10 breechloader
10 cannon4
10 cannon2
10 firearm piece7 small-arm
11 autoloader self-loader
12 automatic_firearm automatic_gun automatic_weapon
13 automatic_rifle automatic machine_rifle
14 assault_rifle assault_gun
13 machine_gun
14 submachine_gun
15 burp_gun machine_pistol
15 light_machine_gun
12 semiautomatic_firearm
11 muzzle_loader
12 arquebus harquebus hackbut hagbut
12 flintlock firelock
12 musket
13 blunderbuss
13 culverin2
13 fusil
13 matchlock
11 pistol handgun side_arm shooting_iron
12 automatic_pistol automatic2
12 derringer
12 forty-five
12 gat rod6
12 horse_pistol horse-pistol
12 peacekeeper3
12 revolver six-gun six-shooter
12 semiautomatic_pistol semiautomatic
12 zip_gun
11 repeating_firearm repeater3
11 rifle
12 carbine
12 sniper_rifle precision_rifle
11 riot_gun
11 shotgun scattergun
12 fowling_piece
12 sawed-off_shotgun
11 smoothbore
11 twenty-two2
12 twenty-two_pistol
12 twenty-two_rifle
10 gas_gun
10 minute_gun
10 set_gun spring_gun
10 whaling_gun
9 knife2
10 bayonet
10 dagger sticker4
11 dirk
11 kirpan
11 kris creese crease3
11 poniard bodkin
11 stiletto
10 khukuri
10 machete matchet panga
10 shiv
10 trench_knife
10 yataghan
9 light_arm
9 pike4
10 halberd
10 partisan3 partizan2
10 vouge
9 projectile missile2
10 arrow2
11 broad_arrow3
11 butt_shaft
11 quarrel2
10 boomerang throwing_stick2 throw_stick
11 kylie kiley
10 bullet slug
11 dumdum dumdum_bullet
11 full_metal_jacket
11 rifle_ball
11 rubber_bullet
10 cannonball cannon_ball round_shot
10 dart
11 banderilla
10 seeker2
10 shot2 pellet2
11 bird_shot buckshot duck_shot
11 grapeshot grape3
11 musket_ball ball2
10 spitball
9 slasher2
9 sling4
9 spear lance shaft7
10 assegai assagai
10 javelin2
10 trident
9 stun_gun stun_baton
9 sword blade4 brand6 steel2
10 backsword2
10 broadsword
11 claymore
10 cavalry_sword saber2 sabre2
11 scimitar
10 cutlas cutlass
10 falchion
10 fencing_sword
11 epee
11 foil5
11 saber sabre
10 rapier tuck4
9 tomahawk hatchet
9 weapon_of_mass_destruction
10 bioweapon biological_weapon bioarm
10 chemical_weapon
10 nuclear_weapon atomic_weapon
11 atom_bomb atomic_bomb fission_bomb plutonium_bomb
12 clean_bomb
12 dirty_bomb
12 neutron_bomb
11 hydrogen_bomb fusion_bomb thermonuclear_bomb
11 megaton_bomb
8 whip
9 cat-o'-nine-tails cat5
9 cowhide3
9 horsewhip
10 buggy_whip
9 knout
9 quirt
9 riding_crop hunting_crop
9 scourge flagellum
9 strap4
10 tawse
7 interlock ignition_interlock
7 interrupter
7 jig3
7 key
8 ignition_key
8 latchkey
8 passkey passe-partout master_key master9
9 skeleton_key
7 keyboard
8 computer_keyboard keypad
8 piano_keyboard fingerboard2 clavier
8 typewriter_keyboard
7 knocker5 doorknocker rapper2
7 lift6
7 lifting_device
8 crane4
9 davit
9 derrick2
9 transporter2
8 elevator lift8
9 dumbwaiter food_elevator
9 freight_elevator service_elevator
9 paternoster2
8 hoist
9 block_and_tackle
9 headgear2
9 wheel_and_axle
8 winch windlass
9 capstan
9 yarder2 yard_donkey
7 lighter2 light9 igniter2 ignitor2
8 cigar_lighter cigarette_lighter pocket_lighter
8 fuse2 fuze fusee4 fuzee3 primer2 priming2
9 detonating_fuse
9 safety_fuse
9 time-fuse
8 match lucifer3 friction_match
9 fusee3 fuzee2
9 kitchen_match
9 safety_match book_matches
9 slow_match
8 match3
7 machine
8 assembly
9 sub-assembly
9 weldment
8 bagger2
8 calculator2 calculating_machine
9 abacus2
9 adder2
9 adding_machine totalizer2 totaliser2
9 counter3 tabulator
10 pulse_counter
11 scaler
9 hand_calculator pocket_calculator
9 quipu
9 subtracter2
8 calender
8 cash_machine cash_dispenser automated_teller_machine automatic_teller_machine automated_teller automatic_teller
8 comber3
8 computer computing_machine computing_device data_processor electronic_computer information_processing_system
9 analog_computer analogue_computer
10 differential_analyzer
10 slide_rule slipstick
9 digital_computer
10 bulletin_board_system bulletin_board electronic_bulletin_board bbs
10 file_server
11 dedicated_file_server
11 non-dedicated_file_server
10 mainframe mainframe_computer
11 supercomputer
10 minicomputer
10 multiprocessor
10 personal_computer microcomputer
11 desktop_computer
11 portable_computer
12 briefcase_computer
12 hand-held_computer hand-held_microcomputer
12 laptop laptop_computer
12 notebook2 notebook_computer
13 planner2
10 workstation
9 home_computer
9 node8 client3 guest4
9 number_cruncher2
9 pari-mutuel_machine totalizer totaliser totalizator totalisator
9 predictor3
9 server3 host9
8 concrete_mixer cement_mixer
8 corker2
8 cotton_gin gin3
8 decoder2
8 farm_machine
9 cultivator2 tiller4
10 harrow
11 disk_harrow disc_harrow
9 harvester2 reaper3
10 binder reaper_binder
10 combine
10 header5
9 haymaker hay_conditioner
9 thresher thrasher threshing_machine
8 franking_machine
8 hop-picker hopper3
8 machinery
9 enginery
9 technology3
9 mill4 grinder3 milling_machinery
10 cider_mill
10 coffee_mill coffee_grinder
10 flour_mill
10 gristmill
10 meat_grinder
10 pepper_mill pepper_grinder
10 quern
10 spicemill
10 treadmill2 treadwheel tread-wheel
10 water_mill
10 windmill
8 machine_tool
9 drill_press
9 grinder4
9 shaper2 shaping_machine
10 lathe
11 bench_lathe
10 miller5 milling_machine
8 milking_machine
8 motor
9 electric_motor
10 starter starter_motor starting_motor
11 kick_starter kick_start
11 self-starter2
10 synchronous_motor
10 wiper_motor
9 engine
10 aircraft_engine
10 automobile_engine
10 auxiliary_engine donkey_engine2
10 generator2
11 alternator
11 dynamo
11 magneto magnetoelectric_machine
11 turbogenerator
11 windmill2 aerogenerator wind_generator
10 heat_engine
11 external-combustion_engine
12 steam_engine
11 internal-combustion_engine
12 diesel2 diesel_engine diesel_motor
12 four-stroke_engine four-stroke_internal-combustion_engine
12 gas_engine
12 gasoline_engine petrol_engine
13 put-put
12 outboard_motor outboard2
12 radial_engine rotary_engine2
12 reciprocating_engine
12 rotary_engine
13 turbine
14 gas_turbine
14 hydroelectric_turbine
14 impulse_turbine
14 reaction_turbine
14 steam_turbine
14 wind_turbine
13 epitrochoidal_engine
12 valve-in-head_engine
10 reaction-propulsion_engine reaction_engine
11 ion_engine
11 jet_engine
12 fanjet2 fan-jet2 fanjet_engine turbojet2 turbojet_engine turbofan2 turbofan_engine
12 ramjet ramjet_engine atherodyde athodyd flying_drainpipe
12 rocket2 rocket_engine
13 booster5 booster_rocket booster_unit takeoff_booster takeoff_rocket
13 nuclear_rocket
13 retrorocket
13 space_rocket
13 thruster2
9 stepper2 stepping_motor
8 pavior paviour paving_machine
8 perpetual_motion_machine
8 pile_driver
8 power_shovel excavator2 digger2 shovel4
9 backhoe
9 dredge
9 steam_shovel
8 power_tool
9 buffer5 polisher
9 burr4
9 drum_sander electric_sander sander smoother
9 hammer7 power_hammer
10 air_hammer jackhammer pneumatic_hammer
10 electric_hammer
10 triphammer
9 plane4 planer planing_machine
9 power_drill
10 electric_drill
10 pneumatic_drill
9 power_saw saw3 sawing_machine
10 bandsaw band_saw
10 chain_saw chainsaw
10 circular_saw buzz_saw
11 portable_circular_saw portable_saw
11 table_saw
10 gangsaw
10 jigsaw2 scroll_saw fretsaw
10 saber_saw jigsaw reciprocating_saw
10 sawmill
9 router3
9 stamping_machine stamper3
8 press7 mechanical_press
9 cheese_press
9 ciderpress
9 garlic_press
9 hydraulic_press
9 punch_press
10 bench_press2
9 winepress
8 press3 printing_press
9 flatbed_press cylinder_press
9 rotary_press
9 standing_press
8 printer3 printing_machine
9 addressing_machine
9 character_printer character-at-a-time_printer serial_printer
10 daisywheel_printer
10 teletypewriter teleprinter teletype_machine telex telex_machine
10 ticker3 stock_ticker
10 typewriter
11 electric_typewriter
11 portable
11 stenograph2
9 electrostatic_printer
10 laser_printer
9 impact_printer
10 bar_printer
10 chain_printer
9 line_printer line-at-a-time_printer
10 drum_printer
9 page_printer page-at-a-time_printer
10 xerographic_printer
9 thermal_printer
9 typesetting_machine
10 monotype3
8 record_player phonograph
9 gramophone acoustic_gramophone
9 jukebox nickelodeon
8 riveting_machine riveter2 rivetter2
8 self-feeder feeder4
8 simulator
9 flight_simulator trainer2
8 slicer2
8 slot_machine coin_machine
9 slot7 one-armed_bandit
10 fruit_machine
9 vending_machine
10 automat
8 snow_thrower snow_blower
8 sorter2
9 mailsorter
8 stamp7 pestle
8 staple_gun staplegun tacker3
8 stapler stapling_machine
8 textile_machine
9 knitting_machine
9 loom
10 carpet_loom
10 figure_loom figured-fabric_loom
10 handloom
11 high-warp_loom
11 low-warp-loom
10 power_loom
9 spinning_machine
10 spinning_frame
10 spinning_jenny
10 spinning_wheel
10 throstle
9 willow2
8 time_machine
8 trimmer2
8 workhorse
7 magnet
8 bar_magnet
8 electromagnet
9 magnetic_head
8 field_magnet
8 magnetic_needle
8 paramagnet
8 permanent_magnet static_magnet
9 stud_finder
9 lodestone loadstone
7 mechanism5
8 action7 action_mechanism
9 gunlock firing_mechanism
10 flintlock2
10 wheel_lock
9 movement9
9 piano_action
9 pump_action slide_action
8 actuator
9 rotary_actuator positioner
8 automaton2 robot golem2
9 android humanoid mechanical_man
8 axis6 axis_of_rotation
9 pivot2 pin6
10 fulcrum
10 pintle
9 rotor_head rotor_shaft
8 carriage4
9 typewriter_carriage
8 cartridge_ejector ejector2
8 cartridge_extractor cartridge_remover extractor3
8 clockwork
8 control9 controller3
9 cruise_control
9 dial2
9 disk_controller
9 governor2 regulator3
10 flywheel
11 fluid_flywheel
10 timer3
9 handwheel2
10 steering_wheel wheel2
9 joystick2
9 regulator
10 aperture
10 ballcock ball_cock
10 draft7
10 faucet spigot2
11 mixing_faucet
11 stopcock cock2 turncock2
11 water_faucet water_tap tap3 hydrant
10 peg5
10 petcock
10 register6
10 sluicegate sluice_valve floodgate2 penstock head_gate water_gate
10 thermostat thermoregulator
11 cryostat
11 pyrostat
9 switch electric_switch electrical_switch
10 commutator
10 cutout
10 ignition_switch
10 push_button push4 button2
11 bell_push
11 doorbell bell2 buzzer
12 night_bell
11 horn_button
11 mouse_button
11 panic_button
11 reset_button
10 selector2 selector_switch
11 dial4 telephone_dial
10 three-way_switch three-point_switch
10 time-switch
10 toggle_switch toggle2 on-off_switch
11 dual_inline_package_switch
9 valve3
10 accelerator2 throttle throttle_valve
10 ball_valve
10 butterfly_valve
10 choke2
11 automatic_choke
10 clack_valve clack2 clapper_valve
10 exhaust_valve
10 intake_valve
10 poppet poppet_valve
10 safety_valve relief_valve escape_valve escape_cock escape8
10 slide_valve
8 cooling_system2 cooling2
9 air_conditioner2 air_conditioning
9 coolant_system
9 cooling_tower
9 evaporative_cooler
9 refrigeration_system
8 delayed_action
8 drive2
9 fusee_drive fusee
8 drive_line drive_line_system
8 fail-safe
8 film_advance
8 gear3 gear_mechanism
9 first_gear first6 low_gear low4
9 gearset
9 high_gear high7
10 overdrive2
9 park6
9 reverse2 reverse_gear
9 second_gear second9
9 steering_gear
9 third_gear third5
9 transmission5 transmission_system
10 automatic_transmission automatic_drive
10 four-wheel_drive2
10 hydraulic_transmission hydraulic_transmission_system
10 standard_transmission stick_shift
8 homing_device
8 hydraulic_system
8 ignition2 ignition_system
8 lock3
8 mechanical_device
9 broadcaster2 spreader2
9 bumper2
9 bumper_guard
9 carburetor carburettor
9 compressor
10 air_compressor
10 supercharger
9 copyholder
9 coupling2 coupler
10 clevis
10 clutch7
11 freewheel
11 friction_clutch
12 cone_clutch cone_friction_clutch
12 disk_clutch
12 slip_clutch slip_friction_clutch
10 fluid_drive
10 swivel
10 turnbuckle
10 universal_joint universal4
9 curler hair_curler roller5 crimper2
9 diaphragm stop9
10 iris3 iris_diaphragm
9 dicer
9 electromechanical_device
9 escapement
9 gearshift gearstick shifter2 gear_lever
9 grab
9 hook4 claw2
10 anchor ground_tackle
11 grapnel2 grapnel_anchor
11 mooring_anchor
11 mushroom_anchor
11 sheet_anchor waist_anchor
10 pothook
11 trammel2
10 tenterhook
9 machine4 simple_machine
10 inclined_plane
11 ramp incline2
12 ski_jump
11 screw2
11 wedge6
12 ax_head axe_head
12 colter coulter
12 moldboard mouldboard
12 plowshare ploughshare share5
12 quoin coign coigne
12 shim
10 lever2
10 pulley pulley-block pulley_block block8
11 bollock2 bullock_block
11 fairlead
12 snatch_block
11 idle_pulley idler_pulley idle_wheel
10 wheel
11 balance_wheel balance9
11 bicycle_wheel
11 buffing_wheel
11 cartwheel
11 car_wheel
12 fifth_wheel2 spare2
11 daisy_print_wheel daisy_wheel
11 driving_wheel
11 gear gear_wheel geared_wheel cogwheel
12 bevel_gear pinion_and_crown_wheel pinion_and_ring_gear
13 differential_gear differential3
12 escape_wheel
12 pinion
13 lantern_pinion lantern_wheel
12 planetary_gear epicyclic_gear planet_wheel planet_gear
12 rack_and_pinion
12 spur_gear spur_wheel
12 sun_gear
12 worm_gear
12 worm_wheel
11 grinding_wheel emery_wheel
11 handwheel
11 nosewheel
11 paddlewheel paddle_wheel
11 pinwheel2
11 potter's_wheel
11 ratchet_wheel
11 roller3
12 caster3 castor3
11 roulette2 toothed_wheel
11 rowel
11 sprocket2 sprocket_wheel
11 trundle2
11 wagon_wheel
11 waterwheel2 water_wheel2
12 millwheel mill_wheel
12 noria
11 waterwheel water_wheel
9 pantograph
9 piston2 plunger4
9 propeller propellor
10 airplane_propeller airscrew prop3
10 screw3 screw_propeller
10 variable-pitch_propeller
9 pump
10 air_pump vacuum_pump
11 condensation_pump diffusion_pump
11 inflater inflator
11 ion_pump
10 aspirator
10 auxiliary_pump donkey_pump
10 bicycle_pump
10 bilge_pump
10 centrifugal_pump
10 force_pump
10 gas_pump gasoline_pump petrol_pump island_dispenser
10 grease_gun gun5
10 hand_pump
10 heart-lung_machine
10 hydraulic_pump hydraulic_ram
10 lift_pump
10 oil_pump
10 stirrup_pump
10 suction_pump
11 stomach_pump
11 sump_pump
10 water_pump
9 ratchet rachet ratch
9 record_changer auto-changer changer2
9 ride2
10 carousel2 carrousel2 merry-go-round2 roundabout2 whirligig2
9 seeder2
9 shutter
9 ski_binding binding4
9 splicer3
9 splint2
9 sprinkler
9 stator stator_coil
9 stoker3
9 stretcher2
9 striker5
10 clapper3 tongue8
10 firing_pin
10 hammer6
10 hammer cock3
10 head9
11 golf-club_head club_head club-head clubhead
11 hammerhead2
9 supply_chamber
10 cartridge_holder cartridge_clip clip magazine6
11 pincurl_clip
10 magazine4 cartridge2
9 swing2
10 trapeze
9 tone_arm pickup6 pickup_arm
9 trap4
9 vibrator2
10 dildo
9 vibrator
10 reed4 vibrating_reed
11 double_reed2
9 voting_machine
9 weathervane weather_vane vane wind_vane
10 weathercock
10 wind_tee
9 wheelwork
10 gearing gear2 geartrain power_train train6
11 epicyclic_train epicyclic_gear_train
11 reduction_gear
9 winder3
10 bobbin spool reel4
11 filature
11 shuttle3
10 reel3
9 winder2 key9
10 watch_key
9 windshield_wiper windscreen_wiper wiper3 wiper_blade
8 radiator3
8 rotating_mechanism
9 blade8 vane3
10 fan_blade
10 impeller
10 paddle2
10 rudder_blade
9 cam2
10 distributor_cam
9 circle8 round9
9 gyroscope gyro2
9 rotor3
10 main_rotor
10 tail_rotor anti-torque_rotor
8 steering_linkage
8 steering_system steering_mechanism
9 helm
10 wheel4
9 power_steering power-assisted_steering
9 rudder2
8 tape_drive tape_transport transport5
8 whirler2
8 works4 workings
7 memory_device storage_device
8 acoustic_storage
8 auxiliary_storage external_storage secondary_storage
8 buffer4 buffer_storage buffer_store
9 cache3 memory_cache
10 disk_cache
9 frame_buffer
9 keyboard_buffer
9 print_buffer
8 magnetic_disk magnetic_disc disk4 disc3
9 diskette floppy floppy_disk
9 hard_disc hard_disk fixed_disk
10 removable_disk
8 magnetic_tape mag_tape tape5
9 audiotape2
9 cassette_tape
9 magnetic_stripe
9 videotape2
8 memory4 computer_memory storage5 computer_storage store3 memory_board
9 non-volatile_storage nonvolatile_storage
10 flash_memory
10 magnetic_bubble_memory
9 read-only_memory read-only_storage fixed_storage
10 erasable_programmable_read-only_memory
9 real_storage
9 scratchpad
9 virtual_memory virtual_storage
9 volatile_storage
10 random-access_memory random_access_memory random_memory
11 magnetic_core_memory core_memory
8 optical_disk optical_disc
9 compact_disk compact_disc
10 audio_compact_disc
10 compact_disc_recordable compact_disc_write-once
10 compact_disc_read-only_memory
9 videodisk videodisc
8 push-down_storage push-down_store stack5
8 recording3
9 cover9 cover_version cover_song
9 sound_recording audio_recording audio3
10 phonograph_record phonograph_recording record2 disk3 disc platter2
11 seventy-eight2
10 soundtrack
11 dubbing
11 laugh_track
10 talking_book
9 tape2 tape_recording taping
10 audiotape
11 digital_audiotape
10 videotape
9 transcription3
9 video_recording video2
8 register4
9 accumulator3 accumulator_register
9 counter7
9 index_register
9 shift_register
7 musical_instrument instrument6
8 barrel_organ grind_organ hand_organ
8 hurdy_gurdy hurdy-gurdy wheel_fiddle
8 bass7
8 calliope2 steam_organ
8 electronic_instrument electronic_musical_instrument
9 electric_organ electronic_organ organ3
9 synthesizer2 synthesiser2
9 theremin
8 jew's_harp jews'_harp mouth_bow
8 keyboard_instrument
9 celesta
9 clavichord
9 clavier2
10 harpsichord cembalo
11 spinet2
11 virginal pair_of_virginals
9 organ5 pipe_organ
9 piano pianoforte forte-piano
10 grand_piano grand2
11 baby_grand baby_grand_piano parlor_grand parlor_grand_piano parlour_grand parlour_grand_piano
11 concert_grand concert_piano
10 mechanical_piano player_piano
10 upright2 upright_piano
11 spinet
8 music_box musical_box
8 percussion_instrument percussive_instrument
9 bones castanets clappers finger_cymbals
9 chime bell9 gong2
10 carillon
10 handbell
9 cymbal
10 high-hat_cymbal high_hat
10 zill
9 drum membranophone tympan
10 bass_drum gran_casa
10 bongo bongo_drum
10 snare_drum snare2 side_drum
10 tabor tabour
10 tambour2
10 tambourine
10 tenor_drum tom-tom
10 timbrel
9 glockenspiel orchestral_bells
9 gong tam-tam
9 kettle4 kettledrum tympanum3 tympani timpani
9 lagerphone
9 maraca
9 marimba xylophone
9 rain_stick
9 steel_drum
9 triangle5
9 vibraphone vibraharp vibes
8 stringed_instrument
9 banjo
9 bowed_stringed_instrument string2
10 bass_fiddle bass_viol2 bull_fiddle double_bass contrabass string_bass
10 cello violoncello
10 viol
11 viola_da_braccio
11 viola_da_gamba gamba bass_viol
11 viola_d'amore
10 viola3
10 violin fiddle
9 chordophone
10 balalaika
10 harp
11 aeolian_harp aeolian_lyre wind_harp
11 lyre
12 trigon3
10 lute2
10 mandolin
11 mandola
9 dulcimer
9 guitar
10 acoustic_guitar
10 bass_guitar
10 cittern cithern cither2 citole gittern
10 electric_guitar
10 steel_guitar
10 uke ukulele
9 koto
9 psaltery
9 samisen shamisen
9 sitar
9 zither cither zithern
10 dulcimer2
8 wind_instrument wind6
9 brass2 brass_instrument
10 baritone3 baritone_horn
10 bass_horn sousaphone tuba
11 euphonium
11 helicon bombardon
10 bugle
10 clarion
10 cornet horn5 trumpet trump3
11 serpent3
10 flugelhorn fluegelhorn
10 horn9
10 saxhorn
10 trombone
11 sackbut
9 free-reed_instrument
10 accordion squeeze_box
11 piano_accordion
11 button_accordion
10 concertina2
11 bandoneon
10 harmonica mouth_organ harp3 mouth_harp
9 kazoo
9 ocarina sweet_potato3
9 organ_pipe pipe5 pipework
10 flue_pipe flue2 labial_pipe
10 organ_stop
11 diapason diapason_stop
11 dulciana
11 flue_stop
11 reed_stop
12 vox_humana
11 sourdine2
11 vox_angelica voix_celeste
10 reed_pipe
9 pipe4
10 bagpipe
11 musette shepherd's_pipe
10 chanter melody_pipe
10 drone5 drone_pipe bourdon
10 fipple_flute fipple_pipe recorder4 vertical_flute
11 flageolet2 treble_recorder shepherd's_pipe2
12 tabor_pipe
11 pennywhistle tin_whistle whistle5
10 panpipe pandean_pipe syrinx
10 pitch_pipe
9 post_horn
9 whistle3
9 woodwind woodwind_instrument wood7
10 beating-reed_instrument reed_instrument reed5
11 double-reed_instrument double_reed
12 bassoon
13 contrabassoon contrafagotto double_bassoon
13 tenoroon
12 cor_anglais
12 krummhorn crumhorn cromorne
12 oboe hautboy hautbois
13 heckelphone basset_oboe
13 musette_pipe
13 oboe_da_caccia
13 oboe_d'amore
13 shawm
14 bombardon2 bombard
11 free-reed
11 single-reed_instrument single-reed_woodwind
12 clarinet
13 bass_clarinet
13 basset_horn
13 licorice_stick
12 hornpipe3 pibgorn stockhorn
12 sax2 saxophone
10 flute transverse_flute
11 fife
11 nose_flute
11 piccolo
7 nest_egg2
7 noisemaker
8 horn
8 thunderer2
7 optical_device
8 autofocus
8 biprism
8 camera_lucida
8 coelostat
8 collimator2
8 diffraction_grating grating3
9 echelon3
8 diffuser2 diffusor2
8 finder3 viewfinder view_finder
8 laser optical_maser
8 lens lense lens_system
9 anastigmat
9 anastigmatic_lens
9 camera_lens optical_lens
10 closeup_lens
10 portrait_lens
10 telephoto_lens zoom_lens
10 wide-angle_lens fisheye_lens
9 compound_lens
10 achromatic_lens
9 condenser4 optical_condenser
9 contact9 contact_lens
9 converging_lens convex_lens
10 sunglass
9 crown_lens
9 diverging_lens concave_lens
9 eyepiece ocular
9 field_lens
9 intraocular_lens
9 meniscus2
9 monocle eyeglass
9 objective2 objective_lens object_lens object_glass
8 planetarium2
8 polarimeter polariscope
8 prism2 optical_prism
9 erecting_prism
8 projector
8 stereoscope
8 viewer2
7 override
7 paper_feed
7 peeler3
7 pick5 plectrum plectron
8 guitar_pick
7 power_takeoff
7 prod2 goad
8 ankus
8 spur4 gad2
7 prompter2 autocue
7 pull4
8 bellpull
7 reflector
8 mirror
9 car_mirror
10 outside_mirror
10 rearview_mirror
9 cheval_glass
9 hand_glass hand_mirror
9 looking_glass glass6
9 pier_glass pier_mirror
9 speculum
8 parabolic_reflector paraboloid_reflector
9 parabolic_mirror
8 solar_dish solar_collector solar_furnace
7 release8 button6
7 remote_control remote
7 reset
7 restraint6 constraint2
8 airbrake dive_brake
8 arrester arrester_hook
8 band9
9 brake_band
9 collet3
9 ligature3
9 withe
8 brake
9 brake_system brakes
10 hydraulic_brake hydraulic_brakes
11 disk_brake disc_brake
11 drum_brake
11 foot_brake
9 coaster_brake
9 hand_brake emergency3 emergency_brake parking_brake
9 power_brake
10 airbrake2
8 brake5
8 brake_pad
8 brake_shoe shoe4 skid2
8 catch6 stop9
9 bench_hook
9 doorstop doorstopper
9 pawl detent click3 dog6
9 tripper4 trip5
8 chain5
8 fastener2 fastening holdfast fixing2
9 bellyband2
9 buckle
10 belt_buckle
9 button
10 coat_button
10 shirt_button
9 catch7
10 hasp
10 hood_latch
10 hook
10 latch2
9 clasp
9 cleat2
9 clinch3
9 clip3
10 bicycle_clip trouser_clip
10 bulldog_clip alligator_clip
10 hair_slide
10 paper_clip paperclip gem_clip
9 clothespin clothes_pin clothes_peg
9 corrugated_fastener wiggle_nail
9 cotter3 cottar2
10 cotter_pin
9 cringle eyelet2 loop grommet grummet
9 dowel dowel_pin joggle
9 fillet5 stopping
9 hook_and_eye
9 knot2
10 barrel_knot blood_knot
10 bow bowknot
10 carrick_bend
10 clove_hitch
10 figure_eight2 figure_of_eight2
10 fisherman's_bend
10 fisherman's_knot true_lover's_knot2 truelove_knot
10 half_hitch
10 hawser_bend
10 hitch5
11 cat's-paw2
11 rolling_hitch
12 magnus_hitch
11 sheet_bend becket_bend weaver's_knot weaver's_hitch
11 timber_hitch
10 loop_knot
11 bowline bowline_knot
10 love_knot lovers'_knot lover's_knot true_lovers'_knot true_lover's_knot
10 overhand_knot
10 prolonge_knot sailor's_breastplate
10 sheepshank
10 slipknot
10 square_knot
11 reef_knot flat_knot
12 granny_knot granny3
10 stopper_knot
10 surgeon's_knot
9 link2 linkup tie5 tie-in
10 bridge8 nosepiece3
9 lock
10 combination_lock
10 cylinder_lock
10 doorlock
11 night_latch
10 latch door_latch
10 lever_lock
10 padlock
10 sash_fastener sash_lock window_lock
9 locker2
9 nail2
10 brad
10 clout_nail clout3
10 doornail
10 eightpenny_nail
10 fourpenny_nail
10 hobnail
10 sixpenny_nail
10 spike9
10 staple4
10 stub_nail
10 tack2
11 carpet_tack
11 thumbtack drawing_pin pushpin
11 tintack
10 tenpenny_nail
9 nut_and_bolt
9 paper_fastener
10 staple5
9 pin9
10 barrette
10 bitt_pin
10 hairpin
11 bobby_pin hairgrip grip7
11 bodkin2
10 hatpin
10 linchpin2 lynchpin2
10 peg nog
11 tee3 golf_tee
11 tent_peg
11 treenail trenail trunnel
10 rivet2
10 safety_pin
10 skewer
11 spit3
12 brochette
12 turnspit
10 straight_pin
10 wrist_pin gudgeon_pin
9 screw4
10 bolt6
11 carriage_bolt
11 expansion_bolt
11 kingbolt kingpin2 swivel_pin
11 machine_bolt
11 stove_bolt
10 cap_screw
10 machine_screw
10 metal_screw
10 setscrew2
10 setscrew
10 thumbscrew2
10 woodscrew
11 lag_screw lag_bolt
11 screw_eye
10 worm4
9 seal8
10 break_seal
10 gasket
11 head_gasket
10 piston_ring
10 washer2
11 lockring lock_ring lock_washer
9 sealing_wax seal
9 slide_fastener zip4 zipper zip_fastener
9 snap9 snap_fastener press_stud
9 toggle3
9 toggle_bolt
8 gag2 muzzle4
8 leash tether lead9
8 lock5 ignition_lock
8 muzzle3
8 sea_anchor drogue3
8 shackle bond5 hamper trammel4
9 ball_and_chain
9 fetter hobble
9 handcuff cuff2 handlock manacle
9 irons chains
8 trammel3
7 router2
7 runner9
8 blade7
8 ski
9 water_ski
7 scratcher3
8 backscratcher2
7 shoehorn
7 shoetree
7 shooting_stick
7 shredder
7 signaling_device
8 buzzer2
7 snowshoe
7 sounder
7 source_of_illumination
8 lamp
9 candle taper4 wax_light
10 chandlery
10 dip7
10 rushlight rush_candle
10 vigil_light vigil_candle
9 discharge_lamp
9 electric_lamp
10 arc_lamp arc_light
11 carbon_arc_lamp carbon_arc
12 klieg_light
10 electric-discharge_lamp gas-discharge_lamp
10 flashlight torch3
11 penlight
10 light_bulb lightbulb bulb2 incandescent_lamp electric_light electric-light_bulb
10 slit_lamp
9 flash9 photoflash flash_lamp flashgun flashbulb flash_bulb
9 fluorescent_lamp
9 gas_lamp
9 hurricane_lamp hurricane_lantern tornado_lantern storm_lantern storm_lamp
9 lantern
10 dark_lantern bull's-eye
10 jack-o'-lantern2
9 limelight2 calcium_light
9 neon_lamp neon_induction_lamp neon_tube
9 oil_lamp kerosene_lamp kerosine_lamp
10 safety_lamp
9 sodium-vapor_lamp sodium-vapour_lamp
9 spirit_lamp
9 spotlight2 spot9
9 streetlight street_lamp
9 taillight tail_lamp rear_light rear_lamp
8 light2 light_source
9 anchor_light riding_light riding_lamp
9 blinker flasher3
9 fairy_light
9 flood3 floodlight flood_lamp photoflood
9 headlight headlamp
10 foglamp
9 houselights
9 jacklight
9 navigation_light
9 night-light
9 panel_light
9 room_light
9 sconce3
9 searchlight
9 sidelight running_light
9 strip_lighting
9 theater_light
10 footlights
9 torch
10 flambeau
8 ultraviolet_lamp ultraviolet_source
9 mercury-vapor_lamp
10 quartz_lamp
10 sunlamp sun_lamp sunray_lamp sun-ray_lamp
7 stabilizer3 stabiliser
8 fin5
9 vane2
8 gyrostabilizer gyrostabiliser
8 outrigger
7 stemmer5
7 straightener
7 strengthener reinforcement4
7 stylus
8 phonograph_needle needle4
7 suction_cup
7 support9
8 andiron firedog dog7 dog-iron
8 arch_support
8 back8 backrest
9 cantle
9 ladder-back2
8 backboard2
8 baluster
8 bar9
8 base8 pedestal stand
9 brass_monkey
9 staddle
9 trivet2
9 trivet
8 bearing6
9 ball_bearing needle_bearing roller_bearing
9 fifth_wheel3
9 journal_bearing
10 hotbox
9 thrust_bearing
8 bedpost
8 bookend
8 brace
9 ankle_brace
9 back_brace
9 knee_brace
9 neck_brace
9 skeg
8 bracket4 wall_bracket
9 angle_bracket2 angle_iron
9 console3
9 corbel truss3
9 modillion
9 sconce4
9 shelf_bracket
8 bridge6
8 foot9
8 foothold2 footing3
9 toehold2
8 handrest
8 hanger2
9 coat_hanger clothes_hanger dress_hanger
9 strap2
8 harness
8 harp2
8 headstock
8 leg3
8 perch
9 roost2
8 pier3
8 pier2
8 pillow_block
8 rack5 stand5
9 bier2
10 catafalque
9 cruet-stand
9 dress_rack
9 magazine_rack
9 music_stand music_rack
9 spice_rack
9 tripod
10 camera_tripod
10 easel
8 rest6
9 armrest
10 arm4
11 writing_arm
9 chin_rest
9 headrest2
8 rib
9 screw_thread thread4
8 rocker7
8 seat4
9 backbench
9 backseat2
10 dickey dickie dicky dickey-seat dickie-seat dicky-seat
9 bell_seat balloon_seat
9 bicycle_seat saddle5
9 boatswain's_chair bosun's_chair
9 bucket_seat
9 car_seat
10 death_seat
9 chair5
9 cockpit3
9 crossbench
9 ejection_seat ejector_seat capsule7
9 front_bench
9 howdah houdah
9 jump_seat
9 pillion
9 plane_seat
9 rumble2
9 rumble_seat
9 saddle
10 packsaddle
10 sidesaddle
10 stock_saddle
9 saddle_seat
9 sliding_seat
8 shelf
9 bookshelf
9 hob4
9 mantel mantelpiece mantle6 mantlepiece chimneypiece
9 overmantel
8 spoke wheel_spoke radius5
8 step4 stair
9 corbel_step corbie-step corbiestep crow_step
8 stirrup stirrup_iron
8 structural_member
9 beam2
10 box_beam box_girder
10 cantilever
10 girder
10 header4
10 header2 lintel
10 joist
11 floor_joist
11 trimmer4 trimmer_joist
10 keel3
11 bilge_keel
10 keelson
10 rafter balk3 baulk3
10 rider_plate
10 ridge6 ridgepole rooftree
10 shore2 shoring
10 tie4 tie_beam
10 timber2
11 coulisse2
11 sternpost
11 stringer4
11 two-by-four
10 trave traverse crossbeam crosspiece
9 brace9 bracing
10 crosspiece2
11 crossbar3
11 rundle spoke2 rung2
11 rung round9 stave3
11 thwart cross_thwart
11 transom2 traverse2
10 guy3 guy_cable guy_wire guy_rope
10 stay5
11 backstay
11 forestay
12 mainstay3
10 stringer3
10 strut2
10 tie8 railroad_tie crosstie sleeper4
9 plate9
10 wall_plate
9 riser3
9 sill
10 doorsill doorstep threshold4
10 windowsill
9 tread4
9 upright vertical2
10 column7 pillar5
11 atlas4 telamon
11 caryatid
11 newel2
11 pilaster
11 pile6 spile piling stilt
12 sheet_pile sheath_pile sheet_piling
11 support_column
12 lally lally_column
10 jamb
11 doorjamb doorpost
10 post4
11 bollard bitt
12 riding_bitt
11 carrick_bitt
11 corner_post
11 gatepost
12 hinging_post swinging_post
12 shutting_post
11 goalpost
11 hitching_post
11 hop_pole
11 king_post
11 lamppost
11 maypole
11 newel_post newel
11 queen_post
11 rudderpost rudderstock
11 stake5
11 stanchion
11 standard5
11 stump3
11 telephone_pole telegraph_pole telegraph_post
11 timber3
11 whipping_post
10 scantling stud3
10 shaft9 scape2
10 stile
8 tailstock
8 tee2 football_tee
8 yoke5
7 sweatbox2
7 synchroflash
7 take-up
7 teaser7
7 throwing_stick throwing_board spear_thrower dart_thrower
7 tilter2
7 tongs pair_of_tongs
8 fire_tongs coal_tongs
8 ice_tongs
7 toy3
7 trap
8 flytrap
8 lobster_pot
8 mantrap2
8 mousetrap
8 net2
9 brail
9 fishnet fishing_net
10 drift_net
10 gill_net
10 landing_net
10 seine2
11 purse_seine
10 trammel_net trammel
10 trawl2 dragnet2 trawl_net
8 pit8 pitfall2
8 pound_net
8 rattrap3
8 snare5 gin2 noose
8 steel_trap2
8 web2 entanglement
9 spider_web spider's_web
7 trigger2
8 plutonium_trigger plutonium_pit
7 valve2
7 vaporizer vaporiser
7 ventilator
7 washboard
7 water_cooler
6 equipment
7 apparatus setup
8 aerator
8 burner
9 blowtorch torch4 blowlamp
10 oxyacetylene_torch
9 gas_bracket
9 gas_burner gas_jet
10 bunsen_burner bunsen2 etna2
10 gas_ring
10 pilot_burner pilot_light pilot5
8 cascade_liquefier
8 centrifuge extractor2 separator
9 ultracentrifuge
8 chemical_reactor
9 catalytic_cracker cat_cracker
8 condenser2
9 reflux_condenser
8 duplicator copier
9 facsimile2 facsimile_machine fax
9 hectograph heliotype
9 lithograph2 lithograph_machine
9 mimeograph mimeo mimeograph_machine
9 photocopier
9 xerographic_copier
8 electrograph
8 fluoroscope roentgenoscope
8 generator
8 heat_pump
8 heliograph
8 incubator brooder
8 instillator
8 lighting2
9 backlighting
8 nuclear_reactor reactor2
9 atomic_pile atomic_reactor pile8 chain_reactor
9 breeder_reactor
9 fast_reactor
9 gas-cooled_reactor
9 liquid_metal_reactor
9 thermal_reactor
9 thermonuclear_reactor fusion_reactor
9 water-cooled_reactor
10 boiling_water_reactor
10 pressurized_water_reactor
8 optical_bench
8 pendulum
9 metronome
9 physical_pendulum compound_pendulum
10 ballistic_pendulum
11 gun_pendulum
10 clock_pendulum
9 simple_pendulum
8 purifier
9 scrubber3
8 reformer2
8 semaphore
8 sequencer sequenator
8 soda_fountain2
8 still3
8 submersible
9 bathyscaphe bathyscaph bathyscape
9 bathysphere
9 diving_bell
9 minisub minisubmarine
8 telegraph telegraphy2
8 titrator
8 tomograph
9 computerized_axial_tomography_scanner
9 positron_emission_tomography_scanner
7 automation3
7 cooling_system engine_cooling_system
7 electrical_system2
7 electronic_equipment
8 amplifier
9 audio_amplifier
9 booster4 booster_amplifier booster_station relay_link relay_station relay_transmitter
9 maser
10 gas_maser
8 audio_system sound_system
9 recording_system
9 reproducer
10 hi-fi high_fidelity_sound_system
10 stereo stereophony stereo_system stereophonic_system
11 ghetto_blaster boom_box
11 quadraphony quadraphonic_system quadriphonic_system
8 cassette_player
8 central_processing_unit central_processor processor3 mainframe2
8 circuitry
8 detector3
9 crystal_detector
9 scanner4 electronic_scanner
8 equalizer equaliser
8 lens5 electron_lens
8 mixer3
8 modem
9 acoustic_modem
8 monitor6
9 cardiac_monitor heart_monitor
9 electronic_fetal_monitor electronic_foetal_monitor fetal_monitor foetal_monitor
8 monitor5
9 television_monitor tv_monitor
8 off-line_equipment auxiliary_equipment
8 oscilloscope scope4 cathode-ray_oscilloscope
8 peripheral computer_peripheral peripheral_device
9 data_input_device input_device
9 output_device
9 printer2
10 dot_matrix_printer matrix_printer dot_printer
11 ink-jet_printer
12 bubble_jet_printer bubble-jet_printer bubblejet
11 wire_matrix_printer wire_printer stylus_printer
8 playback2
8 radio-phonograph radio-gramophone
8 scrambler3
8 set9
9 receiver receiving_system
10 direction_finder
11 goniometer
11 radio_compass
10 radio_receiver receiving_set radio_set radio2 tuner2 wireless3
11 clock_radio
11 crystal_set
11 heterodyne_receiver superheterodyne_receiver superhet
11 push-button_radio
10 satellite_receiver
10 television_receiver television3 television_set tv2 tv_set idiot_box boob_tube telly goggle_box
9 transmitter3 sender2
10 jammer
10 radio_transmitter
11 spark_transmitter
10 satellite_transmitter
10 television_transmitter
8 tape_deck
9 cassette_deck
8 tape_player
8 telephone phone telephone_set
9 desk_phone
9 dial_telephone dial_phone
9 extension9 telephone_extension extension_phone
9 handset
9 pay-phone pay-station
9 radiotelephone2 radiophone wireless_telephone2
10 cellular_telephone cellular_phone cellphone cell5 mobile_phone
9 speakerphone
8 television_equipment video_equipment
9 television_camera tv_camera camera2
10 camcorder
8 terminal4
9 job-oriented_terminal
9 remote_terminal link-attached_terminal remote_station link-attached_station
7 fuel_system
7 game_equipment
8 backboard basketball_backboard
8 ball
9 baseball2
9 basketball2
9 billiard_ball
10 cue_ball
10 object_ball
9 bocce_ball bocci_ball boccie_ball
9 bowl7
9 bowling_ball bowl6
9 cricket_ball
9 croquet_ball
9 field_hockey_ball
9 football2
9 golf_ball
9 handball
9 jack5
9 lacrosse_ball
9 marble2
10 taw2 shooter
9 medicine_ball
9 ninepin_ball skittle_ball
9 ping-pong_ball
9 polo_ball
9 pool_ball
10 eight_ball
9 punching_bag2 punch_bag punching_ball punchball
9 racquetball
9 roulette_ball
9 rugby_ball
9 soccer_ball
9 softball playground_ball
9 squash_ball
9 tennis_ball
9 volleyball2
8 bowling_equipment
9 bowling_pin pin9
10 candlepin
10 duckpin
10 headpin kingpin3
10 ninepin skittle skittle_pin
10 tenpin
8 counter2
9 chip6 poker_chip
10 blue_chip2
8 crossbar2
8 game9
9 puzzle2
10 jigsaw_puzzle
10 tangram
8 goal3
9 basket3 basketball_hoop hoop4
9 net4
10 cage4
8 horseshoe
8 jack7 jackstones
8 man9 piece9
9 black6
9 checker3 chequer
10 king8
9 chessman chess_piece
10 bishop3
10 castle3 rook
10 king9
10 knight2 horse5
10 pawn3
10 queen8
9 tile3
9 white9
8 net5
9 volleyball_net
8 pinball_machine pin_table
8 quoit
8 roulette_wheel wheel5
8 spinner2
7 gear4 paraphernalia appurtenance
8 fishing_gear tackle3 fishing_tackle fishing_rig rig5
8 kit2 outfit3
9 carpenter's_kit tool_kit
9 first-aid_kit
9 layette
9 mess_kit
9 sewing_kit
8 regalia
9 crown_jewels
8 rig
9 drill_rig drilling_rig oilrig oil_rig
10 drilling_platform offshore_rig
8 rigging tackle2
8 stable_gear saddlery tack3
9 bit5
10 bar_bit
10 bridoon
10 curb2 curb_bit
10 snaffle snaffle_bit
9 caparison trapping housing3
10 bard2
10 horsecloth
9 cinch2 girth2
9 hame
9 harness2
9 headgear3
10 bridle
10 halter hackamore
9 martingale
9 saddle_blanket saddlecloth horse_blanket
10 apishamore
9 yoke7
7 life-support_system2 life_support2
7 life-support_system life_support
7 material4
8 packaging3
9 blister_pack bubble_pack
8 railing2
8 roofing
7 materiel equipage
8 baggage3
9 impedimenta2
8 marching_order
7 naval_equipment
8 naval_radar
9 air_search_radar
9 fire_control_radar
9 surface_search_radar
8 shipboard_system
9 anti-submarine_rocket
9 basic_point_defense_missile_system
9 naval_tactical_data_system
9 ship-towed_long-range_acoustic_detection_system
9 surface-to-air_missile_system
9 target_acquisition_system
7 photographic_equipment
8 camera photographic_camera
9 box_camera
9 candid_camera
9 digital_camera
10 webcam
9 flash_camera
9 motion-picture_camera movie_camera cine-camera
10 sound_camera
9 point-and-shoot_camera
9 portrait_camera
9 reflex_camera
8 clapperboard
8 developer2
9 stop_bath short-stop short-stop_bath
8 enlarger
8 light_meter exposure_meter photometer2
9 cytophotometer
8 photographic_paper photographic_material
9 film3 photographic_film
10 bitewing
10 footage
10 microfilm
11 microfiche
10 motion-picture_film movie_film cine-film
11 sound_film
10 negative2
10 orthochromatic_film
10 panchromatic_film
10 positive2
10 reel
10 roll4
10 roll_film
10 sequence3 episode4
7 radiotherapy_equipment
7 recorder recording_equipment recording_machine
8 black_box
8 cassette_recorder
8 compact-disk_burner
8 magnetic_recorder
9 tape_recorder tape_machine
10 videocassette_recorder
9 wire_recorder
8 multichannel_recorder
8 oscillograph
7 rescue_equipment
8 parachute chute
9 drogue4 drogue_chute drogue_parachute2
9 drogue_parachute
9 parasail
7 robotics_equipment
7 satellite artificial_satellite orbiter
8 astronomy_satellite
8 communications_satellite
8 space_station space_platform space_laboratory
8 sputnik
8 spy_satellite
8 weather_satellite meteorological_satellite
7 sports_equipment
8 badminton_equipment
9 shuttlecock bird5 birdie2 shuttle
8 baseball_equipment
9 base3 bag3
10 first_base
10 home_plate home_base home4 plate
10 second_base
10 third_base third6
9 baseball_glove glove baseball_mitt mitt2
9 batting_cage cage5
9 mound hill5 pitcher's_mound
8 basketball_equipment
8 boxing_equipment
9 boxing_glove glove3
8 cricket_equipment
9 cricket_bat bat4
9 wicket
8 croquet_equipment
9 wicket2 hoop3
8 golf_equipment
9 golf_club2 golf-club golfclub club5
10 iron2
11 driving_iron one_iron
11 long_iron
11 mashie five_iron
11 mashie_niblick seven_iron
11 midiron two_iron
11 niblick nine_iron
11 putter2 putting_iron
11 short_iron
11 wedge5
12 pitching_wedge
12 sand_wedge
10 wood8
11 brassie
11 driver5 number_one_wood
11 metal_wood
11 spoon3
9 pin8 flag5
8 gymnastic_apparatus exerciser
9 balance_beam beam7
9 horizontal_bar high_bar
9 horse2 gymnastic_horse
10 pommel_horse side_horse
10 vaulting_horse long_horse buck
9 parallel_bars bars
10 uneven_parallel_bars uneven_bars
9 rings
9 stall_bar
9 trampoline
8 hammer5
8 mat3 gym_mat
9 canvas6 canvass6
9 wrestling_mat
8 mouthpiece4 gumshield
8 shot9
8 skate
9 ice_skate
10 figure_skate
10 hockey_skate
10 rocker6
10 speed_skate racing_skate
9 in-line_skate
9 roller_skate
8 spike2
9 crampon2 crampoon2 climbing_iron climber5
9 piton
9 pricket
8 sporting_goods
8 stick6
9 hockey_stick
8 target4 butt5
9 clay_pigeon
8 weight2 free_weight exercising_weight
9 barbell
9 dumbbell
7 stock-in-trade
7 teaching_aid
8 audiovisual audiovisual_aid
7 test_equipment
6 furnishing2
7 appointment3 fitting3
7 furniture piece_of_furniture article_of_furniture
8 baby_bed baby's_bed
9 bassinet
9 carrycot
9 cradle
9 crib cot2
8 bedroom_furniture
9 bed
10 berth3 bunk2 built_in_bed
11 lower_berth lower
11 upper_berth upper
10 built-in_bed
10 bunk3
10 bunk_bed bunk6
10 cot3 camp_bed
10 couch3
10 deathbed2
10 double_bed
10 four-poster
10 hammock2 sack6
10 marriage_bed
10 plank-bed
10 platform_bed
10 sickbed
10 single_bed
11 hospital_bed
10 sleigh_bed
10 trundle_bed trundle truckle_bed truckle
10 twin_bed
10 water_bed
8 bedstead bedframe
8 bookcase
8 buffet counter4 sideboard3
9 credenza credence2
9 minibar cellaret
8 cabinet
9 china_cabinet china_closet
9 dresser5
9 medicine_chest medicine_cabinet
8 chest_of_drawers chest4 bureau2 dresser
9 chiffonier commode2
9 highboy tallboy
9 lowboy
8 dining-room_furniture
8 etagere
8 fitment
8 hallstand
8 lamp2
9 floor_lamp
9 reading_lamp
10 student_lamp
9 table_lamp
8 lawn_furniture
8 nest5
8 office_furniture
9 file3 file_cabinet filing_cabinet
10 card_index card_catalog2 card_catalogue2
10 vertical_file
8 seat3
9 bench
10 banquette
10 flat_bench
10 park_bench
10 penalty_box
10 pew church_bench
10 prie-dieu
10 settle settee
10 window_seat
9 bench7
9 box8 box_seat2
9 box_seat
9 chair
10 armchair
11 captain's_chair
11 easy_chair lounge_chair overstuffed_chair
12 wing_chair
11 fauteuil
11 recliner reclining_chair lounger2
10 barber_chair
10 chair_of_state
11 throne
12 cathedra bishop's_throne
12 mercy_seat
12 musnud
12 peacock-throne
10 chaise_longue chaise daybed2
10 fighting_chair
10 folding_chair
11 camp_chair
11 deck_chair beach_chair
11 yacht_chair
10 highchair feeding_chair
10 ladder-back ladder-back_chair
10 lawn_chair garden_chair
10 rocking_chair rocker4
11 platform_rocker
11 shoofly2
10 straight_chair side_chair
10 swivel_chair
10 tablet-armed_chair
10 wheelchair
11 bath_chair
11 motorized_wheelchair
9 ottoman3 pouf2 pouffe puff6 hassock
9 sofa couch lounge
10 convertible3 sofa_bed
11 davenport3
12 chesterfield2
11 studio_couch day_bed
10 daybed divan_bed
10 divan
10 love_seat loveseat tete-a-tete2 vis-a-vis2
10 settee2
10 squab2
9 stool
10 campstool
10 cutty_stool
10 footstool footrest ottoman4 tuffet
10 milking_stool
10 music_stool piano_stool
10 step_stool
10 taboret tabouret
9 toilet_seat
8 sectional
8 sleeper7
8 table2
9 altar communion_table
9 booth
9 breakfast_table
9 card_table2
9 card_table
9 coffee_table cocktail_table
9 conference_table council_table council_board
9 console_table console
9 counter
10 bar2
11 cash_bar
11 oyster_bar
11 salad_bar
11 snack_bar snack_counter buffet3
12 commissary2
12 milk_bar
11 soda_fountain
11 sushi_bar
11 wet_bar
11 wine_bar
10 checkout3 checkout_counter
10 meat_counter
10 notions_counter
10 reception_desk
9 desk
10 davenport2
10 secretary4 writing_table escritoire secretaire
10 writing_desk2
9 dressing_table dresser4 vanity4 toilet_table
9 drop-leaf_table
10 gateleg_table
9 gaming_table
9 gueridon
9 kitchen_table
9 operating_table
9 pedestal_table
10 tilt-top_table tip-top_table tip_table
9 pier_table
9 platen
9 pool_table billiard_table snooker_table
9 stand4
10 lectern reading_desk
9 table-tennis_table ping-pong_table pingpong_table
9 tea_table
9 trestle_table
9 worktable work_table
10 drafting_table drawing_table
10 workbench work_bench bench4
11 lab_bench laboratory_bench
8 table3
9 dining_table board6
10 dining-room_table
10 dinner_table
10 high_table
10 refectory_table
10 triclinium2
8 wall_unit
9 entertainment_center
8 wardrobe closet3 press5
9 armoire
9 clothes_closet clothespress
9 coat_closet
8 washstand wash-hand_stand
6 hardware2 ironware
6 implement
7 bar3
8 belaying_pin
8 bolt3 deadbolt
9 safety_bolt safety_lock2
8 bolt2
8 carpenter's_level
9 plumb_level
8 chinning_bar
8 core9
8 crossbar
9 doubletree
9 whiffletree whippletree swingletree
8 drawbar
8 fret4
8 grab_bar
8 handlebar
8 handspike
8 heaver
8 lever
9 compound_lever
10 nutcracker
9 crowbar wrecking_bar pry pry_bar
10 jim_crow2
10 jimmy jemmy
9 gun_trigger trigger
10 hair_trigger
9 hand_throttle
9 key9
10 backspace_key backspace backspacer
10 control_key command_key
10 return_key return9
10 shift_key shift8
10 space_bar
10 tab_key tab3
10 telegraph_key
9 peavey peavy cant_dog dog_hook
10 cant_hook
9 pedal2 treadle foot_pedal foot_lever
10 accelerator accelerator_pedal gas_pedal gas5 throttle2 gun6
10 brake_pedal
10 clutch6 clutch_pedal
10 soft_pedal
10 sustaining_pedal loud_pedal
9 pinch_bar
9 ripping_bar
9 rocker_arm valve_rocker
9 spark_lever
9 stick3 control_stick joystick
9 tappet
9 tiller3
8 rail4
9 hitchrack hitching_bar
9 ledger_board
9 picture_rail
9 plate_rail
9 split_rail fence_rail
8 rotor2
8 shackle2
8 slice_bar
8 stabilizer_bar anti-sway_bar
8 towel_rail towel_bar
8 track9 rail3 rails runway
9 third_rail
7 beater2
8 carpet_beater rug_beater
8 eggbeater2 eggwhisk
7 brush2
8 bottlebrush
8 bristle_brush
8 clothesbrush
8 hairbrush
8 nailbrush
8 paintbrush
8 sable sable_brush sable's_hair_pencil
9 rigger2 rigger_brush
8 scrub_brush scrubbing_brush scrubber2
8 shaving_brush
8 toothbrush
9 electric_toothbrush
7 buff5 buffer7
7 candlesnuffer
7 cleaning_implement cleaning_device cleaning_equipment
8 broom
9 besom
9 push_broom
9 whisk2 whisk_broom
8 carpet_sweeper sweeper2
8 pipe_cleaner
8 pull-through
8 squeegee
8 swab2 swob mop
9 dustmop dust_mop dry_mop
9 sponge_mop
7 eraser
8 blackboard_eraser
8 ink_eraser
8 rubber_eraser rubber4 pencil_eraser
7 fire_iron
8 poker stove_poker fire_hook salamander3
8 shovel3
7 flail
7 hook5
8 boat_hook
8 buttonhook
8 crotchet4
8 cup_hook
8 fishhook
8 gaff3
8 gig3
8 meat_hook
8 skyhook2
7 iron3 branding_iron
7 leather_strip
8 lash2 thong
8 strap
9 bootstrap
9 cheekpiece
9 chin_strap
9 crupper
9 latchet
9 noseband nosepiece2
9 rein
10 bearing_rein checkrein
10 leading_rein
9 strop
8 thong3
7 needle3
8 crochet_needle crochet_hook
8 dry_point2
8 hypodermic_needle
8 knitting_needle
8 packing_needle
8 sewing_needle
9 darning_needle embroidery_needle
9 sharp2
9 upholstery_needle
7 oar
8 paddle4 boat_paddle
8 scull2
8 scull
8 sweep4 sweep_oar
7 rod
8 baton wand4
8 baton4
8 connecting_rod
9 piston_rod
8 control_rod
8 fishing_rod fishing_pole
9 fly_rod
9 spinning_rod
8 kickstand
8 pole
9 barge_pole
9 boom4 microphone_boom
9 caber
9 clothes_tree coat_tree coat_stand
9 mast4
9 ski_pole
9 spar2
10 boom5
10 bowsprit
10 dolphin_striker martingale2
10 gaff2
10 jibboom
10 mast
11 foremast
11 jiggermast jigger2
11 jury_mast
11 mainmast
11 mizzenmast mizenmast mizzen mizen
11 topmast
12 fore-topmast
12 main-topmast
12 royal_mast
12 topgallant2 topgallant_mast
10 sprit
10 yard8
11 main_yard
9 stilt2
8 ramrod
8 ramrod3
8 rotating_shaft shaft9
9 camshaft
9 crankshaft
9 driveshaft
9 spindle3 mandrel mandril arbor2
9 transmission_shaft
8 shaft3
9 axle
10 dead_axle
11 axletree
12 axle_bar
10 journal5
10 live_axle driving_axle
9 thill
8 stair-rod
8 tie_rod
8 wand
7 sharpener
8 pencil_sharpener
8 steel3
8 strickle
7 snuffer
7 spear2 gig2 fizgig fishgig lance2
8 harpoon
8 leister
7 spike9
7 sports_implement
8 baton5
8 cue4 cue_stick pool_cue pool_stick
8 mallet
9 croquet_mallet
9 polo_mallet polo_stick
8 pole9
8 racket4 racquet
9 badminton_racket badminton_racquet battledore
9 crosse
9 squash_racket squash_racquet bat3
9 tennis_racket tennis_racquet
7 stick
8 bow2
9 fiddlestick violin_bow
8 club3
9 bat5
10 baseball_bat lumber2
10 paddle
11 table-tennis_racquet table-tennis_bat pingpong_paddle
9 bludgeon
10 blackjack2 cosh sap3
9 cudgel
10 bastinado
10 shillelagh shillalah
9 knobkerrie knobkerry
9 lathi lathee
9 truncheon nightstick baton2 billy billystick billy_club
8 divining_rod dowser2 dowsing_rod waterfinder water_finder
8 drumstick2
9 mallet2 hammer4
8 linstock
8 matchstick
8 maulstick mahlstick
8 singlestick fencing_stick backsword
8 spindle4
8 staff2
9 alpenstock
9 baton3
9 crook3 shepherd's_crook
9 crutch
9 distaff2
9 flagpole2 flagstaff2
9 pikestaff
9 quarterstaff
8 stob
8 swizzle_stick
8 walking_stick
9 cane
10 malacca3 malacca_cane
10 swagger_stick
10 sword_cane sword_stick
9 supplejack
7 stick7
7 stirrer2
7 strickle2
7 swab
7 swatter flyswatter flyswat
7 tool
8 abrader abradant2
9 abrading_stone
9 steel-wool_pad
8 bender
8 clincher3
8 comb3
9 hatchel heckle
8 cutting_implement
9 bit9
10 bur2 burr5
10 center_bit centre_bit
10 chamfer_bit
10 counterbore countersink2 countersink_bit
10 drilling_bit drill_bit
11 core_bit
11 fishtail_bit blade_bit
11 rock_bit roller_bit
10 expansion_bit expansive_bit
10 pilot_bit
10 spade_bit
10 twist_bit twist_drill
9 blade9
10 knife_blade
10 razorblade
9 cutter6 cutlery cutting_tool
10 bolt_cutter
10 cigar_cutter
10 die3
10 edge_tool
11 adz adze
11 ax axe
12 broadax broadaxe
13 battle-ax battle-axe2
14 poleax2 poleaxe2
12 common_ax common_axe
12 double-bitted_ax double-bitted_axe
12 fireman's_ax fireman's_axe
12 hatchet2
13 broad_hatchet
13 claw_hatchet
13 half_hatchet
12 ice_ax ice_axe piolet
12 poleax poleaxe
11 chisel
12 burin
12 cold_chisel set_chisel
12 drove3 drove_chisel
12 firmer_chisel
12 ripping_chisel
12 wood_chisel
11 gouge2
11 hand_ax hand_axe
11 hob3
11 knife
12 barong
12 bolo2 bolo_knife
12 bread_knife
12 butcher_knife
12 carving_knife
12 case_knife2 sheath_knife
12 cleaver meat_cleaver chopper4
12 drawknife drawshave
12 hunting_knife
12 letter_opener paper_knife paperknife
12 linoleum_knife linoleum_cutter
12 parang
12 parer2 paring_knife
12 pocketknife pocket_knife
13 clasp_knife jackknife
13 penknife
13 switchblade switchblade_knife flick-knife flick_knife
12 pruning_knife
12 slicer3
12 surgical_knife
13 catling
13 lancet2 lance3
13 scalpel
12 table_knife
13 butter_knife
13 case_knife
13 fish_knife
13 steak_knife
11 pick7 pickax pickaxe
12 mattock
11 plane5 carpenter's_plane woodworking_plane
12 beading_plane
12 block_plane
12 bullnose bullnosed_plane
12 chamfer_plane
12 circular_plane compass_plane
12 combination_plane
12 dovetail_plane
12 fore_plane
12 jack_plane
12 jointer jointer_plane jointing_plane long_plane
12 match_plane tonguing_and_grooving_plane
12 openside_plane rabbet_plane
13 dado_plane
12 router_plane
12 scrub_plane
12 smooth_plane smoothing_plane
12 spokeshave
11 razor
12 safety_razor
12 shaver3 electric_shaver electric_razor
12 straight_razor
11 scissors pair_of_scissors
12 clipper4
12 shears
13 clipper3
13 pruning_shears
14 secateurs
13 snips tinsnips
13 thinning_shears
12 snuffers
11 scythe
11 shear2
11 sickle reaping_hook reap_hook
11 wire_cutter
10 glass_cutter3
10 tile_cutter
9 paper_cutter
8 drill
9 auger2 gimlet2 screw_auger wimble
9 bore_bit borer rock_drill stone_drill
10 cross_bit
10 star_drill
10 straight_flute straight-fluted_drill
9 brace_and_bit
9 breast_drill
9 core_drill
9 dentist's_drill burr_drill
9 hand_drill handheld_drill
9 reamer2
9 trepan2
8 eolith
8 fork4
9 hayfork
8 gang4
8 garden_tool lawn_tool
9 edger2
9 hedge_trimmer
9 lawn_mower mower
10 hand_mower
10 power_mower motor_mower
11 riding_mower
8 grapnel grapple grappler2 grappling_hook grappling_iron
9 crampon crampoon
8 hack4
8 hand_tool
9 awl
10 bradawl pricker2
10 scriber scribe4 scratch_awl
9 bevel2 bevel_square
9 bill8 billhook
9 bodkin4 threader
9 bodkin3
9 crank4 starter6
10 crank_handle starting_handle
9 dibble dibber
9 file4
10 blunt_file
10 flat_file
10 nailfile
10 rasp2 wood_file
10 rat-tail_file
10 round_file
10 taper_file
9 float5 plasterer's_float
9 graver graving_tool pointel pointrel
10 scauper scorper
9 gutter4
9 hammer2
10 ball-peen_hammer
10 bricklayer's_hammer
10 carpenter's_hammer claw_hammer clawhammer
10 mallet3 beetle2
11 carpenter's_mallet
11 gavel
10 maul sledge2 sledgehammer
10 plexor plessor percussor
10 tack_hammer
9 marlinespike marlinspike marlingspike
9 miter_box mitre_box
9 opener3
10 bottle_opener
11 cap_opener
11 corkscrew bottle_screw
10 can_opener tin_opener
11 church_key
10 latchstring
9 pallet3
9 pestle3
9 pick6
10 icepick ice_pick
10 toothpick
9 pincer pair_of_pincers tweezer pair_of_tweezers
10 roach_clip roach_holder
9 pipe_cutter
9 pitchfork
9 pliers pair_of_pliers plyers
10 locking_pliers
10 needlenose_pliers
10 pump-type_pliers
10 rib_joint_pliers
10 slip-joint_pliers
9 plunger3 plumber's_helper
9 ravehook
9 sandblaster
9 saw2
10 bucksaw
10 crown_saw
10 folding_saw
10 hacksaw hack_saw metal_saw
10 handsaw hand_saw carpenter's_saw
11 backsaw back_saw
11 compass_saw
11 coping_saw
11 crosscut_saw crosscut_handsaw cutoff_saw
11 keyhole_saw
11 pruning_saw
12 pruner2 pruning_hook lopper
11 ripsaw splitsaw
10 two-handed_saw whipsaw two-man_saw lumberman's_saw
11 pitsaw
9 scraper
9 screwdriver
10 flat_tip_screwdriver
10 spiral_ratchet_screwdriver ratchet_screwdriver
9 shovel
10 hand_shovel
11 coal_shovel
11 entrenching_tool trenching_spade
11 spade2
12 ditch_spade long-handled_spade
12 garden_spade
11 spud2 stump_spud
10 posthole_digger post-hole_digger
10 scoop5 scoop_shovel
9 soldering_iron
9 spatula2
10 palette_knife
10 putty_knife
10 slice6
9 spreader
9 square8
10 carpenter's_square
10 try_square
11 set_square
9 straightedge
9 tire_iron tire_tool
9 trowel
10 brick_trowel mason's_trowel
10 garden_trowel
10 plastering_trowel
10 pointing_trowel
10 slick4
9 weeder2 weed-whacker
9 wire_stripper
9 wrench3 spanner
10 adjustable_wrench adjustable_spanner
11 crescent_wrench
11 monkey-wrench monkey_wrench
11 pipe_wrench tube_wrench
12 chain_tongs
13 chain_wrench
11 screw_wrench
10 alligator_wrench
10 box_wrench box_end_wrench
10 brace_wrench
10 bulldog_wrench
10 carriage_wrench
10 dog_wrench
10 hook_wrench hook_spanner
10 lug_wrench
10 open-end_wrench tappet_wrench
10 pin_wrench
10 screw_key
10 socket_wrench
10 sparkplug_wrench
10 tap_wrench
10 torque_wrench
8 hoe
9 scuffle2 scuffle_hoe
8 jack9
9 bumper_jack
9 jackscrew screw_jack
8 neolith
8 paleolith
8 pestle2 muller8 pounder2
8 plow plough2
9 bull_tongue
9 moldboard_plow mouldboard_plough
10 lister3 lister_plow lister_plough middlebreaker middle_buster
8 punch3 puncher3
9 center_punch
9 punch_pliers
8 rake3
9 croupier's_rake
9 garden_rake
8 ram4
9 battering_ram
9 rammer
8 rounder2
8 saw_set
8 shaping_tool
9 die2
10 stamp8
8 strickle3
8 stylus2 style8
8 tamp tamper tamping_bar
9 stemmer4
8 tap5
8 upset4 swage
7 tuning_fork
7 utensil
8 ceramic_ware
9 earthenware
10 delft
10 faience
10 majolica maiolica
10 terra_cotta
10 terra_sigillata
9 porcelain
10 china2
11 bone_china
11 crackle2 crackleware crackle_china
9 pottery clayware
10 agateware
10 lusterware
9 stoneware
8 copperware
8 funnel2
8 kitchen_utensil
9 cheese_cutter
9 cookie_cutter
9 cooking_utensil cookware
10 baster3
10 chafing_dish
10 cooker
11 popper3
10 cookie_sheet baking_tray
10 enamelware
11 cloisonne
11 graniteware
10 grid5 gridiron
10 griddle
10 pan cooking_pan
11 dripping_pan drip_pan
11 frying_pan frypan skillet
12 electric_frying_pan
12 spider3
11 omelet_pan omelette_pan
11 patty-pan
11 roaster4
11 saucepan
12 double_boiler double_saucepan
12 stewing_pan stewpan
11 wok
10 poacher2
10 pot
11 caldron cauldron
11 coffeepot
12 drip_pot
12 percolator
11 dixie2
11 kettle boiler2
12 teakettle
11 marmite2
11 pottle
11 saucepot
11 stockpot
11 teapot
11 urn2
12 coffee_urn
12 samovar
12 tea_urn
10 skimmer2
10 steamer2
10 turner8 food_turner
11 fish_slice
11 pancake_turner
11 spatula
9 grater
9 kitchenware
9 masher2
9 mincer mincing_machine
9 mixer4
10 blender liquidizer liquidiser
10 electric_mixer
10 whisk
9 ricer
9 rolling_pin
9 seeder3
9 squeezer
10 reamer juicer2 juice_reamer
9 tea_ball
8 server4
7 writing_implement
8 chalk4
9 drawing_chalk
9 tailor's_chalk
8 charcoal2 fusain
8 crayon wax_crayon
8 cyclostyle
8 marker3
9 highlighter2
8 pen
9 ballpoint ballpoint_pen ballpen
9 felt-tip_pen felt-tipped_pen felt_tip
9 fountain_pen
9 quill quill_pen
8 pencil
9 lead_pencil
9 slate_pencil
8 sketcher2
6 means2
6 system
7 communication_system
8 ground_control
8 intercommunication_system intercom
9 interphone
8 public_address_system
8 radio3 wireless4
9 radiotelegraph2 radiotelegraphy2 wireless_telegraph wireless_telegraphy2
8 radio_link link8
9 walkie-talkie walky-talky
8 telecommunication_system telecom_system telecommunication_equipment telecom_equipment
9 television2 television_system
10 cable6 cable_television2 cable_system cable_television_service
10 closed-circuit_television
11 surveillance_system
10 color_television colour_television color_television_system colour_television_system
11 field-sequential_color_television field-sequential_color_television_system
10 satellite_television
8 telephone_system phone_system
7 computer_system computing_system automatic_data_processing_system
8 backup_system
8 platform3
7 containment2
7 control_system
8 closed_loop closed-loop_system
8 servo servomechanism servosystem
7 data_system information_system
7 drainage_system
7 exhaust2 exhaust_system
7 explosive_detection_system
7 explosive_trace_detection
7 guidance_system guidance_device
7 hookup2 assemblage2
7 inertial_guidance_system inertial_navigation_system
7 lockage2
7 maze labyrinth
7 mechanical_system
8 fuel_injection fuel_injection_system
8 linkage3
8 lubricating_system force-feed_lubricating_system force_feed pressure-feed_lubricating_system pressure_feed
8 production_line assembly_line line9
8 suspension5 suspension_system
8 ventilation2 ventilation_system ventilating_system
7 navigational_system
8 omnirange omnidirectional_range omnidirectional_radio_range
7 network5 electronic_network
8 computer_network
9 internet net cyberspace
9 intranet
9 local_area_network
10 ethernet
10 wireless_local_area_network wireless_fidelity
9 wide_area_network
9 web5
8 early_warning_system
8 superhighway2 information_superhighway
7 network4
8 reseau2
8 reticle reticule2 graticule
8 reticulation2
7 propulsion_system
7 resonator3
7 scaffolding staging2
7 security_system
8 firewall2
7 selsyn synchro
7 solar_thermal_system
7 sprinkler_system
7 synchromesh
6 toiletry toilet_articles
7 antiperspirant
7 bath_oil
7 bath_salts
7 cosmetic
8 depilatory2 depilator epilator
9 epilating_wax
8 highlighter
8 makeup make-up3 war_paint3
9 blackface
9 eyebrow_pencil
9 eyeliner
9 eyeshadow
9 greasepaint
9 kohl
9 lip-gloss
9 lipstick lip_rouge
9 mascara
9 rouge paint3 blusher2
8 nail_polish nail_enamel nail_varnish
8 pencil4
7 cream3 ointment2 emollient
8 cold_cream coldcream face_cream vanishing_cream
8 hand_cream
8 lanolin2
8 nard spikenard
8 sunscreen sunblock sun_blocker
7 deodorant deodourant
7 hairdressing hair_tonic hair_oil hair_grease
8 pomade pomatum
9 brilliantine
7 hair_spray
7 lotion
8 after-shave after-shave_lotion
9 bay_rum
8 body_lotion
8 hand_lotion
8 toner3
7 mousse3 hair_mousse
7 perfume2 essence4
8 cologne2 cologne_water eau_de_cologne
8 patchouli2 patchouly2 pachouli2
8 perfumery
8 potpourri3
8 rose_water
8 toilet_water eau_de_toilette
7 powder3
8 araroba chrysarobin
8 baby_powder
8 face_powder
8 toilet_powder bath_powder dusting_powder
9 talcum2 talcum_powder
7 shaving_cream shaving_soap
7 shaving_foam
7 gel2 hair_gel
6 weaponry arms implements_of_war weapons_system munition
7 ammunition ammo
8 belt6 belt_ammunition belted_ammunition
8 cartridge
9 ball_cartridge
9 blank4 dummy4 blank_shell
9 cartouche cartouch
8 case_shot canister canister_shot
8 powder_and_shot
8 round unit_of_ammunition one_shot
8 shell
9 artillery_shell
9 shotgun_shell
9 shrapnel
9 tank_shell
9 whizbang whizzbang whizbang_shell
8 tracer4 tracer_bullet
7 armament
8 arsenal armory2 armoury2
8 artillery heavy_weapon gun2 ordnance2
9 cannon
10 basilisk2
10 culverin
10 harpoon_gun
10 high-angle_gun
11 mortar howitzer trench_mortar
10 long_tom
9 field_artillery field_gun
9 four-pounder
8 broadside3
8 launcher rocket_launcher
9 bazooka
8 munition2 ordnance ordnance_store
8 torpedo6
9 aerial_torpedo
9 bangalore_torpedo
9 homing_torpedo
9 submarine_torpedo
7 defense_system defence_system
7 gunnery
7 hardware
7 naval_weaponry
8 fire_control_system
8 missile_defense_system missile_defence_system
8 naval_gun
9 stern_chaser
8 naval_missile
5 layer bed6
6 backing2 mount5
6 blanket3
6 course8 row4
7 damp-proof_course damp_course
7 row_of_bricks
6 cushion2
6 interlayer
6 lift7
7 top_lift
6 overlay2
6 ply2
6 tier5
6 wall6
5 lemon5 stinker3
5 line9
6 becket2
6 cord
7 agal
7 apron_string
7 bowstring
7 catgut2 gut3
7 chenille chenille_cord
7 clews
7 clothesline
7 fishing_line
8 handline hand_line
8 night-line
8 trawl trawl_line spiller2 setline trotline
7 lace lacing2
8 bootlace
8 shoelace shoe_lace shoestring shoe_string2
7 lanyard2 laniard2
7 lanyard laniard
7 log_line
7 piping
7 plumb_line perpendicular3
8 lead_line sounding_line
8 plumb_rule
7 ripcord2
7 ripcord
7 sash_cord sash_line
7 slack6
7 static_line
7 string twine
8 chalk_line snap_line snapline
8 packthread
7 string3
8 snare4
7 thread yarn2
8 cotton4
9 lisle2 lisle_thread
8 dental_floss floss2
8 floss
8 ligature4
8 metallic2
8 pile7 nap3
8 purl
8 suture3
8 tinsel2
8 warp4
8 woof weft filling4 pick4
8 worsted2 worsted_yarn
7 tie9
8 drawstring drawing_string string6
9 purse_string
7 whipcord
7 wick2 taper3
8 candlewick
7 wick
6 lanyard3 laniard3
6 lifeline4
7 ridge_rope
6 lifeline3
6 mooring2 mooring_line
7 headfast
6 painter3
6 ratline ratlin
6 rope
7 bola2
7 brace5
8 royal_brace
7 brail2
7 bungee bungee_cord
7 cable3
8 ground_cable
7 cordage2
8 sennit
7 guide_rope
7 halyard halliard
7 hangman's_rope hangman's_halter halter2 hemp3 hempen_necktie
7 harpoon_line
7 hawser
7 jump_rope skip_rope skipping_rope
7 lashing2
7 lasso2 lariat riata reata
7 prolonge
7 small_stuff
8 marline
8 seizing
8 spun_yarn
7 tier4
7 tightrope
8 high_wire
7 trip_line
6 sheet7 tack4 mainsheet weather_sheet shroud2
7 futtock_shroud
6 shroud
6 strand2
7 ply
7 rope_yarn
6 towline towrope towing_line towing_rope
6 trace5
5 marker
6 bookmark bookmarker
6 yard_marker
5 mystification2
5 opening9
6 aperture3
7 mouthpiece6 embouchure
7 mouthpiece
6 bell9
6 breech rear_of_barrel rear_of_tube
6 exit issue9 outlet3 way_out
7 outfall
6 fly3 fly_front
6 gap3 crack2
7 lacuna blank2
7 spark_gap2
6 gun_muzzle muzzle
7 point9 gunpoint
6 hole2
7 air_hole2
7 armhole
7 bunghole2
7 buttonhole button_hole
7 countersink
7 cup7
7 ear_hole
7 eye5
7 eyelet eyehole2
7 finger_hole2
8 thumbhole2
7 finger_hole
7 hawse hawsehole hawsepipe
7 keyhole
7 loophole2
7 lubber's_hole
7 manhole
7 mortise mortice
7 mouth_hole
7 nail_hole
7 peephole spyhole eyehole
8 judas4
7 perforation
7 plughole
7 posthole post_hole
7 puncture2
8 pinhole
8 pinprick2
7 sound_hole
7 thumbhole
7 vent venthole vent-hole blowhole2
8 smoke_hole
6 intake2 inlet2
7 air_horn2
7 siamese3 siamese_connection
6 interstice2
6 lunette2 fenestella
6 mouth8
6 neck5 neck_opening
7 neckline
8 crew_neck crew_neckline
8 decolletage
6 pass-through
6 port3 embrasure porthole2
6 slit
7 jag2
7 slot2
8 coin_slot
8 mail_slot
7 vent4
6 spout
7 gargoyle
7 nozzle nose8
8 showerhead
6 throat2
6 wicket4 lattice2 grille
6 window2
7 car_window
8 quarterlight
8 rear_window
6 window7
7 ticket_window
5 padding cushioning
6 cushion3
7 air_cushion3 inflatable_cushion
7 gaddi
7 hassock2
7 headrest head_restraint
7 pillow
8 bed_pillow
8 bolster long_pillow
7 pincushion
7 seat_cushion
7 throw_pillow
6 falsie
6 pad4
7 carpet_pad rug_pad underlay underlayment
8 underfelt
7 cleaning_pad
8 scouring_pad
8 soap_pad
7 mat8
8 drip_mat
9 beer_mat
8 mousepad mouse_mat
8 place_mat
7 mattress
8 air_mattress
8 feather_bed featherbed
8 futon
8 paillasse palliasse
8 pallet4
8 spring_mattress
8 tick4
7 mattress_pad
7 panel5
7 plastron4
7 potholder
7 powderpuff puff5
7 rat5
7 sanitary_napkin sanitary_towel
7 table_mat hot_pad
7 transdermal_patch skin_patch
8 estradiol_patch
6 stuffing2
7 batting2 batten
5 plaything toy
6 ball6
7 beach_ball beachball
7 snowball4
6 balloon2
6 cockhorse
6 doll dolly3
7 golliwog golliwogg
7 kachina3
7 paper_doll
7 puppet3
8 hand_puppet glove_puppet glove_doll
7 rag_doll
7 sawdust_doll
7 toy_soldier
6 dollhouse2 doll's_house2
6 hobby2 hobbyhorse2 rocking_horse
6 hula-hoop
6 jack-in-the-box
6 jumping_jack
6 kaleidoscope2
6 kite3
7 box_kite
7 sport_kite stunt_kite
6 pinata
6 pinwheel3 pinwheel_wind_collector
6 playhouse wendy_house
7 tree_house
6 pogo_stick
6 popgun
6 rattle2
6 sandbox2 sandpile sandpit2
6 seesaw teeter teeter-totter teetertotter teeterboard tilting_board dandle_board
6 slide4 playground_slide sliding_board
6 slingshot sling2 catapult
6 stick_horse
6 teddy teddy_bear
6 top8 whirligig teetotum spinning_top
7 humming_top
7 peg_top
7 whipping_top whip_top
6 train_set
6 water_pistol water_gun squirt_gun squirter
6 yo-yo
5 ready-made
5 restoration5
5 sheet6 flat_solid
6 blackboard chalkboard
6 blank3
6 board3
7 aquaplane
7 breadboard bread_board
7 bulletin_board2 notice_board
8 call-board
7 chopping_board cutting_board
7 drafting_board drawing_board
7 drainboard draining_board
7 floorboard floor_board
7 ironing_board
7 kneeler2
7 mortarboard hawk3
7 palette2 pallet5
7 planchette
7 scoreboard
7 sideboard2
7 sideboard
7 skateboard
7 snowboard
7 springboard
8 diving_board
9 highboard
7 surfboard
7 trencher2
7 wake_board wakeboard
7 wallboard drywall dry_wall
8 beaver_board
8 fiberboard fibreboard particle_board
8 plasterboard gypsum_board
7 workboard work-board
6 film5 plastic_film
7 shrink-wrap
6 laminate
7 plastic_laminate
7 plywood plyboard
6 membrane
7 drumhead head9
7 gelatin3 gel3
6 panel
7 coffer caisson lacunar
7 footboard2
7 headboard
7 paneling panelling pane2
8 wall_panel
7 wainscot2 wainscoting2 wainscotting2
7 wainscot dado
7 window3
6 plate2
7 baffle baffle_board
8 diffuser diffusor
7 cylinder_head
7 damper
7 disk2 disc4
8 acetate_disk phonograph_recording_disk
8 brake_disk
8 deadeye2
8 diaphragm4
8 discus2 saucer4
8 planchet coin_blank
8 puck2 hockey_puck
8 token3
9 subway_token
7 engraving2
8 copperplate3 copperplate_engraving
8 etching2
8 gravure2
8 halftone2 halftone_engraving photoengraving
8 linecut2 line_block line_engraving2
8 steel_engraving2
8 woodcut2 wood_block wood_engraving2
7 escutcheon2
7 fin_keel
8 centerboard centreboard drop_keel sliding_keel
9 daggerboard
7 fishplate
7 grid3 storage-battery_grid
7 gusset2 gusset_plate
7 lamella3
7 license_plate numberplate
7 nameplate
8 doorplate
7 plate_iron
8 boilerplate2
8 sheet_iron
8 stovepipe_iron
8 tank_iron
7 platen2
7 pleximeter plessimeter
7 tap4
6 plate9 photographic_plate
7 quarter_plate
6 plate_glass sheet_glass
7 cover_glass cover_slip
7 pane pane_of_glass window_glass
8 windowpane window6
7 slide microscope_slide
6 sheet_metal
7 corrugated_iron
7 flashing2
7 foil
8 aluminum_foil aluminium_foil tin_foil2
8 chaff2
8 gold_foil
9 gold_leaf
8 tinfoil tin_foil
7 tin_plate tinplate
6 stencil
5 sphere2
6 globe3
7 celestial_globe
8 armillary_sphere armilla
5 square7
5 squeaker
5 strip2 slip9
6 band7
7 armband2
7 armlet arm_band
7 backband
7 bellyband
7 collar neckband2
8 choker4 ruff2 ruffle2 neck_ruff
9 fraise
8 clerical_collar dog_collar2
8 rabato rebato
8 turtleneck_collar polo-neck_collar
7 collar6
8 dog_collar
7 garter supporter4
7 girdle2 cincture sash2 waistband waistcloth
8 cummerbund
7 headband
8 taenia tenia fillet4
7 headstall headpiece
7 hoop2 ring3
8 carabiner karabiner snap_ring
8 collar4
8 curtain_ring
8 key_ring
8 napkin_ring
8 nose_ring
8 rim3
9 felloe felly
8 rim2
8 tire tyre2
9 car_tire automobile_tire auto_tire rubber_tire
10 retread recap2
9 pneumatic_tire pneumatic_tyre
10 flat5 flat_tire
10 radial radial_tire radial-ply_tire
10 snow_tire
10 tubeless tubeless_tire
9 wagon_tire
8 towel_ring
7 rubber_band elastic_band elastic
7 strap3 shoulder_strap
7 sweatband
7 sweatband2
7 watchband watchstrap wristband2 watch_bracelet bracelet
7 weed2 mourning_band
7 wristband
7 wristlet wrist_band
6 band9 ring9
6 band9
6 cramp3 cramp_iron
6 reef3
6 lead9 leading
6 mullion
6 ribbon3 typewriter_ribbon
6 screed3
6 stay4
6 tab4
6 tape
7 adhesive_tape
8 cellulose_tape
8 duct_tape
8 friction_tape insulating_tape
8 masking_tape masking_paper
8 plaster5 adhesive_plaster sticking_plaster
9 court_plaster
7 inkle
7 webbing2
6 weather_strip weatherstrip weather_stripping weatherstripping
5 structure construction4
6 airdock hangar repair_shed
6 altar2
7 high_altar
6 arcade2 colonnade2
7 loggia
6 arch4
7 abutment_arch
7 broken_arch
7 camber_arch
7 corbel_arch
7 flat_arch straight_arch
7 pier_arch
7 pointed_arch
8 drop_arch
8 lancet_arch lancet
8 ogee_arch keel_arch
8 trefoil_arch
7 proscenium_arch
7 rampant_arch
7 round_arch
8 bell_arch
8 horseshoe_arch
8 semicircular_arch
8 three-centered_arch basket-handle_arch
7 rowlock_arch
7 safety_arch
7 scoinson_arch sconcheon_arch
7 segmental_arch
7 shouldered_arch
7 skeen_arch skene_arch scheme_arch diminished_arch
7 skew_arch
7 squinch
8 trumpet_arch
7 trimmer_arch
7 triumphal_arch
7 four-centered_arch
6 area5
7 aisle3
7 auditorium
8 assembly_hall
7 baggage_claim
7 box7
8 batter's_box
7 breakfast_area breakfast_nook
7 bullpen
7 chancel sanctuary3 bema
7 choir3
7 corner3 nook2
8 amen_corner
8 chimney_corner inglenook
7 court9 courtyard
8 atrium2
8 bailey3
8 cloister2
8 food_court
8 forecourt
8 parvis
7 dead-air_space
7 dining_area
7 enclosure
8 cage coop2
9 birdcage
9 hutch
10 rabbit_hutch
9 squirrel_cage
8 cargo_area cargo_deck cargo_hold hold9 storage_area
8 catchall
8 chamber
9 airlock air_lock
9 bomb_shelter air-raid_shelter bombproof
9 caisson4 pneumatic_caisson cofferdam
9 camera_obscura
9 core9
9 cylinder3 piston_chamber
10 brake_cylinder hydraulic_brake_cylinder master_cylinder
9 firing_chamber gun_chamber
9 furnace
10 athanor
10 blast_furnace
10 crematory2 crematorium2 cremation_chamber
11 gas_oven
10 cupola
10 electric_furnace
11 electric-arc_furnace
10 firebox
10 forge
10 gas_furnace
10 incinerator
10 kiln
11 brickkiln
11 dry_kiln
11 limekiln
11 muffle
11 oast
10 oil_burner oil_furnace
10 open-hearth_furnace
10 reverberatory_furnace
10 tank_furnace
9 hyperbaric_chamber
9 particle_detector
10 bubble_chamber
10 cloud_chamber
10 spark_chamber spark_counter
9 resonator cavity_resonator resonating_chamber
10 soundbox body9
10 sounding_board2 soundboard
9 steam_chest
9 stokehold stokehole fireroom
9 stuffing_box packing_box
9 tokamak
9 vacuum_chamber
8 compound3
8 dock
8 echo_chamber
8 lock4 lock_chamber
8 nacelle
8 pen2
9 cow_pen cattle_pen corral
9 creep3
9 fold6 sheepfold sheep_pen sheepcote
9 holding_pen holding_paddock holding_yard
9 kraal2
9 paddock
9 pinfold
9 rodeo2
9 sty2 pigsty pigpen
8 pit5
9 cockpit2
8 playpen pen3
8 plenum2
8 pound9 dog_pound
8 recess4 niche3
9 alcove bay6
10 carrel2 carrell cubicle2 stall6
9 apse apsis
10 tribune2
9 columbarium2 cinerarium
9 fireplace hearth open_fireplace
10 fire4
11 cookfire
9 mihrab2
8 vivarium
9 aquarium fish_tank marine_museum
9 terrarium
8 yard9
9 barnyard
9 chicken_yard hen_yard chicken_run fowl_run
9 farmyard
9 stockyard
7 goalmouth
7 hideaway2 retreat5
7 nave
7 orchestra_pit pit9
7 panopticon
8 showroom salesroom saleroom
7 patio terrace
8 suntrap solar_trap
7 pit7
7 pit6
7 press_gallery
7 pull-off rest_area rest_stop layby lay-by
7 quad4 quadrangle2
7 room
8 anechoic_chamber
8 anteroom antechamber entrance_hall hall2 foyer lobby vestibule
9 narthex2
8 back_room
8 ballroom dance_hall dance_palace
9 disco2 discotheque
8 barroom bar saloon ginmill taproom
9 barrelhouse honky-tonk
9 cocktail_lounge
9 sawdust_saloon
9 speakeasy
8 bathroom
8 bedroom sleeping_room sleeping_accommodation chamber5 bedchamber
9 boudoir
9 child's_room
10 nursery baby's_room
11 day_nursery day_care_center
9 dormitory2 dormitory_room dorm_room
9 guestroom
9 hotel_room
10 adjoining_room
10 connecting_room
9 master_bedroom
9 motel_room
8 belfry2
8 billiard_room billiard_saloon billiard_parlor billiard_parlour billiard_hall
8 boardroom council_chamber
9 divan4 diwan3
8 cardroom
8 cell7 jail_cell prison_cell
9 bullpen2 detention_cell detention_centre
9 cooler3 tank5
9 dungeon2
10 oubliette
9 guardroom
9 hold7 keep3
9 sweatbox
8 cell6 cubicle
8 chamber3
8 checkroom left-luggage_office
8 classroom schoolroom
9 home_room homeroom
9 lecture_room
9 study_hall2
8 clean_room white_room
9 laminar_flow_clean_room
8 cloakroom2 coatroom
8 closet4
9 booth2 cubicle3 stall2 kiosk
10 confessional
10 polling_booth
10 prompt_box prompter's_box
10 shower_stall shower_bath
10 telephone_booth phone_booth call_box telephone_box telephone_kiosk
10 tollbooth tolbooth tollhouse
10 voting_booth
8 clubroom
8 compartment2
9 bay5
9 bay4
9 box9
10 jury_box
10 press_box
10 witness_box witness_stand
9 box2 loge2
10 skybox
9 cab
9 cabin3
10 pressure_cabin
9 cabin
10 stateroom
9 cabinet3 locker storage_locker
10 glory_hole lazaretto2
9 cable_car car5
9 car4 elevator_car
9 car3 gondola3
9 cockpit
9 couchette
9 drawing_room2
9 glove_compartment
9 luggage_compartment automobile_trunk trunk4 boot2
9 module2
10 command_module
9 pilothouse wheelhouse
10 conning_tower
9 roomette
9 stall
9 well5
10 bilge_well
10 pump_well
8 conference_room
8 control_room
8 court2 courtroom
8 cubby cubbyhole2 snuggery snug
8 cutting_room
8 darkroom
8 den4
8 dinette
8 dining_room dining-room
9 dining-hall
10 refectory
9 mess5 mess_hall
10 officer's_mess
9 triclinium
8 door5
8 dressing_room
8 durbar
8 engineering3 engine_room
8 floor9 trading_floor
8 furnace_room
8 gallery4
8 gallery3 art_gallery picture_gallery
9 salon
8 greenroom
8 guardroom2
8 hall3
9 beer_hall
9 concert_hall
9 exhibition_hall exhibition_area
10 palace3
9 floor9
9 great_hall
10 apadana
8 hospital_room
9 emergency_room
9 operating_room operating_theater operating_theatre surgery3
9 recovery_room
8 kitchen
9 galley4 ship's_galley caboose cookhouse
10 cuddy
9 galley3
9 kitchenette
8 library
8 living_room living-room sitting_room front_room parlor2 parlour2
9 common_room
9 morning_room
9 salon3
8 locker_room
8 lounge2 waiting_room waiting_area
9 cloakroom
9 departure_lounge
8 manor_hall hall5
8 poolroom
8 presence_chamber
8 rathole2
8 reading_room
9 newsroom3
8 reception_room
9 drawing_room withdrawing_room
9 parlor parlour
8 recreation_room rec_room
9 canteen4
9 family_room
9 rumpus_room playroom game_room
8 rotunda2
8 scriptorium
8 scullery
8 sewing_room
8 shipping_room
8 shower_room
8 sickbay sick_berth
8 sickroom
8 smoking_room
8 squad_room2
8 squad_room
8 steam_bath steam_room vapor_bath vapour_bath
9 sauna sweat_room
8 storeroom storage_room stowage2
9 chandlery2
9 lumber_room
9 pantry larder2 buttery
10 stillroom still_room
9 stockroom stock_room
9 strongroom
10 vault2 bank_vault
8 study5
8 sun_parlor sun_parlour sun_porch sunporch sunroom sun_lounge solarium
8 surgery2
8 television_room tv_room
8 test_room testing_room
8 toilet lavatory lav can6 john privy bathroom2
9 head9
9 public_toilet comfort_station public_convenience convenience3 public_lavatory restroom toilet_facility wash_room
10 ladies'_room powder_room
10 latrine
10 men's_room men's
9 washroom
9 water_closet closet2 loo
8 torture_chamber
8 vestry2 sacristy
8 walk-in4
8 war_room
8 workroom
7 second_balcony family_circle upper_balcony peanut_gallery2
7 storage_space
8 cache
8 cellar3 wine_cellar
8 cupboard closet
9 airing_cupboard
9 broom_closet
9 safe2
10 meat_safe
9 supply_closet
8 stacks2
7 threshing_floor
7 turnaround3
6 balcony2
7 gallery6
8 amphitheater amphitheatre
8 choir_loft
8 organ_loft
6 balcony
7 loge
7 mezzanine first_balcony
6 bascule
6 boarding2
7 boards2
7 flashboard flashboarding
6 body9
7 bodywork
7 fuselage
6 bridge span5
7 cantilever_bridge
7 cattle_guard cattle_grid
7 covered_bridge
7 drawbridge lift_bridge
7 footbridge overcrossing pedestrian_bridge
8 gangplank gangboard gangway2
8 jet_bridge
7 overpass flyover
7 pontoon_bridge bateau_bridge floating_bridge
7 rope_bridge
7 steel_arch_bridge
7 suspension_bridge
7 toll_bridge
7 trestle_bridge
7 truss_bridge
7 viaduct
6 building edifice
7 abattoir butchery shambles2 slaughterhouse
7 apartment_building apartment_house
8 tenement tenement_house
8 walk-up2
7 architecture
7 aviary bird_sanctuary volary
7 basilica2
7 bathhouse bathing_machine
7 bowling_alley
7 center3 centre9
8 burn_center
8 call_center call_centre
8 community_center civic_center
8 conference_center conference_house
8 control_center
8 research_center research_facility
8 service_club2
8 settlement_house
8 student_center
7 chapterhouse
7 clubhouse club4
7 farm_building
8 barn
9 cowbarn cowshed cow_barn cowhouse byre
9 tithe_barn
8 chicken_coop coop hencoop henhouse
8 stable stalls horse_barn
9 livery_stable
7 feedlot
7 firetrap
7 gambling_house gambling_den gambling_hell gaming_house
8 casino gambling_casino
7 gazebo summerhouse
8 belvedere2
7 government_building
8 capitol
8 chancellery
8 courthouse
8 customhouse customshouse
8 diplomatic_building
9 consulate
9 embassy
8 town_hall
7 greenhouse glasshouse
8 conservatory3 hothouse indoor_garden
7 hall9
8 city_hall
8 guildhall
9 gildhall
8 lyceum2
7 hall9
7 hotel
8 fleabag
8 hostel hostelry inn lodge6 auberge
9 caravansary caravanserai khan2 caravan_inn
9 imaret
9 posthouse post_house
9 roadhouse
8 motor_hotel motor_inn motor_lodge tourist_court court7
9 motel
8 resort_hotel2 spa2
8 ski_lodge
7 hotel-casino2 casino-hotel2
7 house9
8 bathhouse2 bagnio2
9 sudatorium sudatory2
8 courthouse2
8 field_house sports_arena
8 icehouse
8 meat_house2
8 oast_house
8 pump_house pumping_station
9 pump_room
8 smokehouse meat_house
8 stash_house
7 library5
7 medical_building health_facility healthcare_facility
8 clinic3
9 dispensary
8 hospital infirmary
9 creche foundling_hospital
9 lazaretto lazaret lazarette lazar_house pesthouse
9 maternity_hospital
9 mental_hospital psychiatric_hospital mental_institution institution5 mental_home insane_asylum asylum2
10 booby_hatch crazy_house cuckoo's_nest funny_farm funny_house loony_bin madhouse nut_house nuthouse sanatorium2 snake_pit2
9 military_hospital
10 field_hospital
9 sanatorium sanatarium sanitarium
7 ministry2
7 morgue mortuary dead_room
8 crematory crematorium
8 funeral_home funeral_parlor funeral_parlour funeral_chapel funeral_church funeral-residence
7 observatory
7 office_building office_block
7 opium_den
7 outbuilding
8 coach_house carriage_house remise2
8 garage
9 carport car_port
8 kennel doghouse dog_house
8 outhouse privy2 earth-closet jakes
8 shed
9 apiary bee_house
9 boathouse
9 coal_house
9 toolshed toolhouse
9 woodshed
7 packinghouse
7 place_of_worship house_of_prayer house_of_worship
8 bethel
8 chapel
9 chantry2
9 lady_chapel
9 side_chapel
8 church2 church_building
9 abbey
9 basilica
9 cathedral
10 minster
9 cathedral2 duomo
9 kirk
8 conventicle2 meetinghouse
8 masjid musjid
8 mosque
8 shrine
9 oracle3
9 stupa tope
8 synagogue temple4 tabernacle3
8 temple
9 joss_house
9 pagoda
9 pantheon3
7 planetarium
7 presbytery
7 restaurant eating_house eating_place eatery
8 bistro
8 brasserie
8 cafe coffeehouse coffee_shop coffee_bar
9 caff
9 cybercafe
9 espresso_shop
9 estaminet
9 pull-in pull-up
8 cafeteria
9 automat2
8 canteen5
8 canteen3 mobile_canteen
8 diner3
8 greasy_spoon
8 grillroom grill
8 hash_house
8 lunchroom
8 rotisserie2
8 steakhouse chophouse
8 teashop teahouse tearoom tea_parlor tea_parlour
9 buttery2
7 rest_house
7 rink skating_rink
8 ice_rink ice-skating_rink ice8
9 ice_hockey_rink ice-hockey_rink
7 rotunda
7 ruin2
7 school2 schoolhouse
8 conservatory2 conservatoire
9 art_school
9 music_school2
8 day_school3
7 shooting_gallery
7 signal_box signal_tower
7 skyscraper
7 student_union
7 tavern tap_house
8 beer_garden
8 bucket_shop2
8 public_house pub saloon2 pothouse gin_mill taphouse
9 alehouse
9 free_house
8 rathskeller
8 shebeen
7 telecom_hotel telco_building
7 temple3
8 ziggurat zikkurat zikurat
7 theater theatre house9
8 arena_theater theater_in_the_round
8 cinema2 movie_theater movie_theatre movie_house picture_palace
9 bioscope
9 fleapit
9 multiplex2
8 dinner_theater dinner_theatre
8 home_theater home_theatre
8 little_theater little_theatre
8 music_hall vaudeville_theater vaudeville_theatre
8 opera3 opera_house
7 whorehouse brothel bordello bagnio house_of_prostitution house_of_ill_repute bawdyhouse cathouse sporting_house
8 massage_parlor
6 building_complex complex4
7 college3
7 plant works industrial_plant
8 bottling_plant
8 brewery
9 brewpub
9 microbrewery
8 distillery still4
8 factory mill manufacturing_plant manufactory
9 assembly_plant
10 maquiladora
9 automobile_factory auto_factory car_factory
9 cannery
9 chemical_plant
9 foundry metalworks
10 armory4 armoury4 arsenal3
10 bell_foundry
10 iron_foundry
9 lumbermill sawmill2
9 paper_mill
9 stamp_mill stamping_mill
10 battery5 stamp_battery
10 quartz_battery quartz_mill
9 steel_mill steelworks steel_plant steel_factory
10 rolling_mill
9 sweatshop
9 textile_mill
10 cotton_mill
8 mint6
8 packinghouse2 packing_plant
8 recycling_plant
8 refinery
9 oil_refinery petroleum_refinery
9 sugar_refinery
8 saltworks
8 sewage_disposal_plant disposal_plant
8 smelter smeltery
7 ribbon_development
6 catchment
6 coil spiral5 volute2 whorl3 helix2
7 hank
8 skein
6 colonnade
7 peristyle
6 column6 pillar4
7 obelisk
7 totem_pole
6 corner9 quoin3
6 cross
6 deathtrap
6 defensive_structure defense9 defence7
7 cheval-de-frise chevaux-de-frise
7 fortification munition3
8 bastion3
8 bunker3 dugout3
9 foxhole fox_hole
9 funk_hole
8 castle2
8 defilade
8 entrenchment intrenchment
9 retrenchment
8 escarpment2 escarp scarp2 protective_embankment
8 fieldwork
8 lunette
8 palisade
8 parapet2 breastwork
9 machicolation
8 redoubt
8 stockade
7 fortress fort2
8 martello_tower
8 presidio
7 line_of_defense2 line_of_defence2
8 abattis abatis
7 outwork
7 stronghold fastness3
8 bastion2 citadel
9 acropolis
9 kremlin2
8 blockhouse
8 hold6
8 keep2 donjon dungeon
8 redoubt2
6 door4
6 entablature
6 erection2
6 establishment4
7 academy4
7 institution2
8 home9 nursing_home rest_home
8 orphanage2 orphans'_asylum
8 penal_institution penal_facility
9 brig2
9 camp5
10 concentration_camp stockade2
11 death_camp
10 labor_camp labour_camp
10 prison_camp internment_camp prisoner_of_war_camp
11 gulag
10 work_camp prison_camp2 prison_farm
9 correctional_institution
10 detention_home detention_house house_of_detention detention_camp
10 jail jailhouse gaol clink2 slammer2 poky pokey
11 bastille2
11 holding_cell
11 hoosegow hoosgow
11 house_of_correction
11 lockup
11 workhouse2
10 penitentiary pen4
10 prison prison_house2
11 chokey choky
11 nick2
11 panopticon2
11 state_prison
10 reformatory reform_school training_school2
11 borstal
9 penal_colony
7 perfumery3
7 phrontistery
7 place_of_business business_establishment
8 health_spa spa3 health_club
9 fat_farm
8 hotel-casino casino-hotel
8 massage_parlor2
8 mercantile_establishment retail_store sales_outlet outlet
9 country_store general_store trading_post
9 department_store emporium
9 discount_house discount_store discounter wholesale_house
9 marketplace2 market_place mart market5
10 agora3 public_square2
10 bazaar2 bazar
10 grocery_store grocery food_market market3
11 greengrocery2
11 supermarket
12 hypermarket
10 open-air_market open-air_marketplace market_square
11 farmer's_market green_market greenmarket
11 souk
10 slave_market
9 plaza2 mall2 center9 shopping_mall shopping_center shopping_centre
9 shop store
10 barbershop
10 bazaar bazar2
10 betting_shop
10 bodega
10 bookshop bookstore bookstall
10 booth4
11 stall3 stand8 sales_booth
12 coffee_stall
12 newsstand
10 boutique dress_shop
10 building_supply_store building_supply_house
10 butcher_shop meat_market
10 canteen2
10 chain_store
10 cleaners dry_cleaners
10 clothing_store haberdashery haberdashery_store mens_store
11 slopshop slopseller's_shop
10 commissary
11 post_exchange
11 slop_chest
11 small_stores
10 computer_store
10 confectionery2 confectionary candy_store
11 tuck_shop
10 convenience_store
10 delicatessen2 deli food_shop
11 charcuterie
10 drugstore apothecary's_shop chemist's chemist's_shop pharmacy2
10 florist2 florist_shop flower_store
10 gift_shop novelty_shop
10 hardware_store ironmonger2 ironmonger's_shop
10 head_shop
10 junk_shop
10 millinery hat_shop
10 outfitter2
10 package_store liquor_store off-licence
10 pawnbroker's_shop pawnshop loan_office
10 perfumery2
10 pet_shop
10 pizzeria pizza_shop pizza_parlor
10 repair_shop fix-it_shop
11 garage2 service_department2
10 salon2 beauty_salon beauty_parlor beauty_parlour beauty_shop
10 shoe_shop shoe-shop shoe_store
10 specialty_store
10 thriftshop second-hand_store
10 tobacco_shop tobacconist_shop tobacconist2
10 toyshop
9 strip_mall
8 office business_office
9 box_office2 ticket_office ticket_booth
9 countinghouse
9 government_office
10 jobcentre
10 land_office
9 headquarters central_office main_office home_office2 home_base2
10 mukataa
9 life_office
9 loan_office2
9 newsroom2
9 shipping_office
8 spot7
9 cabaret nightclub night_club club7 nightspot
10 honkytonk dive
10 supper_club
9 clip_joint
9 hot_spot3 hotspot3
9 joint2
10 juke jook2 juke_joint jook_joint juke_house jook_house
7 poorhouse
8 workhouse
7 school_system
7 university2
8 city_university
8 redbrick_university
7 winery wine_maker2
6 false_bottom
6 floor2 level8 storey story3
7 basement cellar
8 cellarage2
7 ground_floor first_floor ground_level2
7 loft2 attic garret
8 cockloft
8 hayloft haymow2 mow
7 loft
8 artist's_loft
7 mezzanine2 mezzanine_floor entresol
6 fountain
7 drinking_fountain water_fountain bubbler
6 guide6
6 house_of_cards2 cardhouse card-house cardcastle
6 housing lodging living_accommodations
7 apartment flat7
8 bedsitting_room bedsitter bedsit
8 cold-water_flat
8 duplex_apartment duplex2
8 efficiency_apartment
8 flatlet
8 maisonette maisonnette
8 penthouse
8 railroad_flat
8 studio_apartment studio2
8 suite2 rooms
8 walk-up_apartment walk-up
7 billet2
7 block5
8 cellblock ward7
9 death_house death_row
8 ward3 hospital_ward
9 detox
9 maternity_ward
7 camp3
8 tennis_camp
8 trailer_camp trailer_park
7 condominium2
7 dwelling home2 domicile2 abode2 habitation2 dwelling_house
8 cliff_dwelling
8 condominium condo
8 fixer-upper
8 hearth2 fireside2
8 hermitage
8 homestead3
8 house
9 beach_house
9 boarding_house boardinghouse
10 bed_and_breakfast bed-and-breakfast
9 bungalow cottage
9 cabin2
10 log_cabin
9 chalet
9 chapterhouse2 fraternity_house frat_house
9 country_house
10 chateau
10 dacha
10 shooting_lodge shooting_box
10 summer_house
10 villa4
10 villa3
9 detached_house single_dwelling
9 dollhouse doll's_house
9 duplex_house duplex semidetached_house
9 farmhouse
9 gatehouse
10 lodge3
9 guesthouse
9 hacienda2
9 lodge4 hunting_lodge
9 lodging_house rooming_house
10 flophouse dosshouse
9 maisonette2 maisonnette2
9 mansion2 mansion_house manse hall9 residence4
10 manor manor_house
10 palace castle
10 stately_home
9 ranch_house
9 residence2
10 court9
10 deanery
10 manse2
10 palace4
11 alcazar
10 parsonage vicarage rectory
11 glebe_house
10 religious_residence cloister
11 convent
12 abbey2
12 nunnery
11 monastery
12 abbey3
12 charterhouse
12 friary
12 lamasery
11 priory
9 row_house town_house
10 brownstone2
10 terraced_house
9 safe_house
9 saltbox
9 sod_house soddy adobe_house
9 solar_house
9 tract_house
9 villa2
8 lake_dwelling pile_dwelling
8 lodge5 indian_lodge
9 hogan2
9 wickiup wikiup
9 wigwam
8 messuage
8 semi-detached_house
8 vacation_home
8 yurt
7 hospice
7 hostel2 youth_hostel student_lodging
7 living_quarters quarters
8 accommodation4
9 cabin_class second_class3 economy_class
9 first_class3
9 stabling
9 steerage
9 tourist_class third_class2
8 diggings2 digs2 domiciliation lodgings pad6
8 dormitory dorm residence_hall hall4 student_residence
9 hall_of_residence
8 forecastle fo'c'sle
8 harem hareem seraglio serail
8 military_quarters
9 barrack
10 casern
9 camp encampment2 cantonment bivouac
10 boot_camp
10 hutment
10 laager lager
9 gun_room
9 wardroom
7 pied-a-terre
7 quartering2
7 rattrap2
7 shelter5
8 camp7 refugee_camp
7 tract_housing
6 hull6
6 jungle_gym
6 lamination
6 landing2 landing_place
7 dock5 dockage2 docking_facility
8 dry_dock drydock graving_dock
9 floating_dock floating_dry_dock
8 marina
6 lookout3 observation_tower lookout_station observatory2
7 observation_dome
7 widow's_walk
6 masonry
7 brickwork
8 nogging
7 dry_masonry
7 stonework
8 cyclopean_masonry
6 memorial3 monument
7 brass7 memorial_tablet plaque2
7 cenotaph empty_tomb
7 megalith megalithic_structure
8 dolmen cromlech portal_tomb
8 menhir standing_stone
7 national_monument
7 pantheon2
6 mound4 hill2
7 barbette
7 burial_mound grave_mound barrow2 tumulus
7 embankment
8 levee3
8 rampart bulwark wall8
9 bailey4
9 battlement crenelation crenellation
9 earthwork
10 sconce2
9 fraise2
9 merlon
7 snowbank snow_bank
6 obstruction obstructor2 obstructer2 impediment2 impedimenta
7 bar5
7 barrier
8 bannister2 banister balustrade balusters handrail
8 barricade2
8 breakwater groin3 groyne mole5 bulwark3 seawall jetty
8 bulwark2
8 crash_barrier
8 dam dike2 dyke2
9 milldam
9 weir
8 fence fencing
9 backstop2
9 chainlink_fence
9 hedge hedgerow
10 privet_hedge
10 windbreak shelterbelt
9 picket_fence paling
9 rail_fence split-rail_fence
10 worm_fence snake_fence snake-rail_fence
9 stone_wall
10 dry_wall2 dry-stone_wall
9 wall7
10 party_wall
10 retaining_wall
9 weir2
8 fender wing9
9 mudguard splash_guard splash-guard
8 grate3 grating
9 grille2 radiator_grille
8 hurdle
8 movable_barrier
9 chicane2
9 door
10 car_door
11 hatchback2 hatchback_door liftgate hatch3
10 cargo_door
10 double_door
10 fire_door
10 interior_door
11 bi-fold_door
11 folding_door accordion_door
10 revolving_door2 revolver2
10 screen_door
10 sliding_door
11 barn_door
10 storm_door
10 swing_door swinging_door
11 batwing
10 trap_door
9 gate
10 head_gate2
10 lock-gate
10 lychgate lichgate
10 portcullis
10 postern
10 tailgate tailboard
10 tail_gate
10 tollgate tollbar
10 turnpike
10 turnstile
10 wicket3 wicket_door wicket_gate
9 hatch4
10 cargo_hatch
8 railing rail
9 bar9
9 fife_rail
9 safety_rail guardrail
9 taffrail
8 revetment
8 roadblock2 barricade
8 starting_gate starting_stall
7 blockade2
7 blockage2 block9 closure5 occlusion4 stop9 stoppage2
8 breechblock breech_closer
8 plug stopper4 stopple
9 bung spile2
9 cork4 bottle_cork
9 drainplug
9 earplug2
9 fipple
9 tampion tompion
9 tampon
9 tap6 spigot
8 vapor_lock vapour_lock
7 hindrance2 hinderance2 hitch6 preventive2 preventative2 encumbrance3 incumbrance3 interference5
8 clog2
8 speed_bump
7 obstacle2
8 hazard3
9 bunker sand_trap trap8
9 water_hazard
8 stumbling_block
7 tumbler3
8 lever3 lever_tumbler
8 pin7 pin_tumbler
6 partition divider3
7 brattice
7 bulkhead
7 screen8
8 altarpiece reredos
8 purdah3
8 rood_screen
7 wall
8 attic4
8 bearing_wall
8 cavity_wall
8 chimney_breast
8 firewall3
8 gable gable_end gable_wall
9 bell_gable
9 corbie_gable
9 pediment
8 parapet
8 proscenium2 proscenium_wall
8 sidewall2
8 wainscoting wainscotting
6 platform4 weapons_platform
7 gun_enclosure gun_turret turret2
6 porch
7 back_porch
7 deck4
8 sun_deck
7 front_porch
7 portico
8 narthex
7 stoop3 stoep
7 veranda verandah gallery2
8 lanai2
6 post_and_lintel
6 prefab
6 projection4
7 arm2 branch6 limb6
7 brim2
8 bill9 peak7 eyeshade visor2 vizor2
8 snap_brim
7 burr2
7 cleat
8 calk calkin
7 cornice3
7 drip3 drip_mold drip_mould
8 dripstone2 hoodmold hoodmould
7 flange rim4
7 fluke3 flue
7 head9
8 pinhead2
7 knob boss5
8 knobble
8 nailhead2
7 lobe4
7 lug3
7 overhang
8 eaves
8 fantail
7 prong
8 tine
7 spike8
7 tenon
7 tooth2
8 cog2 sprocket3
7 tooth5
6 public_works
6 sail3
6 set-back setoff offset6
6 shelter
7 cookhouse2
7 dugout
7 fallout_shelter
7 haven oasis2
7 hovel hut2 hutch2 shack shanty
8 igloo iglu
8 mudhif
7 hut army_hut field_hut
7 loft4 pigeon_loft
7 mantelet mantlet
7 refuge3 sanctuary2 asylum
8 harbor2 harbour2
8 safehold
7 sconce
7 storm_cellar cyclone_cellar tornado_cellar
7 tent collapsible_shelter
8 backpacking_tent pack_tent
8 bell_tent
8 cabana
8 canvas_tent canvas4 canvass4
9 circus_tent big_top round_top top9
9 field_tent
9 wall_tent
8 cottage_tent
8 fly_tent
8 lean-to_tent
8 mountain_tent
8 pavilion marquee
8 pop_tent
8 praetorium pretorium
8 pup_tent shelter_tent
8 pyramidal_tent
8 tepee tipi teepee
8 tupik tupek sealskin_tent
8 two-man_tent
8 umbrella_tent
6 shoebox
6 signboard sign4
7 billboard hoarding
7 sandwich_board
7 shingle3
6 stadium bowl5 arena3 sports_stadium
7 amphitheater2 amphitheatre2 coliseum
7 ballpark park3
7 bullring
7 circus4
7 dome3 domed_stadium covered_stadium
7 football_stadium
7 hippodrome
6 superstructure
7 deck-house
6 supporting_structure
7 framework3 frame9
8 airframe
8 arbor3 arbour bower pergola
9 grape_arbor grape_arbour
8 bustle2
8 casing3 case9
8 climbing_frame
8 clotheshorse
8 coaming
8 cornice valance valance_board pelmet
8 deckle2
8 derrick
8 doorframe doorcase
8 fender2 buffer3 cowcatcher pilot6
8 frame9 framing2
8 frame
9 chase3
8 gantry gauntry
8 grate grating2
8 grill2 grille3 grillwork2
8 gun_carriage
9 barbette_carriage
8 handbarrow
8 hayrack2 hayrig
8 honeycomb2
8 lattice3 latticework fretwork
9 trellis treillage
10 espalier
8 mounting2
9 chassis2
10 radio_chassis
9 mat2 matting2
9 mount4 setting7
10 pave
9 passe-partout2
8 oxbow3
8 picture_frame
8 rack
9 barbecue3 barbeque3
9 bicycle_rack
9 carrier9
10 bomb_rack
10 luggage_carrier
10 luggage_rack roof_rack
10 ski_rack
9 coatrack coat_rack hatrack
9 dish_rack
9 hayrack
9 pipe_rack
9 plate_rack
9 tie_rack
9 toastrack
9 towel_rack towel_horse
8 ribbing
8 sash window_sash
9 casement
8 sawhorse horse4 sawbuck buck4
9 trestle2
8 stocks2
8 stocks
8 stretcher
8 tambour embroidery_frame embroidery_hoop
8 tenter
8 truss2
8 undercarriage
9 landing_gear
10 landing_skid
8 walker6 baby-walker go-cart
8 walker5
8 wattle2
8 window
9 bay_window2 bow_window
10 oriel oriel_window
9 casement_window
9 clerestory clearstory
9 display_window shop_window shopwindow show_window2
9 dormer dormer_window2
9 dormer_window
10 oxeye3
9 double_glazing
9 double-hung_window
9 fanlight3
9 lancet_window
9 louvered_window jalousie
9 oeil_de_boeuf
9 picture_window
9 pivoting_window
9 porthole
9 rose_window rosette4
9 sash_window
9 skylight fanlight2
9 sliding_window
9 stained-glass_window
9 storm_window storm_sash
9 transom transom_window fanlight
8 window_frame
7 skeleton4 skeletal_frame frame9 underframe
8 chassis3
8 hoop
9 farthingale
9 pannier3
7 support7
8 abutment2
8 architrave2
8 basement2
8 buttress buttressing
9 flying_buttress arc-boutant
8 foundation3 base2 fundament3 foot5 groundwork2 substructure2 understructure
9 bed8
10 railroad_bed
10 roadbed
9 raft_foundation raft3 mat7
8 pedestal3 plinth footstall
9 socle
8 prop
9 pitprop sprag2
6 tower
7 barbican barbacan
7 beacon3 lighthouse beacon_light pharos
7 bell_tower
8 campanile belfry
7 church_tower
7 clock_tower
7 control_tower
7 high-rise tower_block
7 minaret
7 mooring_tower mooring_mast
7 pylon2 power_pylon
7 pylon
7 shot_tower
7 silo
7 steeple spire
8 pinnacle
7 supporting_tower
8 trestle
7 turret
7 watchtower
8 fire_tower
6 transept
6 trestlework
6 vaulting
7 fan_vaulting
6 ways shipway slipway
6 wellhead2
6 wind_tunnel
6 honeycomb
5 surface
6 bed7
6 board9 gameboard
7 backgammon_board
7 checkerboard checker_board
8 chessboard chess_board
7 cribbage_board
7 dartboard dart_board
7 go_board
7 monopoly_board
7 pegboard
7 punchboard
6 face4
6 ground9
6 horizontal_surface level6
7 floor flooring
8 bell_deck
8 dance_floor
8 floorboard2
8 parquet parquet_floor
8 truck_bed
9 flatbed2
7 paved_surface
8 apron4
8 pavement paving2
9 curbside
8 road_surface
8 runway4
8 skidpan
8 tarmacadam2 tarmac2 macadam2
8 taxiway taxi_strip
7 platform
8 auction_block block9
8 bandstand outdoor_stage stand9
8 catwalk
8 crow's_nest
8 dais podium pulpit rostrum ambo stump4 soapbox2
8 deck
9 afterdeck
9 flight_deck landing_deck
9 foredeck
9 gun_deck
9 hurricane_deck hurricane_roof promenade_deck awning_deck
9 lido_deck
9 lower_deck third_deck
9 main_deck second_deck
9 orlop_deck orlop fourth_deck
9 quarterdeck
9 upper_deck
10 boat_deck
10 bridge9 bridge_deck
11 conning_tower2
11 flying_bridge flybridge fly_bridge monkey_bridge2
10 freeboard_deck
10 weather_deck shelter_deck
11 poop_deck
11 topside
8 dock4 loading_dock
8 fly_gallery fly_floor
8 footboard
9 running_board
8 footplate
8 foretop
8 landing
8 landing_stage
8 launching_pad launchpad launch_pad launch_area pad5
8 monkey_bridge
8 pallet2
8 pier wharf wharfage2 dock3
9 levee2
9 quay
8 ring7
9 boxing_ring prize_ring
9 sumo_ring
9 wrestling_ring
8 runway3
8 scaffold
8 stage3
9 downstage
9 mise_en_scene stage_setting setting3
9 proscenium apron3 forestage
9 theater_stage theatre_stage
10 boards
10 thrust_stage
9 wing3 offstage backstage
8 stage8 microscope_stage
8 stairhead
8 top7
8 turntable
8 turntable3
6 meniscus3
6 miter2 mitre2
6 plaster4 plasterwork
7 pargeting2 pargetting2 pargetry
6 screen silver_screen2 projection_screen
7 wide_screen
6 side5
7 beam6
7 broadside4
7 edge3
8 bevel cant5 chamfer
9 splay
8 bezel
8 brim rim5 lip4
9 collar5 shoe_collar
8 curb curbing kerb
8 deckle_edge deckle
8 featheredge
8 groin2
8 knife_edge cutting_edge2
8 leading_edge
8 milling
8 razor_edge
8 trailing_edge
7 front4
8 bow3 fore prow stem5
8 facade frontage3 frontal3
9 frontispiece
8 face8
9 clock_face clock_dial
9 dial
8 frontispiece2
8 nose2
8 nose3
8 nose_cone ogive
8 shirtfront
9 plastron2
9 plastron
8 shopfront storefront
7 larboard port4
7 nearside
7 obverse2
8 head9
7 rear5 back2
8 stern after_part quarter9 poop4 tail8
8 tail7 tail_assembly empennage
7 reverse4 verso2
8 tail6
7 sidewall
7 soffit
7 starboard
7 upper_surface
8 ceiling
9 overhead5
6 skin2
6 spandrel spandril
6 superficies2
6 tread2
6 vertical_surface
7 face9
8 perpendicular4
6 work_surface
7 tabletop
8 countertop
7 writing_board
8 clipboard
8 lapboard
5 thing4
6 flagship
6 pill
6 snorter3
6 standby
6 variation5
7 bastard3 mongrel
6 wobbler
5 track3
6 railroad_track railroad2 railway2
7 broad_gauge
7 gantlet4
7 narrow_gauge
7 siding railroad_siding turnout3 sidetrack
7 standard_gauge
7 switch4
6 tramline tramway2 streetcar_track
5 way6
6 access3 approach3
7 entrance entranceway entryway entry5 entree3
8 arch3 archway
8 doorway door2 room_access threshold3
9 exterior_door outside_door
10 back_door3 backdoor2 back_entrance
10 half_door
10 front_door front_entrance
10 side_door side_entrance
8 gateway
8 hatchway opening9 scuttle2
9 escape_hatch
8 pithead
8 portal
8 porte-cochere
8 service_door service_entrance servant's_entrance
8 stage_door
8 vomitory
6 lane
6 passage3
7 adit
7 aisle
7 channel2
8 gutter trough2
9 chute2 slide7 slideway sloping_trough
10 moulin glacier_mill
10 coal_chute
10 runway2
10 water_chute
9 cullis
8 limbers
7 conduit
8 aqueduct
8 duct3
9 air-intake
9 air_passage air_duct airway
10 register5
10 snorkel2 schnorkel schnorchel snorkel_breather breather2
10 upcast
8 flue3
9 chimney
10 smokestack stack4
11 funnel3
10 stovepipe
9 chimneystack
9 lamp_chimney chimney2
8 millrace millrun
8 sluice sluiceway penstock2
8 spillway spill2 wasteweir
8 tube tubing
9 barrel gun_barrel
9 blowgun blowpipe2 blowtube2 blow_tube2
9 blowtube blow_tube blowpipe
9 cannula
9 capillary capillary_tube capillary_tubing
9 catheter
10 endotracheal_tube
11 nasotracheal_tube
9 coil5
10 condenser3
9 column2 chromatography_column
9 drain2
9 hose3 hosepipe
10 airline air_hose
10 fire_hose
10 garden_hose
10 radiator_hose
10 water_cannon watercannon
9 inner_tube
9 mouthpiece5
9 pea_shooter
9 pipe2 pipage2 piping2
10 chimneypot
10 discharge_pipe
11 hydrant2
12 fireplug fire_hydrant plug6
10 drain3 drainpipe waste_pipe
11 culvert
11 scupper
11 sewer sewerage2 cloaca2
11 soil_pipe
11 trap2
10 drilling_pipe
10 elbow3
10 exhaust_pipe
10 fuel_line gas_line3 petrol_line
10 main2
11 electric_main
11 gas_main
11 sewer_main sewer_line
11 water_main
10 manifold
11 exhaust_manifold
11 inlet_manifold
11 intake_manifold
10 pipeline2 line9
11 gas_line2
11 oil_pipeline
10 riser2 riser_pipe riser_pipeline riser_main
10 sparge_pipe
10 standpipe
10 steam_line steam_pipe
10 tailpipe
9 pipe tobacco_pipe
10 briar4 briar_pipe
10 calabash5 calabash_pipe
10 calumet peace_pipe pipe_of_peace
10 clay_pipe
11 dudeen
10 hookah narghile nargileh sheesha shisha chicha calean kalian water_pipe hubble-bubble hubbly-bubbly
10 meerschaum2
9 silencer
9 siphon syphon
9 speaking_tube
9 stem4
9 stent
9 straw4 drinking_straw
9 test_tube
9 torpedo_tube
9 venturi2
9 well_point wellpoint
8 waterspout3
7 cul cul_de_sac dead_end
7 fish_ladder
7 passageway
8 aisle2 gangway3
8 arcade
9 amusement_arcade
9 penny_arcade
8 areaway
8 corridor
9 gallery5
9 hallway hall
10 concourse2
8 drift7 heading3 gallery7
8 gangway
8 gate4
9 arrival_gate
9 departure_gate
8 shaft8
9 elevator_shaft
9 ventilation_shaft
9 well4
10 stairwell
8 tunnel
9 catacomb
9 railroad_tunnel
9 underpass subway2
8 walk-through2
7 right_of_way3
7 shaft9
8 air_shaft air_well
8 downcast
7 throat3
6 path2
7 bridle_path bridle_road
7 crossing5 crosswalk crossover4
8 grade_separation
8 pedestrian_crossing zebra_crossing
9 pelican_crossing
9 school_crossing
7 lane2
8 bowling_alley2 alley2 skittle_alley
8 free_throw_lane
8 seaway sea_lane ship_route trade_route
8 traffic_lane
9 bus_lane
9 fast_lane2
9 slow_lane
7 pathway2 footpath
7 towpath towing_path
7 walk5 walkway paseo
8 ambulatory
8 boardwalk
9 duckboard
8 catwalk2
8 flagging2
8 promenade2 mall
9 esplanade
8 sidewalk pavement3
8 skywalk
6 road route2
7 access_road slip_road
7 byway bypath byroad
7 causeway
7 clearway
7 corduroy2
7 detour roundabout_way
7 drive9 parkway
7 driveway drive4 private_road
7 highway main_road
8 arterial_road
8 beltway bypass ring_road ringway
8 divided_highway dual_carriageway
8 expressway freeway motorway pike state_highway superhighway throughway thruway
9 autobahn
9 autostrada
9 turnpike2 toll_road
8 highroad trunk_road
8 interstate interstate_highway
7 line9 railway_line2 rail_line
8 branch_line spur_track spur5
9 loop-line
8 trunk_line trunk_route
7 post_road
7 roadway
8 carriageway
7 shortcut cutoff2 crosscut2
7 side_road
7 skid_road2
7 speedway
7 thoroughfare
8 artery2
8 blind_alley cul_de_sac2 dead-end_street impasse2
8 street
9 alley alleyway back_street
9 avenue2 boulevard
9 cross_street
9 local_road local_street
10 frontage_road service_road
9 main_street high_street
10 main_drag
9 mews
9 rue4
9 side_street
8 street2
9 one-way_street2
9 two-way_street
7 track9 cart_track cartroad
8 portage2
8 trail2
9 cattle_trail
9 deer_trail
9 horse-trail
9 mountain_trail
9 ski_run ski_trail
10 piste2
7 turnoff2
6 stairway staircase
7 backstairs
7 companionway
7 escalator2 moving_staircase moving_stairway
7 fire_escape emergency_exit
7 flight3 flight_of_stairs flight_of_steps
7 ghat
7 stairs steps
8 ladder
9 articulated_ladder
9 extension_ladder
10 aerial_ladder
9 jack_ladder pilot_ladder
9 monkey_ladder
9 rope_ladder
9 scaling_ladder
9 sea_ladder sea_steps
10 accommodation_ladder
9 step_ladder stepladder
7 ramp3
6 watercourse3 waterway2
7 canal3
8 cut9
8 industrial_watercourse
8 raceway race6
8 ship_canal shipway2
7 flume2
7 headrace
7 tailrace
5 weight4
6 bob4
7 kite_tail
7 plumb_bob plumb plummet
7 sounding_lead
6 counterweight counterbalance counterpoise balance9 equalizer2 equaliser2
7 sash_weight
7 tare5
6 load loading burden2
7 burthen
7 dead_load
7 live_load superload
7 millstone2
7 overload2 overburden2
7 overload
6 makeweight2
6 paperweight
6 sinker2
5 building_material
6 building_block2
7 cinder_block clinker_block breeze_block
7 keystone2 key9 headstone
8 quoin2 coign2 coigne2
7 voussoir
6 stone2
7 ashlar
7 capstone2 copestone2 coping_stone stretcher4
7 cornerstone3
7 cornerstone2
7 foundation_stone
7 gravestone headstone2 tombstone
7 grindstone
7 hearthstone
7 millstone3
7 monolith
7 paving_stone
8 cobble cobblestone sett
8 curbstone kerbstone
8 flag6 flagstone
7 springer impost2
7 stele2 stela
7 whetstone
8 hone
8 oilstone
6 bricks_and_mortar
6 cement2
7 hydraulic_cement
6 concrete
7 cement
7 reinforced_concrete ferroconcrete
6 covering_material
7 fiberglass fibreglass
7 linoleum lino
7 puddle
6 fencing_material fencing2
6 flooring2
6 gunite
6 insulant insulation2
7 lagging
7 corkboard
6 lath_and_plaster
6 lumber timber
7 stock9
7 strip5
8 batten2
8 cleat3
8 fingerboard3
8 furring_strip furring2
8 jackstraw spillikin
8 picket5 pale
8 slat spline2
9 lath
9 louver louvre2 fin3
9 splat2
9 stave2 lag3
8 spline
7 board2 plank
8 matchboard
8 skid
8 wale2 strake
9 garboard garboard_plank garboard_strake
9 gunwale gunnel gun_rest
8 chipboard hardboard
8 deal4
7 planking
6 mortar2
6 roofing_material
7 slate2 slating
7 thatch2
7 tile2 roofing_tile
8 hip_tile hipped_tile
8 pantile
8 ridge_tile
6 shingle shake
6 siding2
7 clapboard weatherboard weatherboarding
6 staff4
6 sticks_and_stone
6 wattle_and_daub
5 paving pavement2 paving_material
6 asphalt
6 blacktop blacktopping
6 macadam
6 tarmacadam tarmac
4 assembly5
4 item3
5 custom-made custom-built
5 disposable
5 piece2 part9
4 sum5 total totality3 aggregate
3 location
4 arena4 scene_of_action
5 circus5
4 ball_field baseball_field diamond6
4 base9
4 baseball_diamond diamond5 infield
4 bed2
5 asparagus_bed
5 flowerbed flower_bed bed_of_flowers
6 rose_bed bed_of_roses
6 tulip_bed
5 hotbed2
5 seedbed
5 turnip_bed
4 bight4
4 bilge2
5 bilges
4 bitter_end2
4 bitthead
4 boatyard
4 camp8 summer_camp
5 day_camp
4 capital8 chapiter cap9
4 center_field centerfield center2
4 court4
5 badminton_court
5 basketball_court
6 home_court
5 handball_court
5 piste
5 squash_court
5 tennis_court
5 volleyball_court
4 crown5
4 crown9 crest3
4 edge6
5 border5
6 edging
7 fringe6
7 orphrey
6 selvage selvedge
6 verge4
5 hem
5 luff
5 molding3 moulding2 border4
5 selvage2 selvedge2
5 shoulder5 berm2
6 hard_shoulder
5 wayside roadside
4 feeder_line
4 football_field gridiron2
4 garden
5 flower_garden
6 parterre
5 formal_garden
5 grove2 woodlet orchard plantation3
6 apple_orchard
6 lemon_grove
6 orange_grove
6 peach_orchard
5 herb_garden
5 hop_garden hop_field
5 kitchen_garden vegetable_garden vegetable_patch
6 victory_garden
5 landscaping2
5 market_garden
5 pot_farm
5 rock_garden rockery
5 roof_garden
5 rose_garden
5 sunken_garden
5 tea_garden
5 topiary
4 grave2 tomb
5 burial_chamber sepulcher sepulchre sepulture2
6 crypt
6 mausoleum
6 repository3 monument3
6 vault burial_vault
7 charnel_house charnel
7 columbarium3
5 mastaba mastabah
4 heel
5 spike_heel spike6 stiletto_heel
5 stacked_heel
5 wedge_heel wedge4
5 wineglass_heel
4 heel5
4 interface
5 oil-water_interface
4 island2
5 kitchen_island
5 traffic_island safety_island safety_isle safety_zone
4 junction
5 interchange
6 cloverleaf
6 spaghetti_junction
5 intersection2 crossroad crossway crossing4 carrefour
6 corner4 street_corner turning_point2
7 blind_corner
6 level_crossing grade_crossing
5 railway_junction
5 traffic_circle circle5 rotary roundabout
4 left_field leftfield left4
4 main_line
4 masthead3
4 outfield
4 palestra palaestra
4 point9
5 arrowhead
5 barb3
6 fluke2
5 barb2
5 cusp
5 diamond_point
5 nib pen_nib
5 pike3
5 pinpoint3
5 spearhead3 spearpoint spear-point
5 spike7
6 gaff
4 pole9 magnetic_pole2
5 negative_magnetic_pole negative_pole2 south-seeking_pole
5 positive_pole2 positive_magnetic_pole north-seeking_pole
4 railhead2
4 right_field rightfield right3
4 roof_peak
4 sanctuary
5 holy_of_holies2 sanctum_sanctorum2
4 short
4 sole
5 half_sole
5 insole innersole
5 outsole
4 terminus4
4 track7 data_track
4 workplace work6
5 bakery bakeshop bakehouse
6 patisserie
5 beehive
5 brokerage_house brokerage3
5 central telephone_exchange exchange5
6 centrex
6 switchboard patchboard plugboard
5 colliery pit9
5 creamery
5 drill_site
5 exchange6
6 commodity_exchange commodities_exchange commodities_market
7 futures_exchange futures_market forward_market
7 spot_market
6 corn_exchange
6 stock_exchange stock_market securities_market
7 curb_market
7 over-the-counter_market
5 farm
6 chicken_farm
6 croft
6 dairy dairy_farm
6 farmplace farm-place farmstead2
6 grange
6 home-farm
6 piggery pig_farm
6 ranch spread3 cattle_ranch cattle_farm
6 sewage_farm
6 sheepwalk sheeprun
6 stud_farm
6 truck_farm truck_garden
6 vineyard vinery
5 fishery piscary
6 pearl_fishery
5 fish_farm
5 forge2 smithy
5 gasworks
5 glassworks
5 ironworks
5 job3
5 lab laboratory research_lab research_laboratory science_lab science_laboratory
6 biology_lab biology_laboratory bio_lab
6 chemistry_lab chemistry_laboratory chem_lab
6 defense_laboratory
6 physics_lab physics_laboratory
5 laundry2
6 launderette
6 washhouse
5 location4
5 lumberyard
5 oyster_bed oyster_bank oyster_park
5 proving_ground
5 ropewalk rope_yard
5 roundhouse
5 shipyard
6 navy_yard naval_shipyard
5 shop_floor
5 studio
6 artist's_workroom atelier
6 broadcasting_studio
6 recording_studio
5 studio3
5 tannery
5 test_bed
5 waterworks2
5 workshop shop2
6 bindery
6 bookbindery
6 brickyard brickfield
6 chop_shop
6 dye-works
6 machine_shop
6 pottery3
6 print_shop printing_shop
6 saddlery2
6 sheltered_workshop
6 turnery
4 yard2 grounds2 curtilage
5 backyard
5 dooryard
5 front_yard
5 garden3
5 playground2
5 side_yard
4 yard7 railway_yard railyard
5 marshalling_yard
4 yardarm
4 epidermis cuticle2
5 mantle5 pallium2
4 stratum_corneum corneum horny_layer
4 stratum_lucidum
4 stratum_granulosum
4 stratum_germinativum stratum_basale malpighian_layer
4 dermis corium derma
4 hairline2
4 part9 parting2
4 punctum
4 cambium2
4 crown2
4 hard_palate
4 palate roof_of_the_mouth
4 canthus
5 nasal_canthus
5 temporal_canthus
4 blind_spot2 optic_disc optic_disk
4 nerve_ending nerve_end
5 free_nerve_ending
5 proprioceptor
4 poll3
4 pate2 poll2 crown9
5 tonsure
4 nape scruff nucha
4 navel umbilicus bellybutton belly_button omphalos omphalus
4 fingertip
4 tiptoe
4 wall3 paries
5 abdominal_wall
4 telomere
4 heel4
4 asthenosphere
4 bed4
5 ore_bed
4 black_hole
4 chromosphere
4 core3
4 crust
5 horst
5 plate6 crustal_plate
4 exosphere
4 hydrosphere
4 interplanetary_medium
4 interstellar_medium
4 lithosphere geosphere
4 lower_mantle
4 mantle3
4 mare2 maria
4 mesosphere
4 midstream
4 mountain_peak
4 nucleus2
4 nucleus4
4 ozone_layer ozonosphere
4 pass4 mountain_pass notch2
5 col gap4
6 water_gap
6 wind_gap
5 defile gorge2
5 saddleback saddle2
4 path4 track course5
5 collision_course
5 inside_track2
5 round8
5 steps2
5 swath2 belt5
5 trail
6 slot5
6 spoor
4 photosphere
4 shoreline
4 stratosphere
4 surface3
5 floor5
5 floor6
4 thermosphere
4 tropopause
4 troposphere
4 upper_mantle
4 cell_wall
4 hilum2
4 beak3
4 crown7 treetop
5 capitulum3
4 antigenic_determinant determinant2 epitope
4 snow2
5 corn_snow
5 crud
3 charm3 good_luck_charm
4 amulet talisman
5 grigri gres-gris greegree
4 juju2 voodoo hoodoo3 fetish2 fetich
3 curio curiosity2 oddity3 oddment2 peculiarity3 rarity3
4 bric-a-brac knickknack2 nicknack knickknackery whatnot
4 collectible collectable
5 chachka2 tsatske2 tshatshke2 tchotchke2
4 collector's_item showpiece piece_de_resistance
5 rariora
3 draw4 lot5
3 film4
4 scum2
5 slag scoria dross2
6 basic_slag
4 slick3
5 oil_slick
4 soap_film
3 hoodoo4
3 je_ne_sais_quoi
3 keepsake souvenir token4 relic2
4 love-token
4 party_favor party_favour favor5 favour4
5 cracker5 snapper3 cracker_bonbon
3 makeweight filler4
3 part2 portion2
4 appendage3
5 appendicle
5 handhold
5 handle grip2 handgrip hold8
6 ax_handle axe_handle
6 broomstick broom_handle
6 crop5
6 haft helve
6 hilt
7 basket_hilt
6 hoe_handle
6 knob2
7 doorknob doorhandle
7 stop8
6 mop_handle
6 panhandle2
6 pommel2 saddlebow
7 horn4 saddle_horn
6 pommel
6 rake_handle
6 stock9
7 brace8 bitstock
7 butt butt_end
8 rifle_butt
6 stock3 gunstock
7 pistol_grip
5 tailpiece
4 bit9
4 bottleneck2
4 bulb3
4 butt9 stub5
5 cigar_butt
5 cigarette_butt
5 roach2
4 component3 constituent element2
5 accessory2 appurtenance2 supplement3 add-on3
6 auto_accessory
6 computer_accessory
6 fitting2
7 gas_fitting
7 pipefitting pipe_fitting
8 reducer2
7 receptacle3
8 outlet_box
8 slot6 expansion_slot
8 socket3
9 electric_socket
8 wall_socket wall_plug electric_outlet electrical_outlet outlet2 electric_receptacle
9 point9 power_point
6 fixings2 trimmings
5 addition add-on2 improver2
6 additive
7 adjuvant
7 food_additive artificial_additive
6 afterthought2
6 annex annexe extension9 wing9
7 ell
6 attachment2
7 hood4 lens_hood
6 elongation2 extension9
5 audio4
5 auto_part car_part
5 crystal2
6 piezoelectric_crystal
5 hardware3 computer_hardware
6 scheduler
6 sequencer2
6 upgrade5
5 heating_element
6 bar9
6 burner2
6 immersion_heater
5 ingredient
6 admixture2 intermixture2
6 base9
5 input4
5 landside
5 making3
5 module4
6 cartridge3
7 ink_cartridge
7 tape_cartridge
6 power_module
5 pixel pel picture_element
5 retrofit
5 spare_part spare
5 spark_gap
4 cutout3
4 foible2
4 fore_edge foredge
4 forte3
4 fraction2
4 heel6
4 hub
4 jetsam
4 limb4
4 neck4
4 peen
4 piece
5 piece_of_cloth piece_of_material
6 bib
6 chamois_cloth
6 dishrag dishcloth
6 drop_cloth2
6 dustcloth dustrag duster3
6 dust_cover2 dust_sheet
6 end9 remainder4 remnant2 oddment
7 fag_end2
6 gore3 panel6
6 groundsheet ground_cloth
6 guimpe
6 gusset3 inset3
6 handkerchief hankie hanky hankey
7 bandanna bandana
7 pocket-handkerchief
6 liner3 lining2
6 lungi lungyi longyi
6 patch3
7 flash9
7 pasty2
7 shoulder_patch
6 placket
6 rag shred2 tag3 tag_end tatter
7 pine-tar_rag
6 sail canvas5 canvass3 sheet8
7 balloon_sail
7 crossjack mizzen_course
7 fore-and-aft_sail
8 gaffsail gaff-headed_sail
8 gaff_topsail fore-and-aft_topsail
8 jib
9 flying_jib
8 lateen lateen_sail
8 lugsail lug2
8 mizzen2 mizen2
8 spanker2
8 spritsail
8 staysail
7 foresail
7 headsail
8 spinnaker
7 mainsail
8 main_course2
7 main-topsail
7 press_of_sail press_of_canvas
7 royal
7 save-all2
7 skysail
7 square_sail
7 topgallant topgallant_sail
7 topsail
8 fore-topsail
6 swatch
6 towel
7 bath_towel
8 terry_towel
7 beach_towel
7 dishtowel dish_towel tea_towel
7 hand_towel face_towel
7 paper_towel
7 roller_towel
6 train5
5 piece_of_leather
6 counter8 heel_counter
6 quarter9
6 saddle4
6 upper2
7 toe_box
6 vamp3
5 scrap3
5 shard sherd fragment2
6 potsherd
5 snip snippet snipping
5 spindle2
4 pressing2
4 seat8
4 section4 segment
5 bend3 curve5
6 blind_curve blind_bend
6 elbow2
6 hairpin_bend
5 dado2
5 leaf3
6 drop-leaf
5 length5
5 straightaway straight3
6 stretch3
7 homestretch2
5 subsection subdivision5
4 shank6 waist2
4 spine4 backbone4
4 toe4
4 turnout2 widening2
4 upstage
4 upstairs
4 wreckage
5 flotsam jetsam2
5 lagan lagend ligan
3 property5 prop2
4 custard_pie
3 snake5
4 closet_auger
4 plumber's_snake snake6 auger
5 trap-and-drain_auger
3 stuff2
4 doodad doohickey doojigger gimmick2 gizmo gismo gubbins thingamabob thingumabob thingmabob thingamajig thingumajig thingmajig thingummy whatchamacallit whatchamacallum whatsis widget
4 etcetera
4 sundries
3 triviality3 trivia trifle3 small_beer
4 bagatelle2 fluff2 frippery frivolity2
3 paring2
3 catch4
3 commemorative
3 discard
3 finding3
3 floater7
3 fomite vehicle4
3 geological_formation formation4
4 aquifer
4 beach
5 plage
4 cave
5 cavern2
5 cove2
5 grotto grot
4 cliff drop4 drop-off2
5 crag
5 precipice
4 delta
4 diapir
4 folium
4 foreshore
4 ice_mass
5 glacier
6 continental_glacier
7 polar_glacier
5 iceberg berg
6 growler2
5 icecap ice_cap
5 ice_field
5 ice_floe floe
4 lakefront
4 massif
4 monocline
4 mouth4
4 natural_depression depression3
5 basin3
6 cirque corrie cwm
6 saltpan
6 tidal_basin
5 bed3 bottom5
6 lake_bed lake_bottom
6 ocean_floor sea_floor ocean_bottom seabed sea_bottom
7 abyssal_zone
7 continental_shelf
7 continental_slope bathyal_zone bathyal_district
7 neritic_zone
7 twilight_zone
6 riverbed river_bottom
6 streambed creek_bed
7 wash3 dry_wash
5 crater3
6 collector3
6 lunar_crater
5 hole5 hollow3
6 burrow tunnel2
7 warren3 rabbit_warren2
6 gopher_hole
6 kettle_hole kettle3
6 pit cavity
7 trou-de-loup
7 barbecue_pit
7 borrow_pit
7 divot
7 fire_pit
7 quicksand2
7 sandpit
7 sawpit
7 tar_pit
6 pothole chuckhole
6 rabbit_burrow rabbit_hole
6 wormhole
5 lowland
6 landfill
7 sanitary_landfill
5 sinkhole sink3 swallow_hole
5 trench2 deep2 oceanic_abyss
5 trough
6 swale
5 valley vale
6 dale
6 glen
6 gully
7 arroyo
7 draw
7 wadi
6 hollow2 holler2
7 dell dingle
6 nullah
6 ravine
7 canyon canon3
7 gorge
8 gulch flume
6 rift_valley
4 natural_elevation elevation4
5 highland upland
6 down4
6 tableland plateau
7 mesa table4
7 terrace2 bench2
5 hill
6 butte
6 foothill
6 knoll mound2 hillock hummock hammock
7 anthill formicary
7 kopje koppie
7 molehill
6 tor2
5 mountain mount3
6 alp
6 ben
6 seamount
7 guyot
6 volcano2
5 promontory headland head9 foreland
6 mull
6 point9
5 ridge
6 bank3
7 bluff
7 sandbank
8 shoal
6 bar8
7 sandbar sand_bar
6 dune sand_dune
7 seif_dune
6 esker
6 ledge shelf2
7 berm
6 reef
7 coral_reef
8 atoll
8 barrier_reef
8 key8 cay
6 ripple_mark
5 swell2
4 oceanfront
4 range4 mountain_range range_of_mountains chain8 mountain_chain chain_of_mountains
4 relict2
4 ridge4 ridgeline
5 arete
5 hogback horseback2
4 ridge3
4 shore
5 lakeside lakeshore
5 seashore coast seacoast sea-coast
6 landfall
6 seaside seaboard
6 tideland
5 strand5
4 slope incline side9
5 ascent acclivity rise3 raise2 climb upgrade
6 uphill
5 bank
6 riverbank riverside
6 waterside
5 bank7 cant2 camber2
5 canyonside
5 coast2
5 descent5 declivity fall4 decline4 declination2 declension3 downslope
6 downhill
6 steep
5 escarpment scarp
5 hillside
6 brae
5 mountainside versant
5 piedmont2
5 ski_slope
4 spring3 fountain2 outflow3 outpouring natural_spring
5 geyser
5 hot_spring thermal_spring
4 talus scree
4 vein4 mineral_vein
5 bonanza
4 volcanic_crater crater
5 caldera
5 maar
4 wall5
4 water_table water_level2 groundwater_level
3 growth7
4 ingrowth
3 hail2
3 head9
3 ice2
4 drift_ice
4 icefall
4 neve
4 pack_ice ice_pack2
4 shelf_ice ice_shelf
3 land4 dry_land earth3 ground solid_ground terra_firma
4 archipelago
4 beachfront
4 cape ness
5 spit tongue5
4 coastal_plain
5 tidewater
4 floor4
4 foreland2
4 forest2 woodland timberland timber4
5 greenwood
5 riparian_forest
5 silva sylva
5 tree_farm
6 pinetum
4 island
5 barrier_island
4 isthmus
4 landmass land_mass
5 continent
5 subcontinent
4 mainland
4 neck2
4 oxbow
4 peninsula
4 plain field9 champaign
5 flat
6 alluvial_flat alluvial_plain
6 salt_flat salt_plain
5 floodplain flood_plain
5 llano
5 moor2 moorland
5 peneplain peneplane
5 snowfield
5 steppe
5 tundra
4 slash2
4 wonderland
3 land2 ground7 soil3
4 badlands
4 bottomland bottom6
4 coastland
4 cultivated_land farmland2 plowland ploughland tilled_land tillage tilth2
5 fallow
4 overburden
4 permafrost
4 polder
4 rangeland
4 scablands
4 turf sod sward greensward
5 divot2
4 wetland
5 bog peat_bog
6 mire quagmire quag morass slack4
6 slough2
5 marsh marshland fen2 fenland
6 salt_marsh
5 swamp swampland
6 slough3
3 moon2
3 neighbor2 neighbour2
3 remains
4 archeological_remains remains2
4 fossil2
5 fucoid
5 belemnite
5 ammonite ammonoid
5 index_fossil guide_fossil
5 microfossil
5 wormcast2
3 ribbon thread2
4 blade3
3 shiner2
4 twinkler
3 vagabond
3 wall2
4 footwall
4 hanging_wall
3 web
4 spider_web2 spider's_web2
5 cobweb3
5 funnel_web
5 orb_web
5 sheet_web
4 tent2
4 webbing
2 causal_agent cause4 causal_agency
3 agent
4 vasoconstrictor vasoconstrictive pressor
5 adrenergic adrenergic_drug
6 phenylephrine
6 phenylpropanolamine
5 angiotensin angiotonin
5 naphazoline
5 vasopressor
4 biological_agent biohazard2
4 eliminator
5 obliterator
4 impairer
4 infectious_agent infective_agent
4 lethal_agent
4 motor2
4 mutagen
4 quickener invigorator enlivener
4 relaxer
4 repressor represser
4 retardant retardent retardation3
4 satisfier
4 shortener
4 stressor
4 teratogen
4 vector3 transmitter2
5 transducing_vector gene_delivery_vector
6 liposomal_delivery_vector
6 viral_delivery_vector
4 weakener
3 nature2
3 supernatural occult
3 theurgy
3 first_cause prime_mover primum_mobile
3 destiny2 fate2
3 catalyst2
3 deus_ex_machina
3 operator2 manipulator
4 company_operator
4 driver
5 busman bus_driver
5 chauffeur
6 chauffeuse
5 designated_driver
5 honker
5 kerb_crawler
5 motorist automobilist
5 owner-driver
5 racer race_driver automobile_driver
6 finisher2
5 road_hog roadhog
5 speeder speed_demon
5 tailgater
5 taxidriver taximan cabdriver cabman cabby hack_driver hack-driver livery_driver
5 teamster2 trucker truck_driver
5 test_driver
4 elevator_operator
5 elevator_girl
5 elevator_man elevator_boy liftman
4 engineer2 locomotive_engineer railroad_engineer engine_driver
4 hoister
4 jockey2
4 motorman
4 radio_operator
5 ham3
4 switchman
4 telegrapher telegraphist telegraph_operator
4 telephone_operator telephonist switchboard_operator
3 power5 force7
4 juggernaut steamroller
4 influence5
3 vital_principle life_principle
4 spirit
5 soul psyche2
6 ghost3
7 poltergeist
7 revenant2
3 agent3
4 antiflatulent
4 antifungal antifungal_agent fungicide antimycotic antimycotic_agent
5 iodochlorhydroxyquin
5 itraconazole
5 miconazole
5 nystatin
5 terbinafine
5 thiabendazole
4 disinfectant germicide antimicrobic antimicrobial
4 drug
5 abortifacient aborticide abortion-inducing_drug
6 abortion_pill mifepristone
5 agonist4
5 anesthetic anaesthetic anesthetic_agent anaesthetic_agent
6 general_anesthetic general_anaesthetic
7 inhalation_anesthetic inhalation_anaesthetic inhalation_general_anesthetic inhalation_general_anaesthetic
8 cyclopropane
8 ether4 ethoxyethane divinyl_ether vinyl_ether diethyl_ether ethyl_ether
9 enflurane
8 halothane
8 isoflurane
8 nitrous_oxide laughing_gas
7 ketamine ketamine_hydrochloride
8 jet5 super_acid honey_oil green8 cat_valium
6 intravenous_anesthetic
7 dibucaine
7 tribromoethanol tribromoethyl_alcohol
7 truth_serum truth_drug
6 local_anesthetic local_anaesthetic local2 topical_anesthetic topical_anaesthetic
7 anesthyl
7 antipruritic
7 benzocaine ethyl_aminobenzoate
7 butacaine butacaine_sulfate
7 ethyl_chloride
7 procaine
8 procaine_hydrochloride novocaine
7 tetracaine
6 spinal_anesthetic spinal_anaesthetic
7 piperocaine piperocaine_hydrochloride
5 antagonist3
6 estrogen_antagonist tamoxifen
6 narcotic_antagonist
7 nalorphine
7 naloxone
7 naltrexone
5 antisyphilitic
5 botanical
5 brand-name_drug proprietary_drug
5 controlled_substance
6 club_drug
7 flunitrazepan
8 rophy rope2 roofy roach3 forget_me_drug circle6
7 gamma_hydroxybutyrate
8 soap3 scoop4 max liquid_ecstasy grievous_bodily_harm goop2 easy_lay
7 methylenedioxymethamphetamine
8 ecstasy3 go2 disco_biscuit cristal hug_drug
5 dilator2
6 vasodilator vasodilative
7 amlodipine_besylate
7 amyl_nitrate
7 butyl_nitrite isobutyl_nitrite
7 diazoxide
7 minoxidil
7 pentaerythritol
7 tolazoline
5 diuretic_drug diuretic water_pill
6 chlorthalidone
6 ethacrynic_acid
6 furosemide
6 indapamide
6 mannitol
6 thiazide
7 chlorothiazide
7 hydrochlorothiazide
7 hydroflumethiazide
7 trichlormethiazide
5 drug_of_abuse street_drug
6 gateway_drug
6 soft_drug
7 bhang
7 cannabis2 marijuana2 marihuana2 ganja2
8 pot9 grass5 green_goddess dope weed3 gage sess sens smoke6 skunk3 locoweed2
7 hashish hasheesh haschisch hash2
5 etanercept
5 fertility_drug
6 clomiphene clomiphene_citrate
5 infliximab2
5 intoxicant2
5 leflunomide
5 levallorphan
5 medicine2 medication medicament medicinal_drug
6 acyclovir
6 alendronate
6 allopurinol
6 amrinone
6 analgesic anodyne painkiller pain_pill
7 acetaminophen
7 acetanilide acetanilid phenylacetamide
7 acetophenetidin acetphenetidin phenacetin
7 aminopyrine amidopyrine
7 colchicine
7 hydromorphone_hydrochloride hydromorphone
7 pentazocine
7 phenazopyridine
7 propoxyphene propoxyphene_hydrochloride
7 sodium_salicylate
6 angiogenesis_inhibitor
6 antiarrhythmic antiarrhythmic_drug antiarrhythmic_medication
7 amiodarone
7 encainide
7 flecainide
7 mexiletine
7 quinidine
7 tocainide
6 antibacterial antibacterial_drug bactericide2
7 antibiotic antibiotic_drug
8 actinomycin
8 amphotericin
8 antimycin
8 antineoplastic_antibiotic
9 mithramycin
8 aztreonam
8 bacitracin
8 carbomycin
8 cephaloglycin
8 cephaloridine
8 cephalosporin
9 cefadroxil
9 cefoperazone
9 cefotaxime
9 ceftazidime
9 ceftriaxone
9 cefuroxime
9 cephalexin
9 cephalothin
8 chloramphenicol
8 chlortetracycline
8 ciprofloxacin
8 cycloserine
8 dihydrostreptomycin
8 doxorubicin
8 doxycycline
8 erythromycin
8 gentamicin
8 gramicidin
8 kanamycin
8 lincomycin
8 mitomycin
8 mycomycin
8 neomycin fradicin
8 novobiocin
8 oxytetracycline hydroxytetracycline oxytetracycline_hydrochloride
8 penicillin
9 amoxicillin
9 ampicillin
9 griseofulvin
9 methicillin
9 penicillinase-resistant_antibiotic
10 nafcillin
10 oxacillin
9 benzylpenicillin
9 phenoxymethyl_penicillin
9 piperacillin
8 polymyxin
8 pyocyanase
8 pyocyanin
8 spectinomycin
8 streptomycin
8 streptothricin
8 subtilin
8 tobramycin
8 tyrocidine tyrocidin
8 tyrothricin
8 vancomycin
8 viomycin
7 azithromycin
7 dapsone
7 dicloxacillin
7 hexachlorophene
7 isoniazid
7 methenamine
7 nalidixic_acid
7 nitrofurantoin
7 rifampin
7 sulfa_drug sulfa sulpha sulfonamide
8 sulfacetamide
8 sulfadiazine
8 sulfamethazine sulfamezathine
8 sulfamethoxazole
8 sulfanilamide
8 sulfapyridine
8 sulfisoxazole
7 tetracycline
8 demeclocycline_hydrochloride
8 minocycline
6 anticholinergic anticholinergic_drug
7 oxyphencyclimine
6 anticholinesterase
7 neostigmine
6 anticoagulant anticoagulant_medication decoagulant
7 dicumarol dicoumarol
7 warfarin
6 anticonvulsant anticonvulsant_drug antiepileptic antiepileptic_drug
7 ethosuximide
7 gabapentin
7 hydantoin
8 diphenylhydantoin phenytoin
7 mephenytoin
7 metharbital
7 phensuximide
7 primidone
7 valproic_acid
6 antidepressant antidepressant_drug
7 monoamine_oxidase_inhibitor
8 iproclozide
8 isocarboxazid
8 phenelzine
8 tranylcypromine
7 nefazodone
7 nontricyclic nontricyclic_drug nontricyclic_antidepressant nontricyclic_antidepressant_drug
8 trazodone trazodone_hydrochloride
7 reboxetine
7 selective-serotonin_reuptake_inhibitor
8 fluoxetine fluoxetine_hydrocholoride
8 paroxetime
8 sertraline
7 tricyclic tricyclic_antidepressant tricyclic_antidepressant_drug
8 amitriptyline amitriptyline_hydrochloride
8 clomipramine
8 desipramine
8 doxepin doxepin_hydrochloride
8 imipramine impramine_hydrochloride
8 nortriptyline
8 protriptyline
8 trimipramine
6 antidiabetic antidiabetic_drug
7 glipizide
7 glyburide
7 metformin
7 sulfonylurea
8 tolazamide
8 tolbutamide
6 antidiarrheal antidiarrheal_drug
6 antidiuretic antidiuretic_drug
7 lypressin
6 antiemetic antiemetic_drug
6 antihistamine
7 brompheniramine_maleate
7 chlorpheniramine_maleate
7 cyproheptadine
7 dimenhydrinate
7 diphenhydramine
7 meclizine meclizine_hydrochloride
7 methapyrilene
7 pheniramine
7 phenyltoloxamine
7 promethazine
7 pyrilamine
6 antihypertensive antihypertensive_drug
7 angiotensin-converting_enzyme_inhibitor
8 captopril
8 enalapril
8 lisinopril
8 ramipril
8 trandolapril
7 clonidine
7 doxazosin
7 guanabenz
7 hydralazine
7 methyldopa alpha_methyl_dopa
7 prazosin
7 reserpine
7 terazosin
6 anti-inflammatory anti-inflammatory_drug
7 celecoxib
7 hydroxychloroquine
7 nonsteroidal_anti-inflammatory nonsteroidal_anti-inflammatory_drug
8 diclofenac_potassium
8 diclofenac_sodium
8 diflunisal
8 etodolac
8 fenoprofen fenoprofen_calcium
8 flurbiprofen
8 ibuprofen isobutylphenyl_propionic_acid
8 indomethacin
8 ketoprofen
8 ketorolac
8 ketorolac_tromethamine
8 meclofenamate meclofenamate_sodium
8 mefenamic_acid
8 nabumetone
8 naproxen
8 naproxen_sodium
8 oxaprozin
8 piroxicam
8 sulindac
8 tolmetin_sodium
7 oxyphenbutazone
7 phenylbutazone
7 rofecoxib
7 valdecoxib
6 antiprotozoal antiprotozoal_drug
7 antimalarial antimalarial_drug
8 chloroquine
8 mefloquine mefloquine_hydrochloride
8 primaquine
8 quinacrine quinacrine_hydrochloride mepacrine
8 quinine
7 metronidazole
6 antipyretic febrifuge
6 antiseptic
7 chloramine
7 chlorhexidine
7 iodoform2 triiodomethane
7 merbromine
7 mild_silver_protein
7 thimerosal sodium_ethylmercurithiosalicylate
6 antispasmodic spasmolytic antispasmodic_agent
6 antitussive
6 antiviral antiviral_agent antiviral_drug
7 dideoxycytosine zalcitabine
7 dideoxyinosine didanosine
7 interferon
8 alpha-interferon
8 beta-interferon
8 gamma-interferon
7 protease_inhibitor
8 indinavir
8 nelfinavir
8 ritonavir
8 saquinavir
7 reverse_transcriptase_inhibitor
8 non-nucleoside_reverse_transcriptase_inhibitor
9 delavirdine
9 nevirapine
8 nucleoside_reverse_transcriptase_inhibitor
9 zidovudine
9 lamivudine
7 ribavirin
6 astringent astringent_drug styptic
7 alum4
6 atomic_cocktail
6 azathioprine
6 blocker2 blocking_agent
7 alpha_blocker alpha-blocker alpha-adrenergic_blocker alpha-adrenergic_blocking_agent
7 beta_blocker beta-blocking_agent beta-adrenergic_blocker beta-adrenergic_blocking_agent
8 acebutolol
8 atenolol
8 carvedilol
8 esmolol
8 metoprolol
8 nadolol
8 pindolol
8 propanolol
8 timolol
7 labetalol labetalol_hydrochloride
7 neuromuscular_blocking_agent
8 gallamine
6 bronchodilator
7 albuterol
7 aminophylline
7 ipratropium_bromide
7 metaproterenol
7 theophylline
6 calcium_blocker calcium-channel_blocker
7 diltiazem
7 nifedipine
7 verapamil
6 carminative
6 clofibrate
6 clopidogrel_bisulfate
6 cold_medicine
6 counterirritant
6 cytotoxic_drug
7 antineoplastic antineoplastic_drug cancer_drug
8 alkylating_agent
9 chlorambucil
8 antimetabolite
9 fluorouracil
9 mercaptopurine
9 methotrexate methotrexate_sodium amethopterin
8 asparaginase
8 floxuridine
8 lomustine
8 melphalan
8 periwinkle_plant_derivative
9 vinblastine
9 vincristine
8 procarbazine
8 thioguanine
8 thiotepa
6 decongestant
7 nasal_decongestant
6 demulcent
6 diaphoretic
6 disulfiram
6 dose dosage2
7 booster6 booster_dose booster_shot recall_dose
7 draft8 draught5
7 hit5
7 lethal_dose
7 pill2 lozenge2 tablet4 tab5
8 bolus2
8 capsule2
8 dragee3
6 drug_cocktail highly_active_antiretroviral_therapy
6 expectorant expectorator2
6 fixed-combination_drug
6 gemfibrozil
6 hematinic haematinic
6 herbal_medicine
6 histamine_blocker
7 cimetidine
7 famotidine
7 ranitidine
6 immunosuppressant immunosuppressor immunosuppressive_drug immunosuppressive immune_suppressant_drug
6 inhalant2 inhalation2
6 isoproterenol
6 isosorbide
6 lipid-lowering_medicine lipid-lowering_medication statin_drug statin
7 atorvastatin
7 cerivastatin
7 fluvastatin
7 lovastatin
7 pravastatin
7 simvastatin
6 methacholine
6 nux_vomica
6 over-the-counter_drug over-the-counter_medicine
6 oxytocic oxytocic_drug
6 paregoric camphorated_tincture_of_opium
6 patent_medicine
7 nostrum2
6 penicillamine
6 pentylenetetrazol pentamethylenetetrazol
6 pharmaceutical pharmaceutic
7 radiopharmaceutical
7 thrombolytic thrombolytic_agent clot_buster
8 tissue_plasminogen_activator
6 placebo
7 active_placebo
6 prescription_drug prescription2 prescription_medicine ethical_drug
7 refill
6 probenecid
6 purgative cathartic physic aperient
7 aloes bitter_aloes
7 castor_oil
7 laxative
8 phenolphthalein
7 milk_of_magnesia
6 remedy2 curative cure therapeutic
7 acoustic
7 antidote counterpoison
7 emetic vomit2 vomitive nauseant
8 ipecac
8 powdered_mustard dry_mustard
7 lenitive
7 lotion2 application5
8 blackwash2 black_lotion
8 calamine_lotion
8 eye-lotion eyewash collyrium
8 liniment embrocation
8 menthol2
8 rubbing_alcohol
8 witch_hazel2 wych_hazel2
7 magic_bullet
7 ointment unction3 unguent balm2 salve
8 arnica3
8 baby_oil
8 balsam3
8 carron_oil
8 cerate
9 camphor_ice
8 chrism chrisom sacramental_oil holy_oil
8 lip_balm
8 mentholated_salve
8 mercurial_ointment
8 zinc_ointment
7 palliative alleviant alleviator2
7 panacea2 nostrum catholicon cure-all
7 preventive preventative prophylactic
6 rubefacient
6 sedative sedative_drug depressant downer
7 chloral_hydrate
8 knockout_drops
7 glutethimide
7 sedative-hypnotic sedative-hypnotic_drug
8 barbiturate
9 amobarbital
10 amobarbital_sodium blue6 blue_angel blue_devil2
9 barbital veronal barbitone diethylbarbituric_acid diethylmalonylurea
9 mephobarbital
9 pentobarbital_sodium pentobarbital yellow_jacket
9 secobarbital_sodium secobarbital red_devil
9 sodium_thiopental phenobarbital phenobarbitone purple_heart2
9 thiopental thiopental_sodium thiopentobarbital_sodium
8 ethchlorvynol
8 methaqualone
8 thalidomide
6 soothing_syrup
6 specific2
6 sucralfate
6 sudorific sudatory
6 suppository
6 tincture4
7 tincture_of_iodine iodine2
7 arnica
6 tonic4 restorative
7 bracer2 pick-me-up2
6 tyrosine_kinase_inhibitor
6 vermifuge anthelmintic anthelminthic helminthic
7 mebendazole
7 piperazine
7 tetrachlorethylene tetrachloroethylene ethylene_tetrachloride carbon_dichloride
5 miotic_drug myotic_drug miotic myotic
5 mydriatic mydriatic_drug
5 narcotic
6 hard_drug
7 cocaine cocain
8 basuco
8 coke3 blow6 nose_candy snow4
8 crack8 crack_cocaine tornado2
6 meperidine meperidine_hydrochloride
6 methadone methadone_hydrochloride methadon dolophine_hydrochloride fixer4 synthetic_heroin
6 opiate
7 codeine
7 heroin diacetylmorphine
8 hell_dust nose_drops smack4 thunder3 skag scag
7 laudanum tincture_of_opium
7 morphine morphia
8 apomorphine
6 opium
6 recreational_drug
5 pentoxifylline
5 psychoactive_drug mind-altering_drug consciousness-altering_drug psychoactive_substance
6 designer_drug
6 dronabinol
6 euphoriant
6 hallucinogen hallucinogenic_drug psychedelic_drug psychodelic_drug
7 lysergic_acid_diethylamide
8 acid2 back_breaker battery-acid dose4 dot4 loony_toons pane3 superman2 window_pane
7 mescaline peyote2
7 phencyclidine phencyclidine_hydrochloride angel_dust
7 psilocybin psilocin
7 salvinorin
6 tetrahydrocannabinol
5 psychotropic_agent
6 tranquilizer tranquillizer tranquilliser antianxiety_agent ataractic_drug ataractic_agent ataractic
7 major_tranquilizer major_tranquillizer major_tranquilliser antipsychotic_drug antipsychotic_agent antipsychotic neuroleptic_drug neuroleptic_agent neuroleptic
8 chlorpromazine
8 clozapine
8 diphenylbutyl_piperidine
9 pimozide
8 fluphenazine
8 haloperidol
8 loxapine
8 molindone
8 prochlorperazine
8 thioridazine
8 thiothixene
7 minor_tranquilizer minor_tranquillizer minor_tranquilliser antianxiety_drug anxiolytic anxiolytic_drug
8 benzodiazepine
9 alprazolam
9 chlordiazepoxide
9 diazepam
9 estazolam
9 lorazepam
9 midazolam
9 nitrazepam
9 temazepam
9 triazolam
8 buspirone
8 flurazepam flurazepam_hydrochloride
8 hydroxyzine_hydrochloride hydroxyzine
8 meprobamate
8 oxazepam
8 perphenazine
5 relaxant
6 muscle_relaxant
7 cyclobenzaprine
7 methocarbamol
7 orphenadrine
7 papaverine
7 procyclidine
7 succinylcholine
5 soporific hypnotic
6 narcoleptic2
6 sleeping_pill sleeping_tablet sleeping_capsule sleeping_draught
5 stimulant2 stimulant_drug excitant
6 amphetamine pep_pill upper3 speed5
7 amphetamine_sulfate amphetamine_sulphate
7 bennie
7 dextroamphetamine_sulphate
7 methamphetamine methamphetamine_hydrochloride meth deoxyephedrine chalk3 chicken_feed2 crank3 glass5 ice6 shabu trash4
6 analeptic
6 aphrodisiac
6 kat khat qat quat cat4
6 methylphenidate
6 popper2
5 suppressant appetite_suppressant
5 synergist
5 virility_drug anti-impotence_drug
6 phentolamine
6 sildenafil sildenafil_citrate
6 tadalafil
6 vardenafil
4 vermicide
4 antacid gastric_antacid alkalizer alkaliser antiacid
5 omeprazole
4 bacteriostat
4 bleaching_agent bleach2 blanching_agent whitener
5 bleaching_powder chlorinated_lime chloride_of_lime
4 chemical_agent
5 active_agent active
5 reagent
5 desiccant drying_agent drier siccative
5 oxidant oxidizer oxidiser oxidizing_agent
6 hydrogen_peroxide peroxide
5 reducing_agent reducer reductant
6 hydrazine
5 scavenger
5 wetting_agent wetter surfactant surface-active_agent
6 emulsifier
6 detergent
7 anionic_detergent anionic non-ionic_detergent
7 cationic_detergent invert_soap
8 cetrimide
5 vesicant vesicatory
4 coagulant coagulator
4 dilutant diluent thinner
4 emmenagogue
4 galactagogue
4 hypnagogue
4 hypoglycemic_agent hypoglycaemic_agent
4 inducer
4 lactifuge
4 lactogen
5 prolactin lactogenic_hormone luteotropin
4 mitogen
4 precipitant
5 dimethylglyoxime
4 solvating_agent
4 viricide virucide
2 matter3
3 substance
4 body_substance
5 solid_body_substance
6 scab2
7 eschar
6 node7
7 nodule
6 enamel tooth_enamel
6 cementum cement5
5 liquid_body_substance bodily_fluid body_fluid humor6 humour4
6 aqueous_humor aqueous_humour
6 vitreous_humor vitreous_humour vitreous_body
6 endolymph
6 perilymph
6 extracellular_fluid
7 interstitial_fluid
7 plasma plasm2 blood_plasma
6 intracellular_fluid
6 juice4 succus
7 cancer_juice
7 digestive_juice digestive_fluid
8 gastric_juice gastric_acid
8 pancreatic_juice
8 bile gall5
6 karyolymph
6 milk2
7 mother's_milk
7 colostrum foremilk
6 amniotic_fluid amnionic_fluid waters2
6 blood
7 arterial_blood
7 blood_group blood_type
7 gore2
7 lifeblood
7 bloodstream blood_stream
7 blood_clot grume2
7 cord_blood
7 menorrhea menstrual_blood menstrual_flow
7 venous_blood
7 whole_blood
6 serum blood_serum
7 antiserum
7 whey milk_whey
6 chyle
6 lymph
6 semen seed5 seminal_fluid ejaculate cum come
7 milt2
6 ink2
6 secretion2
7 ganoin ganoine
7 lacrimal_secretion lachrymal_secretion
7 perspiration sweat sudor
7 hormone endocrine internal_secretion
8 adrenocorticotropic_hormone adrenocorticotrophic_hormone adrenocorticotropin adrenocorticotrophin corticotropin corticotrophin
8 epinephrine epinephrin adrenaline
8 gastrointestinal_hormone
9 gastrin
9 cholecystokinin
9 secretin
9 ghrelin
9 motilin
8 glucagon
8 gonadotropin gonadotrophin gonadotropic_hormone gonadotrophic_hormone
9 follicle-stimulating_hormone
9 human_chorionic_gonadotropin human_chorionic_gonadotrophin
9 luteinizing_hormone interstitial_cell-stimulating_hormone
8 insulin
9 recombinant_human_insulin
8 melatonin
8 neurohormone
8 oxytocin
8 parathyroid_hormone parathormone
8 relaxin
8 releasing_hormone2 releasing_factor2 hypothalamic_releasing_hormone hypothalamic_releasing_factor
8 somatotropin somatotrophin somatotropic_hormone somatotrophic_hormone human_growth_hormone growth_hormone
8 thymosin
8 thyroid_hormone
9 calcitonin thyrocalcitonin
9 thyroxine thyroxin tetraiodothyronine
9 triiodothyronine liothyronine
8 vasopressin antidiuretic_hormone
8 steroid_hormone steroid2 sex_hormone
9 progestin progestogen
10 progesterone
10 megestrol megestrol_acetate
10 norethindrone norethindrone_acetate norethandrolone
10 norethynodrel
10 norgestrel
10 medroxyprogesterone
9 androgen androgenic_hormone
10 androsterone
10 methyltestosterone
10 nandrolone
10 testosterone
9 estrogen oestrogen
10 diethylstilbestrol diethylstilboestrol stilbestrol stilboestrol
10 estradiol oestradiol
10 estriol oestriol
10 estrone oestrone theelin
10 hexestrol
10 mestranol
9 corticosteroid corticoid adrenal_cortical_steroid
10 mineralocorticoid
11 aldosterone
10 hydrocortisone cortisol
10 cortisone
10 dexamethasone
10 spironolactone
10 triamcinolone
9 anabolic_steroid
8 adrenosterone
8 glucocorticoid
9 corticosterone
9 prednisolone
9 prednisone
8 catecholamine
9 noradrenaline norepinephrine
8 melanocyte-stimulating_hormone
8 thyrotropin thyrotropic_hormone thyrotrophin thyrotrophic_hormone thyroid-stimulating_hormone
8 thyrotropin-releasing_hormone thyrotropin-releasing_factor protirelin
7 intestinal_juice
7 autacoid autocoid
8 prostaglandin
7 synovia synovial_fluid
7 mucus mucous_secretion
8 phlegm2 sputum
8 snot2
8 booger2
8 leukorrhea leucorrhea
7 saliva spit2 spittle
8 drool2 dribble2 drivel2 slobber
8 tobacco_juice
7 sebum
8 smegma
7 royal_jelly
7 musk
7 nectar
7 pheromone
6 black_bile melancholy3
6 yellow_bile choler3
6 lochia
6 pus2 purulence2 suppuration2 ichor2 sanies festering2
7 gleet
6 spinal_fluid cerebrospinal_fluid
5 chromatin chromatin_granule
6 sex_chromatin
5 achromatin
5 linin
5 matrix4 intercellular_substance ground_substance
5 humor5 humour3
4 protoplasm living_substance
5 cytoplasm cytol
6 plasmodium
6 cytoplast
6 cytosol
6 ectoplasm2
6 endoplasm
6 hyaloplasm ground_substance2
6 centrosome central_body
6 sarcoplasm
6 syncytium
5 nucleoplasm karyoplasm
5 germ_plasm plasm
5 platelet blood_platelet thrombocyte
4 chemistry2
4 material stuff
5 ballast
5 bedding_material bedding2 litter4
5 rind
6 bacon_rind
6 peel2 skin7
7 jacket4
7 banana_peel banana_skin
7 lemon_peel lemon_rind
8 lemon_zest
7 orange_peel orange_rind
8 orange_zest
6 cheese_rind
5 recycling
5 precursor
5 atom2 molecule2 particle corpuscle mote speck2
6 grain
7 granule
8 microsome
8 chondrule
8 plastid
9 chromoplast
9 chloroplast
6 grinding
6 chylomicron
6 flyspeck
6 identification_particle
5 ammunition2
5 floccule floc
5 aggregate2
5 raw_material staple3
6 feedstock
5 sorbate
6 absorbate
6 adsorbate
5 sorbent sorbent_material
6 absorbent_material absorbent
7 sponge
7 absorber
6 adsorbent adsorbent_material
5 diamagnet
5 mineral
6 ader_wax earth_wax mineral_wax ozokerite ozocerite
6 amblygonite
6 amphibole
7 nephrite
7 actinolite
7 anthophyllite
7 asbestos
8 chrysotile
8 tremolite
7 hornblende
6 amphibole_group
6 apatite
7 fluorapatite
6 aragonite
6 argentite
6 argyrodite
6 arsenopyrite mispickel
6 asphalt2 mineral_pitch
6 augite
6 baddeleyite
6 bastnasite bastnaesite
6 bauxite
6 beryl
6 borax
6 bornite peacock_ore
6 carnallite
6 cassiterite
6 celestite
6 cerussite white_lead_ore
6 chalcocite copper_glance
6 chalcopyrite copper_pyrites
6 chlorite
6 chromite
6 chrysoberyl
7 alexandrite
6 cinnabar
6 cobaltite
6 columbite-tantalite coltan
6 cordierite
7 water_sapphire
6 corundom corundum
7 alumina aluminum_oxide aluminium_oxide
8 alundum
6 cristobalite
6 crocolite
6 cryolite
6 cuprite
6 dolomite2 bitter_spar
6 earth_color
7 sienna
8 burnt_sienna2
8 raw_sienna2
7 ocher2 ochre
8 sinopis sinopia sinoper
8 yellow_ocher yellow_ochre
7 umber
8 raw_umber
8 burnt_umber
6 emery
6 erythrite cobalt_bloom
6 fergusonite
6 fluorite fluorspar fluor
6 gadolinite ytterbite
6 galena
6 garnet
7 almandite almandine2
7 andradite
8 demantoid
7 carbuncle
7 cinnamon_stone essonite hessonite
7 pyrope
7 rhodolite
6 garnierite
6 germanite
6 gibbsite
6 glauconite
6 greenockite cadmium_sulphide
6 gypsum
7 alabaster
7 gesso
7 terra_alba
6 hausmannite
6 heavy_spar barite barytes barium_sulphate2
6 hemimorphite calamine
6 ilmenite
6 jadeite
6 kainite
6 kaolinite
6 kernite
6 kieserite
6 kyanite cyanite
6 langbeinite
6 magnesite
6 malachite
7 azurite
6 maltha mineral_tar
6 manganite
6 meerschaum sepiolite
6 mica isinglass
7 biotite
8 lepidomelane
7 lepidolite
7 muscovite
8 damourite
7 paragonite
7 phlogopite
7 zinnwaldite
6 millerite
6 molybdenite
6 monazite
6 nepheline nephelite
6 nephelinite
6 niobite columbite
6 nitrocalcite
6 olivine
7 chrysolite
6 olivenite
6 opal
7 black_opal
7 fire_opal girasol
7 harlequin_opal
6 ore
7 dressed_ore concentrate
7 iron_ore
8 goethite gothite
8 chamosite
8 hematite haematite
8 lepidocrocite
8 limonite
8 magnetite magnetic_iron-ore
8 ruddle reddle raddle
8 siderite chalybite
7 lead_ore
8 massicot massicotite
7 pay_dirt
7 uranium_ore
8 carnotite
8 uraninite pitchblende
6 orpiment
6 osmiridium iridosmine
6 pentlandite
6 periclase magnesia magnesium_oxide
6 pinite
6 pollucite
6 psilomelane
6 pyrite iron_pyrite fool's_gold
6 pyrolusite
6 pyromorphite green_lead_ore
6 pyrophyllite
6 pyroxene
6 pyrrhotite pyrrhotine magnetic_pyrites
6 quartz2
7 quartz_crystal
7 rock_crystal transparent_quartz
8 rhinestone
7 cairngorm smoky_quartz
7 amethyst
7 chalcedony calcedony
8 agate
9 moss_agate
8 bloodstone heliotrope
8 carnelian cornelian
8 onyx
9 sardonyx
8 plasma2
8 sard sardine3 sardius
7 citrine
7 rose_quartz
7 sunstone aventurine
8 goldstone
7 topaz false_topaz common_topaz
6 realgar
6 rhodochrosite
6 rhodonite
6 rutile
6 samarskite
6 sapphirine
6 scheelite
6 smaltite
6 sodalite
6 spar
7 feldspar felspar
8 orthoclase
8 plagioclase oligoclase
9 albite white_feldspar
9 anorthite
7 calcite
8 alabaster2 oriental_alabaster onyx_marble
8 chalk
6 spinel
7 spinel_ruby ruby_spinel
8 almandine
8 balas balas_ruby
8 rubicelle
7 pleonaste
6 spodumene
7 kunzite
7 hiddenite
6 stannite tin_pyrites
6 stibnite
6 strontianite
6 sylvanite graphic_tellurium
6 sylvite sylvine
6 talc talcum
7 soapstone soaprock soap-rock steatite
7 rensselaerite
6 tantalite
6 thorite
6 thortveitite
6 tridymite
6 turquoise
6 vanadinite
6 vermiculite
6 vesuvianite vesuvian idocrase
6 wolframite iron_manganese_tungsten
6 wollastonite
6 wulfenite
6 wurtzite
6 xenotime
6 zeolite
7 chabazite chabasite
7 heulandite
7 natrolite
7 phillipsite
6 zinc_blende blende sphalerite
6 zinkenite
6 zircon zirconium_silicate
7 hyacinth jacinth
7 jargoon jargon2
5 rock2 stone3
6 quartzite
6 road_metal
6 sedimentary_rock
7 argillite
7 arenaceous_rock
8 sandstone
9 firestone2
9 holystone
9 grit gritrock gritstone
9 brownstone
9 bluestone
9 greensand
9 siltstone
7 argillaceous_rock
7 rudaceous_rock
8 breccia
7 slate3
7 shale
8 humic_shale
8 oil_shale
6 sial
6 sima
6 metamorphic_rock
7 amphibolite
7 marlite marlstone
7 hornfels hornstone
7 gneiss
7 schist
6 gravel crushed_rock
7 ballast2
7 bank_gravel pit-run_gravel pit_run
7 shingle2
6 caliche2
6 shingling
6 pumice pumice_stone
6 aphanite
6 claystone
6 dolomite
6 emery_stone emery_rock
6 pudding_stone conglomerate
6 fieldstone
6 greisen
6 tufa calc-tufa
6 magma
6 igneous_rock
7 andesite
7 aplite
7 groundmass
7 adesite
7 batholith batholite pluton plutonic_rock
8 granite
7 diorite
7 gabbro
7 pegmatite
7 peridotite
8 kimberlite
7 rhyolite
7 volcanic_rock
8 agglomerate
8 amygdaloid
8 dacite
8 basalt
8 volcanic_glass
9 obsidian
9 pitchstone
9 tachylite
8 lava
9 aa
9 pahoehoe
9 pillow_lava
8 tuff tufa2
7 porphyry porphyritic_rock
6 limestone
7 rottenstone tripoli
6 marble
7 verd_antique verde_antique
6 matrix2
5 adhesive_material adhesive_agent adhesive
6 birdlime lime3
6 spirit_gum
6 binder2
6 cement3
7 glue gum4 mucilage2
8 animal_glue
8 casein_glue
8 fish_glue
8 marine_glue
7 putty
7 iron_putty
7 red-lead_putty
7 mastic2
6 paste3 library_paste
7 wafer
6 rubber_cement
5 sealing_material
6 sealant sealer
7 caulk caulking
6 filler
7 size3 sizing
7 stiffener
6 lute luting
5 animal_material
6 animal_product
7 ambergris
7 lac
8 garnet_lac
8 gum-lac
8 shellac
8 stick_lac
8 seed_lac
7 animal_skin
8 parchment2 sheepskin2 lambskin2
9 vellum2
8 hide fell
9 cowhide2
9 goatskin
9 rawhide
8 leather
9 grain3
9 alligator
9 buckskin2
9 buff2
9 ooze_leather
9 calf3 calfskin
10 box_calf
9 white_leather whit_leather
9 chamois chamois_leather chammy chammy_leather shammy shammy_leather
10 wash_leather
9 cordovan
9 cowhide cowskin
9 crushed_leather crush
9 deerskin
9 doeskin
9 glove_leather
9 horsehide
9 kid2 kidskin
9 mocha
9 morocco2
9 patent_leather
9 pigskin
9 sheepskin fleece2
9 shoe_leather
9 suede suede_leather
9 roan
8 fur pelt
9 astrakhan
9 bearskin
9 beaver beaver_fur
9 chinchilla
9 ermine
9 fox3
9 lambskin
10 broadtail
9 lapin rabbit2
9 leopard
9 mink
9 muskrat muskrat_fur
10 hudson_seal
9 otter
9 raccoon
9 sable2
9 seal3 sealskin
9 squirrel2
6 dentine dentin
7 ivory tusk
6 bone2 osseous_tissue
6 horn7
7 whalebone baleen
7 tortoiseshell
6 shell2
7 mother-of-pearl nacre
5 fluff
5 bimetal
5 abrasive abradant abrasive_material
6 carborundum
6 steel_wool wire_wool
6 emery_cloth
6 emery_paper sandpaper
5 chemical chemical_substance
6 explosive
7 charge9 burster bursting_charge explosive_charge
8 shot9
8 undercharge2
8 rocket_fuel rocket_propellant rocket_propellent
7 explosive_compound
8 cordite
8 dynamite
9 gelignite gelly
8 plastic_explosive plastique
8 trinitrotoluene
7 explosive_mixture
8 blasting_gelatin
7 propellant_explosive impulse_explosive
7 warhead payload load8
8 atomic_warhead nuclear_warhead thermonuclear_warhead nuke
7 high_explosive
8 disrupting_explosive bursting_explosive
7 low_explosive
8 firework pyrotechnic
9 catherine_wheel pinwheel4
9 firecracker cracker4 banger2
10 cannon_cracker
10 cherry_bomb
10 whizbang2 whizzbang2
9 fizgig2
9 maroon3
9 serpent2
9 skyrocket2 rocket5
9 sparkler2
9 squib
9 torpedo4
7 gunpowder powder2
7 smokeless_powder
7 tetryl nitramine
6 reactant
6 daminozide
6 carrier4
6 bactericide bacteriacide
6 carbon_tetrahalide
6 congener
6 compound2 chemical_compound
7 vanillin
7 acceptor
7 adduct
7 antiknock
8 tetraethyl_lead lead_tetraethyl
7 acid
8 alkapton alcapton homogentisic_acid
8 arsenic_acid
8 cerotic_acid hexacosanoic_acid
8 chloric_acid
8 chlorous_acid
8 monobasic_acid
8 dibasic_acid
8 tribasic_acid
8 tetrabasic_acid
8 fulminic_acid
8 gamma_acid
8 hydriodic_acid
8 hydrocyanic_acid prussic_acid
8 hydroxy_acid
9 hydroxybenzoic_acid
9 juniperic_acid
9 salicylic_acid
9 tartaric_acid
10 racemic_acid
8 hyponitrous_acid
8 lysergic_acid
8 manganic_acid
8 methacrylic_acid
8 selenic_acid
8 sulfonic_acid sulphonic_acid
8 titanic_acid
8 perchloric_acid
8 carboxylic_acid
9 acetic_acid ethanoic_acid
10 acetum
10 trichloroacetic_acid trichloracetic_acid
10 vinegar2
9 hexanedioic_acid adipic_acid
9 mucic_acid
9 suberic_acid octanedioic_acid
9 succinic_acid
9 saccharic_acid
9 sebacic_acid decanedioic_acid
9 sorbic_acid
9 valeric_acid pentanoic_acid
9 fatty_acid
10 saturated_fatty_acid
11 margaric_acid heptadecanoic_acid
11 butyric_acid butanoic_acid
12 hydroxybutyric_acid oxybutyric_acid
11 capric_acid decanoic_acid
11 caproic_acid hexanoic_acid
11 caprylic_acid
11 lauric_acid dodecanoic_acid
11 myristic_acid tetradecanoic_acid
11 palmitic_acid hexadecanoic_acid
11 stearic_acid octadecanoic_acid
10 unsaturated_fatty_acid
11 monounsaturated_fatty_acid
12 elaidic_acid
12 oleic_acid
11 polyunsaturated_fatty_acid
12 alpha-linolenic_acid
12 docosahexaenoic_acid
12 eicosapentaenoic_acid
12 linoleic_acid linolic_acid
12 linolenic_acid
11 ricinoleic_acid
11 eleostearic_acid elaeostearic_acid
10 trans_fatty_acid
9 benzoic_acid
9 propionic_acid propanoic_acid
9 lactic_acid
9 propenoic_acid acrylic_acid
8 aminobenzoic_acid
8 nitric_acid aqua_fortis
8 nitrous_acid
8 aqua_regia nitrohydrochloric_acid
8 barbituric_acid malonylurea
8 lansoprazole
8 boric_acid2 boracic_acid
9 perboric_acid
8 boric_acid orthoboric_acid
8 bromic_acid
8 carbamic_acid
8 carbolic_acid phenol2 hydroxybenzene oxybenzene phenylic_acid
8 carbonic_acid
8 chromic_acid
8 citric_acid
8 cyanamide cyanamid
8 cyanic_acid
8 cyanuric_acid
8 ferricyanic_acid
8 ferrocyanic_acid
8 fluoroboric_acid
8 fluosilicic_acid hydrofluosilicic_acid
8 formic_acid
8 fumaric_acid
8 gallic_acid
8 glyceric_acid
8 glycolic_acid glycollic_acid hydroxyacetic_acid
8 hydrobromic_acid
8 hydrochloric_acid chlorohydric_acid
9 muriatic_acid
8 hydrogen_chloride
8 hydrofluoric_acid
8 hydroiodic_acid
8 hypochlorous_acid
8 iodic_acid
8 isocyanic_acid
8 itaconic_acid
8 maleic_acid
8 oxalacetic_acid oxaloacetic_acid
8 oxalic_acid ethanedioic_acid
8 oxyacid oxygen_acid
9 hypophosphoric_acid
9 hypophosphorous_acid phosphorous_acid orthophosphorous_acid
9 polyphosphoric_acid
10 metaphosphoric_acid
10 pyrophosphoric_acid
9 periodic_acid
9 phosphoric_acid orthophosphoric_acid
9 tungstic_acid
9 vanadium_pentoxide vanadic_acid
8 para_aminobenzoic_acid
8 pectic_acid
8 permanganic_acid
8 phthalic_acid
8 picric_acid
8 pyruvic_acid
8 dichromic_acid
8 silicic_acid
8 sulfanilic_acid sulphanilic_acid
8 thiocyanic_acid
8 toluic_acid
8 triphosphoric_acid
8 undecylenic_acid
8 uric_acid
8 vitriol oil_of_vitriol sulfuric_acid sulphuric_acid
9 battery_acid electrolyte_acid
8 xanthic_acid
7 arsenide
7 hydrogen_cyanide
7 anionic_compound
7 base9 alkali
8 pyridine
9 triphosphopyridine
8 purine2
8 purine
9 adenine
9 guanine
8 imidazole iminazole glyoxaline
8 melamine cyanuramide
8 pyrimidine
9 cytosine
9 thymine
7 binary_compound
8 sodium_chloride common_salt
9 halite rock_salt
8 ammonia2
9 ammonium ammonium_ion
8 calcium_carbide
8 water
9 tap_water
9 bath_water
9 dishwater
9 distilled_water
9 holy_water
9 ground_water spring_water well_water
9 hard_water
9 limewater
9 meltwater
9 seawater saltwater brine
10 red_tide
9 fresh_water freshwater
10 rain2 rainwater
10 condensate
9 slush
9 soft_water
9 bilge bilge_water
9 water_of_crystallization water_of_crystallisation water_of_hydration
8 hydride
9 hydrazoic_acid azoimide hydrogen_azide
9 calcium_hydride hydrolith
9 sodium_hydride
7 taurine
7 chromogen
8 urobilinogen stercobilinogen
7 manganese_tetroxide
7 monomer
7 ozonide
7 organic_compound
8 aldehyde
9 paraldehyde ethanal_trimer
9 acetaldehyde ethanal
9 formaldehyde methanal
9 furfural furfuraldehyde
9 glyceraldehyde glyceric_aldehyde
9 propanal propionaldehyde
9 propenal acrolein
8 aliphatic_compound
9 acetylene ethyne alkyne
9 alicyclic_compound
9 alkene olefine olefin
10 ethylene ethene
11 trichloroethylene trichloroethane
9 methane_series alkane_series alkane paraffin_series paraffin2
10 butane
10 amine aminoalkane
11 histamine
11 aniline aniline_oil aminobenzine phenylamine
11 enamine
11 monoamine
12 monoamine_neurotransmitter
13 serotonin
13 dopamine
11 ptomaine ptomain
12 putrescine
12 cadaverine
10 ethane
10 heptane
10 hexane
10 methane
11 marsh_gas
8 alkylbenzene
9 toluene methylbenzene
8 alkyl_halide haloalkane
9 haloform
10 chloroform trichloromethane
10 bromoform tribromomethane
10 fluoroform trifluoromethane
10 iodoform tri-iodomethane
8 amino_acid aminoalkanoic_acid
9 alanine
9 asparagine
9 aspartic_acid
9 canavanine
9 citrulline
9 cysteine
9 cystine
9 dopa dihydroxyphenylalanine
10 levodopa
9 essential_amino_acid
10 arginine
10 histidine
10 isoleucine
10 leucine
10 lysine
10 methionine
10 phenylalanine
10 threonine
10 tryptophan tryptophane
10 valine
9 gamma_aminobutyric_acid
9 glutamic_acid glutaminic_acid
9 glutamine
9 glycine
9 hydroxyproline
9 iodoamino_acid
10 iodotyrosine
11 mono-iodotyrosine
11 di-iodotyrosine
10 iodothyronine
11 tri-iodothyronine
9 ornithine
9 proline
9 creatine creatin
9 sarcosine
9 serine
9 thyronine
9 tyramine
9 tyrosine
8 diamine
8 enol
8 halon
8 peptone
8 quaternary_ammonium_compound
8 proenzyme zymogen
8 propylthiouracil
8 ether2
8 acetal
8 aldol aldehyde-alcohol
9 acetaldol
8 alkaloid
9 atropine
10 belladonna2
9 hyoscyamine
9 pilocarpine
9 scopolamine hyoscine
9 physostigmine
9 cinchonine
9 ephedrine
9 ergonovine
9 ergotamine
9 pseudoephedrine
9 betaine
9 caffeine caffein
9 rauwolfia
9 tubocurarine curare
8 amide
9 acetamide ethanamide
9 acrylamide
9 peptide
10 fibrinopeptide
10 polypeptide
9 proprionamide propanamide
8 rennet
8 azadirachtin
8 thiazine
9 phenothiazine thiodiphenylamine
8 cacodyl tetramethyldiarsine
8 neurochemical
9 neurotransmitter
10 acetylcholine
9 endorphin
10 beta_endorphin
10 enkephalin
8 acyl_anhydrides acid_anhydrides
8 acyl_halide acid_halide
9 acetyl_chloride ethanoyl_chloride
8 creosote2 coal-tar_creosote
8 creosote
8 nitrile nitril cyanide
9 propenonitrile acrylonitrile vinyl_cyanide
8 cyanohydrin
8 ester
9 banana_oil
9 cellulose_ester
10 cellulose_nitrate nitrocellulose guncotton nitrocotton
11 pyrocellulose
11 pyroxylin pyroxyline
10 cellulose_acetate
11 cellulose_triacetate triacetate
10 cellulose_xanthate viscose
9 cyclohexanol_phthalate
9 ethyl_acetate
9 glyceryl_ester
10 butyrin
11 tributyrin
10 glyceride acylglycerol
10 glycerin_jelly
10 glycerite glycerole
10 glycerogelatin glycerogel
10 palmitin
10 stearin
10 margarin glycerol_trimargarate
10 triolein olein
10 tripalmitin glycerol_tripalmitate
10 tristearin glycerol_tristearate
9 maleate
9 nucleotide base9
10 base_pair
10 adenosine_monophosphate adenylic_acid
10 adenosine_diphosphate
10 adenosine_triphosphate
10 deoxyadenosine_monophosphate
10 deoxycytidine_monophosphate
10 deoxyguanosine_monophosphate
10 deoxythymidine_monophosphate
10 muton
10 polynucleotide
10 oligonucleotide oligo
10 uracil
9 polyester2
9 urethane
8 furan furane furfuran
9 nitrofuran
8 glycoside
9 glucoside
10 amygdalin
11 laetrile
10 saponin
9 nucleoside
10 adenosine
10 inosine
10 deoxyadenosine
10 deoxycytidine cytidine
10 deoxyguanosine guanosine
10 deoxythymidine thymidine
9 strophanthin
8 resin rosin
9 kino_gum2
9 natural_resin
10 sandarac2 sandarach
10 guaiacum
10 storax
10 scammony2
10 acaroid_resin accaroid_resin accroides accroides_resin accroides_gum gum_accroides
10 anime2 gum_anime
10 asafetida asafoetida
10 camphor
10 cannabin cannabis_resin
10 amber2
10 copal
11 courbaril_copal
11 copalite copaline fossil_copal
11 congo_copal congo_gum
11 kauri kauri_copal kauri_resin kauri_gum
11 anime
10 dammar gum_dammar damar dammar_resin
10 colophony
10 mastic
10 oleoresin
11 labdanum2 ladanum
11 balsam2
12 tolu balsam_of_tolu tolu_balsam
12 balm
11 turpentine gum_terpentine
11 copaiba copaiba_balsam balsam_capivi
11 labdanum gum_labdanum
11 oleoresin_capiscum
10 gum_resin
11 elemi gum_elemi
11 myrrh gum_myrrh sweet_cicely2
11 benzoin gum_benzoin benjamin gum_benjamin asa_dulcis
11 bdellium
11 gamboge
10 wood_tar
11 pine_tar
9 synthetic_resin
10 acrylic2 acrylic_resin acrylate_resin
11 polypropenonitrile
11 polymethyl_methacrylate
12 plexiglass
10 polyethylene polythene
10 allyl_resin
10 urea-formaldehyde_resin
10 alkyd alkyd_resin
10 phenolic_resin phenolic phenoplast
10 epoxy epoxy_resin epoxy_glue
10 melamine_resin
10 polyester
11 polyester_fiber
10 vinyl_polymer vinyl_resin polyvinyl_resin
11 polyvinyl_acetate
11 polyvinyl_chloride
11 styrene cinnamene phenylethylene vinylbenzene
12 polystyrene
8 halocarbon
9 fluorocarbon
10 chlorofluorocarbon
11 hydrochlorofluorocarbon
10 hydrofluorocarbon
10 perfluorocarbon
10 tetrafluoroethylene
8 hemiacetal
8 hemolysin haemolysin erythrolysin erythrocytolysin
9 streptolysin
8 humic_substance
9 fulvic_acid
9 humic_acid
9 humin
8 hydrocarbon
9 chlorobenzene
9 aromatic_compound
9 aromatic_hydrocarbon
10 benzene benzine benzol
11 benzene_formula benzene_ring benzene_nucleus
9 indene
9 cymene
9 dioxin
9 bitumen
10 pitch6 tar
11 coal_tar
9 butadiene
10 chloroprene
9 naphtha
9 naphthalene
9 pyrene
9 octane
9 terpene
10 limonene
9 provitamin
10 carotene carotin
11 beta-carotene
8 ketone
9 acetone propanone dimethyl_ketone
9 butanone methyl_ethyl_ketone
9 flavin
9 ketone_body acetone_body
10 acetoacetic_acid
10 beta-hydroxybutyric_acid
8 nitrobenzene
8 oxime
8 petrochemical
8 phosphocreatine creatine_phosphate creatine_phosphoric_acid
8 phenol
9 pyrogallol pyrogallic_acid
9 creosol
9 cresol methyl_phenol
9 naphthol
10 alpha-naphthol
10 beta-naphthol
9 resorcinol
9 tannin tannic_acid
10 cutch kutch
10 catechin
9 thymol thyme_camphor thymic_acid
8 pyrimidine2
8 quassia
8 steroid
9 ketosteroid
9 bile_acid
10 cholic_acid
9 cardiac_glycoside cardiac_glucoside
10 digitalis digitalis_glycoside digitalin
11 digitoxin
11 digoxin
8 nonsteroid nonsteroidal
9 diethylstilbesterol stilbesterol
8 thiouracil
8 urea carbamide
8 imide
8 xanthine
7 ammine
7 anhydride
8 acetic_anhydride
8 phthalic_anhydride
7 azide
8 hydrazoite
7 bitter_principle
7 buffer
7 calcium-cyanamide cyanamide2
7 carbonyl
7 carbon_disulfide
7 cofactor
7 cementite iron_carbide
7 chloropicrin nitrochloroform
7 complex2 coordination_compound
8 hydrochloride
7 allomorph
7 corrosive
7 aluminate
7 defoliant
7 depilatory
7 derivative2
7 dimer
7 fixing_agent fixer2
8 fixative
8 hypo sodium_thiosulphate sodium_thiosulfate
7 flavone
7 formulation preparation2
8 cleansing_agent cleanser cleaner
9 bathroom_cleaner
9 dentifrice
10 toothpaste
10 tooth_powder toothpowder
9 detergent2
10 dishwasher_detergent dishwashing_detergent dishwashing_liquid
10 laundry_detergent
10 liquid_detergent
9 shampoo
9 soap
10 bar_soap
10 castile_soap
10 liquid_soap
10 saddle_soap leather_soap
10 soap_flakes
10 soap_powder built-soap_powder washing_powder
10 soft_soap2 green_soap
10 toilet_soap face_soap bath_soap
8 glycerinated_gelatin
8 nebula
8 polish3
9 shoe_polish blacking
8 starch2
8 smelling_salts
7 enantiomorph enantiomer
7 exotherm
7 goitrogen
7 benzofuran coumarone cumarone
7 synthetic synthetic_substance
8 phosphor
8 rubber2 synthetic_rubber
9 silicone_rubber
9 neoprene
9 buna buna_rubber
9 butyl_rubber
7 hydrate
8 monohydrate
7 hydroxide2
7 incense
8 joss_stick
7 inorganic_compound
8 carbide
9 silicon_carbide
7 repellent2 repellant2
8 insectifuge insect_repellent insect_repellant
7 repellent repellant
7 iodocompound
7 isomer
7 hydroxide hydrated_oxide
8 aluminum_hydroxide aluminium_hydroxide hydrated_aluminum_oxide hydrated_aluminium_oxide
8 calcium_hydroxide lime slaked_lime hydrated_lime calcium_hydrate caustic_lime lime_hydrate
8 magnesium_hydroxide
8 potash caustic_potash potassium_hydroxide
8 sodium_hydroxide caustic_soda
7 menthol
7 nitrogen_mustard
7 nitride
8 magnesium_nitride
7 oxide
8 pentoxide
8 nitrogen_oxide
8 calcium_oxide quicklime lime2 calx calcined_lime fluxing_lime unslaked_lime burnt_lime
8 copper_oxide
8 dioxide
9 nitrogen_dioxide
9 carbon_dioxide carbonic_acid_gas
10 chokedamp blackdamp
9 chlorine_dioxide
9 sulfur_dioxide sulphur_dioxide
8 ferric_oxide
9 rust
8 monoxide
9 carbon_monoxide carbon_monoxide_gas
8 peroxide2
9 benzoyl_peroxide
8 red_lead minium
8 silica silicon_oxide silicon_dioxide
9 chert
10 taconite
9 flint
10 gunflint
10 firestone
10 flintstone
9 silex
8 sulfur_oxide sulphur_oxide
8 superoxide
8 tetroxide
8 trioxide
9 arsenic arsenic_trioxide arsenous_anhydride arsenous_oxide white_arsenic ratsbane
8 zinc_oxide flowers_of_zinc philosopher's_wool philosophers'_wool
8 zirconium_oxide zirconia zirconium_dioxide
7 polymer
8 deoxyribonucleic_acid desoxyribonucleic_acid
9 operon
9 provirus
9 episome
9 exon
9 intron
9 recombinant_deoxyribonucleic_acid
9 sticky_end
9 transposon jumping_gene
8 ribonucleic_acid
8 copolymer
8 polyurethane polyurethan
9 polyfoam polyurethane_foam
8 lignin
8 polyamide polymeric_amide
8 trimer
7 preservative
8 spice
9 stacte
7 quinone benzoquinone
8 ubiquinone
7 salt
8 acetate ethanoate
9 acetin
9 lead_acetate sugar_of_lead
8 citrate
8 arsenate
8 chlorate
8 dibasic_salt
8 hypochlorite
9 calcium_hypochlorite
9 sodium_hypochlorite
8 pyrophosphate
8 sulfonate
9 alkylbenzenesulfonate
8 lactate
8 perchlorate
8 alkali2
8 ammonium_chloride sal_ammoniac
8 benzoate
9 benzoate_of_soda sodium_benzoate
8 borate
8 borosilicate
8 calcium_lactate
8 calcium_stearate calcium_octadecanoate
8 carbamate
9 ammonium_carbamate
8 carbonate
9 ammonium_carbonate
9 bicarbonate hydrogen_carbonate
10 bicarbonate_of_soda sodium_hydrogen_carbonate sodium_bicarbonate baking_soda saleratus
10 potassium_bicarbonate potassium_acid_carbonate potassium_hydrogen_carbonate
10 calcium_bicarbonate
10 magnesium_bicarbonate
9 potassium_carbonate
10 pearl_ash
9 calcium_carbonate
10 dripstone
9 lithium_carbonate
9 magnesium_carbonate
8 fulminate
9 mercury_fulminate fulminate_of_mercury fulminating_mercury
8 chromate
9 lead_chromate
8 cyanide2
9 sodium_cyanide
9 potassium_cyanide
8 potassium_bromide
8 potassium_chlorate
8 potassium_dichromate
8 ferricyanide
8 ferrocyanide
9 potassium_ferrocyanide yellow_prussiate_of_potash
8 fluoroboride
8 fluosilicate
8 glutamate
8 halide
9 bromide
10 hydrogen_bromide
10 methyl_bromide
10 silver_bromide
9 fluoride
10 boron_trifluoride
10 hydrogen_fluoride
10 stannous_fluoride
10 sulfur_hexafluoride sulphur_hexafluoride
9 iodide
10 potassium_iodide
10 hydrogen_iodide
10 silver_iodide
10 sodium_iodide
9 chloride2
10 potassium_chloride potassium_muriate potash_muriate
9 tetrahalide
8 isocyanate
8 calcium_chloride
8 calcium_sulphate calcium_sulfate
9 plaster2
8 manganate
8 tartrate
9 bitartrate
8 oxalacetate oxaloacetate
8 oxalate
9 uranyl_oxalate
8 permanganate
9 potassium_permanganate permanganate_of_potash
8 phosphate orthophosphate inorganic_phosphate
9 calcium_phosphate
9 sodium_phosphate sodium_orthophosphate
8 polyphosphate
8 propenoate acrylate
8 salicylate
9 aspirin acetylsalicylic_acid
10 aspirin_powder headache_powder
10 buffered_aspirin
10 enteric-coated_aspirin
9 methyl_salicylate birch_oil sweet-birch_oil
9 salol phenyl_salicylate
8 double_salt
9 potassium_sodium_tartrate
8 bile_salt
8 cream_of_tartar tartar potassium_bitartrate potassium_hydrogen_tartrate
8 sodium_chlorate
8 bichromate dichromate
8 microcosmic_salt
8 silicate
8 sodium_carbonate washing_soda sal_soda soda_ash soda
8 sodium_carboxymethyl_cellulose
8 sodium_fluoride
8 sulfate sulphate
9 barium_sulphate barium_sulfate blanc_fixe
9 copper_sulfate copper_sulphate cupric_sulfate cupric_sulphate
10 blue_vitriol blue_copperas blue_stone chalcanthite
9 magnesium_sulfate
10 bitter_salts
9 sodium_lauryl_sulphate sodium_lauryl_sulfate
9 sodium_sulphate sodium_sulfate
9 zinc_sulfate zinc_sulphate white_vitriol zinc_vitriol
8 thiocyanate
8 tungstate
8 urate
9 tophus chalkstone
8 vanadate
8 xanthate
7 caustic
8 lye
7 nitrate
8 calcium_nitrate
8 sodium_nitrate soda_niter
8 potassium_nitrate saltpeter saltpetre niter nitre
8 nitroglycerin nitroglycerine trinitroglycerin glyceryl_trinitrate
8 ammonium_nitrate
8 silver_nitrate
9 lunar_caustic
8 uranyl_nitrate
7 chloride
8 calomel mercurous_chloride
8 trichloride
9 nitrogen_trichloride
8 dichloride bichloride
8 perchloride
9 iron_perchloride
8 aluminum_chloride aluminium_chloride
8 methylene_chloride dichloromethane
8 obidoxime_chloride
8 silver_chloride
8 stannic_chloride
8 hemin protohemin
7 heterocyclic_compound heterocyclic heterocycle
8 chelate chelate_compound
7 silicide
7 siloxane
8 silicone silicone_polymer
9 bouncing_putty
7 solvate
7 sternutator sternutatory
7 stripper
7 sulfide sulphide
8 pyrites
8 hydrogen_sulfide
8 iron_disulfide
8 cadmium_sulfide
9 zinc_cadmium_sulfide
8 zinc_sulfide zinc_sulphide
7 telluride
7 tenderizer tenderiser
7 tetrachloride
7 triazine
7 yellowcake
7 enamel2
7 pregnanediol
6 soil_conditioner
6 fertilizer fertiliser plant_food
7 organic organic_fertilizer organic_fertiliser
8 bonemeal
8 neem_cake
8 manure
9 chicken_manure
9 cow_manure
9 green_manure
9 horse_manure
9 night_soil
8 fish_meal
6 flux3
7 soldering_flux
6 fumigant
6 herbicide weedkiller weed_killer
7 atrazine
7 linuron
7 paraquat
7 silvex
7 simazine
6 intermediate
6 fraction
6 larvicide
6 pesticide
7 acaricide acaracide
7 arsenical
7 insecticide insect_powder
8 pyrethrum
8 dichlorodiphenyltrichloroethane
8 larvacide
8 lead_arsenate
8 lindane
8 organophosphate
9 chlorpyrifos
8 parathion
8 rotenone
7 pediculicide
7 scabicide
7 sheep_dip
7 spray
6 phytochemical
7 carotenoid
8 carotene2
8 lycopene
8 xanthophyll xanthophyl lutein
8 zeaxanthin
7 flavonoid
6 product4
7 hydrolysate
7 filtrate
8 percolate
6 restrainer
6 stabilizer
6 softener
7 conditioner3
7 plasticizer plasticiser
7 water_softener
5 composite_material
5 conductor2
6 semiconductor semiconducting_material
5 insulator dielectric nonconductor
6 bushing
6 mineral_wool rock_wool
6 glass_wool
5 contaminant contamination2
5 particulate particulate_matter
6 dust
7 chalk_dust
7 fallout radioactive_dust
5 dust3
6 interplanetary_dust
5 elastomer
5 earth2 ground3
6 moraine
6 diatomaceous_earth diatomite kieselguhr
6 saprolite
6 soil2 dirt
7 marl
7 regosol
7 residual_soil residual_clay
7 topsoil surface_soil
7 subsoil undersoil
7 alluvial_soil
7 bog_soil
7 clay
8 adobe
8 argil
8 china_clay china_stone kaolin kaoline porcelain_clay terra_alba3
8 red_clay
8 pipeclay terra_alba2
8 bentonite
8 fireclay
8 potter's_clay potter's_earth
9 slip3
8 daub
7 clunch
7 desert_soil desertic_soil
7 caliche hardpan
7 fuller's_earth
7 gilgai_soil
7 gumbo gumbo_soil
7 humus
7 indurated_clay
7 laterite
7 loam
8 regur regur_soil
8 chernozemic_soil
7 loess
7 mold3 mould
8 leaf_mold leaf_mould leaf_soil
7 mud clay2
8 bleaching_clay bleaching_earth
8 mud_pie
8 slop2 mire2
7 podzol podzol_soil podsol podsol_soil podsolic_soil
7 prairie_soil
7 sand
7 sedimentary_clay
7 silt
7 till boulder_clay
7 tundra_soil
7 wiesenboden
5 discharge3 emission2
6 exudate exudation
7 gum3
8 sweet_gum2 liquidambar
8 eucalyptus_gum eucalyptus_kino red_gum
8 balata gutta_balata
8 ammoniac gum_ammoniac
8 carrageenin carrageenan
8 conima
8 dragon's_blood
8 euphorbium gum_eurphorbium
8 frankincense olibanum gum_olibanum thus
8 galbanum gum_albanum
8 ghatti ghatti_gum
8 agar2 agar-agar
8 algin alginic_acid
8 cherry-tree_gum
8 chicle chicle_gum
8 guar_gum
8 gum_arabic gum_acacia
8 gum_butea butea_gum butea_kino
8 kino gum_kino kino_gum
8 mesquite_gum
8 mucilage
8 sterculia_gum karaya_gum
8 gutta-percha
8 lacquer
8 opopanax
8 sangapenum gum_sangapenum
8 tragacanth
7 latex
8 rubber natural_rubber gum_elastic caoutchouc
9 foam_rubber
9 crepe_rubber
9 cold_rubber
9 hard_rubber vulcanite ebonite
6 transudate transudation
6 effluvium
6 rheum
6 vaginal_discharge
5 detritus2
5 waste waste_material waste_matter waste_product
6 impurity dross
6 body_waste excretion2 excreta excrement excretory_product
7 fecal_matter faecal_matter feces faeces stool2 ordure dejection2
8 dog_shit dog_do doggy_do dog_turd
8 crap dirt3 shit shite poop turd
8 droppings dung muck2
9 chip3 cow_chip cow_dung buffalo_chip
9 coprolite
9 pigeon_droppings
9 cow_pie cowpie
8 meconium
8 melena melaena
7 fecula
7 wormcast
7 human_waste
7 urine piss pee piddle weewee water5
7 vomit vomitus puke2 barf
7 guano
6 filth crud2 skank
6 sewage sewerage
6 effluent wastewater sewer_water
6 garbage refuse food_waste scraps
6 pollutant
6 rubbish trash scrap2
7 scrap_metal
7 debris dust2 junk rubble detritus
8 slack
7 litter2
6 slop3
6 toxic_waste toxic_industrial_waste
5 fiber fibre
6 byssus beard5
6 bristle
6 optical_fiber glass_fiber optical_fibre glass_fibre
6 spindle
6 loofa loofah luffa loufah_sponge
6 cantala manila_maguey
6 bassine
6 coir
6 raffia2
6 string7
6 fibril filament strand4
7 barb4
7 cobweb2 gossamer2
7 chromatid
7 myofibril myofibrilla sarcostyle
7 rhizoid
8 leak_fungus ring_rot_fungus
7 hypha
8 conidiophore
8 rhizomorph
7 paraphysis
6 lint
6 man-made_fiber synthetic_fiber
7 acrylic_fiber acrylic
7 nylon
6 natural_fiber natural_fibre
7 pandanus
7 bowstring_hemp2
7 bast bast_fiber
7 animal_fiber animal_fibre
8 horsehair
8 silk2
8 wool2
9 raw_wool
9 alpaca
9 cashmere2
9 fleece
9 shoddy
9 vicuna
9 virgin_wool
7 plant_fiber plant_fibre
8 buntal
8 flax
8 cotton cotton_fiber cotton_wool
9 absorbent_cotton
9 long-staple_cotton
9 short-staple_cotton
8 hemp
9 kenaf deccan_hemp
9 bowstring_hemp
9 abaca
8 jute
8 kapok silk_cotton vegetable_silk
8 red_silk_cotton
8 straw
8 raffia raphia
8 sisal sisal_hemp
7 staple2 staple_fiber staple_fibre
6 oakum
6 raveling ravelling
5 filling fill2
6 cement4
5 foam2
5 homogenate
5 humate
5 impregnation
5 paper
6 card
7 playing_card
8 ace2
9 ace_of_clubs
9 ace_of_diamonds
9 ace_of_hearts
9 ace_of_spades
8 club6
8 deuce4 two2
8 diamond4
8 draw5
8 face_card picture_card court_card
9 jack9 knave2
9 king9
9 queen7
8 gaming_card
8 heart9
8 hole_card2
8 joker4
8 singleton3
8 spade
8 spot9
9 eight-spot eight3
9 five-spot3 five3
9 four-spot four2
9 nine-spot nine3
9 seven-spot seven2
9 six-spot six2
9 ten-spot ten2
8 stopper3
8 suit6
9 major_suit
9 minor_suit
9 trump2
8 trey2 three2
8 trump trump_card
8 wild_card2
7 punched_card punch_card
7 tarot_card tarot
7 trading_card
8 baseball_card
6 confetti
6 slip9 slip_of_paper
6 art_paper
6 blotting_paper blotter
6 blueprint_paper
6 carbon_paper carbon2
6 cardboard composition_board
7 binder's_board binder_board
7 card4
8 timecard2
7 corrugated_board corrugated_cardboard
7 paperboard poster_board posterboard
7 pasteboard
8 millboard
7 strawboard
6 cartridge_paper2
6 chad
7 dimpled_chad pregnant_chad dimple
7 hanging_chad
7 swinging_chad
7 tri-chad
6 computer_paper
6 construction_paper
6 crepe crepe_paper
6 drawing_paper
7 cartridge_paper
6 filter_paper
6 flypaper
6 graph_paper
6 greaseproof_paper
6 linen2 linen_paper
6 litmus_paper
6 manifold_paper manifold2
6 manila manila_paper manilla manilla_paper
6 music_paper score_paper
6 newspaper4 newsprint
6 oilpaper
6 india_paper
6 pad pad_of_paper tablet2
7 message_pad writing_pad
7 notepad
8 scratch_pad scratch_paper scribbling_block
6 paper_tape
6 paper_toweling
6 papier-mache paper-mache
6 papyrus
6 parchment
6 rice_paper
6 roofing_paper tar_paper
6 ticker_tape
6 tissue2 tissue_paper
7 cigarette_paper rolling_paper
7 facial_tissue
7 toilet_tissue toilet_paper bathroom_tissue
8 toilet_roll
6 tracing_paper
6 transfer_paper
6 wallpaper
6 waste_paper
6 wax_paper
6 wrapping_paper
7 kraft kraft_paper
7 butcher_paper
7 gift_wrap
6 writing_paper
7 rag_paper
7 bond7 bond_paper
7 ledger_paper
7 laid_paper
7 wove_paper
7 letter_paper
7 ola olla
7 typewriter_paper typing_paper
8 onionskin flimsy
7 vellum
5 packing_material packing wadding
6 excelsior wood_shavings
5 coloring_material colouring_material color5 colour
6 indicator4
7 absorption_indicator
7 acid-base_indicator
8 litmus litmus_test
7 alpha-naphthol_test
7 oxidation-reduction_indicator
6 mordant
7 chrome_alum
7 tartar_emetic antimony_potassium_tartrate
7 sodium_dichromate sodium_bichromate
6 dye dyestuff
7 acid_dye
8 metallized_dye
7 alizarin_yellow
7 anil indigo indigotin
7 aniline_dye
7 azo_dye
8 congo_red
8 methyl_orange
7 basic_dye basic_color basic_colour
7 bluing blueing blue5
7 bromophenol_blue bromphenol_blue tetrabromo-phenolsulfonephthalein
7 bromothymol_blue bromthymol_blue
7 cochineal
7 cyanine_dye
7 direct_dye substantive_dye
7 fluorescein fluoresceine fluorescent_dye resorcinolphthalein
8 eosin bromeosin
7 fluorochrome
8 fluorescein_isothiocyanate fluorescein_isocyanate
7 hair_dye hair_coloring tint2
8 henna
8 rinse
7 lac_dye
7 orchil archil cudbear
7 quercitron
7 radiopaque_dye
7 safranine safranin saffranine
8 pheno-safranine
7 vat_dye vat_color
7 woad
6 tincture
7 argent
6 hematochrome
6 pigment
7 chlorophyll chlorophyl
8 chlorophyll_a
8 chlorophyll_b
8 chlorophyll_c chlorofucin
8 chlorophyll_d
7 bacteriochlorophyll
7 phycobilin
7 phycoerythrin
7 phycocyanin
7 titanium_dioxide titanium_oxide titanic_oxide titania
7 cobalt_blue2 cobalt_ultramarine
7 mosaic_gold stannic_sulfide
7 animal_pigment
8 bilirubin hematoidin haematoidin
8 urobilin
8 luciferin
8 melanin
7 cerulean_blue
7 chrome_green
7 chrome_yellow
7 bister bistre
7 ivory_black
7 iron_blue2
7 alizarin alizarine
8 alizarin_carmine alizarin_crimson alizarin_red
7 bole
7 lake3
7 lake2
7 orange4
7 watercolor3 water-color watercolour water-colour
7 retinene retinal
7 sepia2
7 porphyrin
7 heme haem hematin haemitin protoheme
7 hemosiderin haemosiderin
7 ultramarine ultramarine_blue
7 photopigment
8 iodopsin
8 visual_purple rhodopsin retinal_purple
7 cadmium_yellow
8 cadmium_yellow_pale
8 cadmium_orange
7 verdigris cupric_acetate
7 white_lead ceruse lead_carbonate
7 zinc_white
6 pigment2
6 stain2
7 gentian_violet crystal_violet
7 methylene_blue methylthionine_chloride
7 counterstain
5 plant_material plant_substance
6 cutin
6 chaff husk shuck stalk straw2 stubble
7 bran
6 plant_product
7 coca3
7 tobacco baccy
8 filler5
8 roll_of_tobacco smoke5
9 cigar
10 cheroot
10 cigarillo
10 claro
10 corona6
10 panatela panetela panetella
10 stogy stogie
9 cigarette cigaret coffin_nail butt6 fag2
10 cubeb3 cubeb_cigarette
10 filter-tipped_cigarette
10 joint6 marijuana_cigarette reefer stick8 spliff
8 smoking_mixture
8 snuff3
9 rappee
8 shag
8 latakia
7 phytohormone plant_hormone growth_regulator
8 auxin
9 indoleacetic_acid
9 indolebutyric_acid
8 gibberellin
9 gibberellic_acid
8 kinin cytokinin
6 vegetable_tallow
6 wood
7 bentwood
7 pine2
8 knotty_pine
8 white_pine2
8 yellow_pine2
7 larch
7 fir
8 douglas_fir
7 cedar2 cedarwood
8 red_cedar4
9 pencil_cedar2
7 spruce
7 hemlock3
7 cypress
8 cypress_pine
9 black_cypress_pine red_cypress_pine
9 white_cypress_pine
9 stringybark_pine
8 juniper2
9 pencil_cedar pencil_cedar_tree
10 eastern_red_cedar red_cedar2 red_juniper
9 southern_red_cedar
9 dwarf_juniper2 savin
9 common_juniper
9 ground_cedar2 dwarf_juniper
9 creeping_juniper
9 drooping_juniper
8 sequoia redwood2
9 coast_redwood
9 giant_sequoia big_tree
8 bald_cypress2 swamp_cypress pond_bald_cypress southern_cypress
8 pond_cypress bald_cypress
8 sandarac3 sandarac_tree
7 redwood
7 sandarac citronwood2
7 kauri3
7 yellowwood
7 yew
7 lancewood
7 tulipwood2 true_tulipwood whitewood white_poplar2 yellow_poplar
7 zebrawood
7 cocuswood cocoswood granadilla_wood2
7 shittimwood3
7 sabicu sabicu_wood
7 bamboo
7 tulipwood
7 balsa balsa_wood
7 silver_quandong
7 obeche
7 basswood linden
7 beefwood2
7 briarwood brierwood brier-wood
7 beech2 beechwood
7 chestnut
7 oak
8 fumed_oak
8 holm_oak
7 birch
7 alder
7 hazel2
7 olive3
7 ash3
7 ironwood2
7 walnut2
7 hickory
7 pecan
7 pyinma
7 gumwood gum5
8 sweet_gum satin_walnut hazelwood red_gum4
7 eucalyptus
7 tupelo
7 poon
7 red_lauan
7 elm2 elmwood
7 brazilwood
7 locust2
7 logwood
7 rosewood
8 amboyna
7 kingwood
7 granadilla_wood
7 blackwood
7 quira
7 ruby_wood red_sandalwood
7 black_locust
7 cherry
7 fruitwood
8 applewood
7 lemonwood
7 incense_wood
7 mahogany
8 cigar-box_cedar
7 satinwood2
7 orangewood
7 citronwood
7 guaiac_wood guaiacum_wood
7 lignum_vitae guaiac guaiacum2
7 poplar
7 sandalwood
7 boxwood
7 maple
8 bird's-eye_maple
7 sumac
7 ebony2
7 sycamore lacewood
7 teak teakwood
7 dogwood2
7 sapwood
7 heartwood duramen
7 burl
7 brushwood
7 cabinet_wood
7 driftwood
7 log
8 nurse_log
8 saw_log
7 matchwood2
7 matchwood splinters
7 sawdust
7 wicker
7 dyewood
7 hardwood
7 softwood deal5
8 pulpwood
7 raw_wood
7 knot3
5 radioactive_material
6 radioactive_waste
7 high-level_radioactive_waste
7 low-level_radioactive_waste
5 thickening thickener
5 toner2
5 transparent_substance translucent_substance
6 hyaline hyalin
7 keratohyalin
5 undercut
5 builder detergent_builder
6 sodium_pyrophosphate tetrasodium_pyrophosphate
6 sodium_tripolyphosphate
6 trisodium_phosphate trisodium_orthophosphate tribasic_sodium_phosphate
5 vernix vernix_caseosa
5 wad
4 phlogiston
4 mixture
5 alloy metal2
6 oroide oreide
6 amalgam dental_amalgam
6 fusible_metal
6 electrum
6 pewter
6 pinchbeck
6 pot_metal2
6 solder
7 hard_solder
7 silver_solder
7 soft_solder
6 white_gold
6 type_metal
7 type_slug slug6
6 white_metal bearing_metal
6 babbitt
6 steel
7 alloy_steel
8 stainless_steel stainless chromium_steel
8 chrome-nickel_steel
8 chrome-tungsten_steel
8 manganese_steel austenitic_manganese_steel
8 molybdenum_steel
8 nickel_steel
8 tool_steel
9 high-speed_steel hot-work_steel
8 tungsten_steel wolfram_steel
8 vanadium_steel
7 austenitic_steel
7 case-hardened_steel
7 carbon_steel
8 drill_steel drill_rod
8 eutectoid_steel
8 hyper-eutectoid_steel
8 hypo-eutectoid_steel
7 crucible_steel
7 chisel_steel
7 hard_steel
7 medium_steel
7 mild_steel low-carbon_steel soft-cast_steel
7 quenched_steel
8 oil-hardened_steel
7 structural_steel
6 cheoplastic_metal
6 copper-base_alloy
7 brass
8 alpha-beta_brass yellow_metal
9 manganese_bronze high-strength_brass
9 naval_brass
8 alpha_brass
8 bearing_brass
8 cartridge_brass
8 gilding_metal
8 high_brass
8 latten
8 low_brass
8 ormolu
8 red_brass guinea_gold
7 bronze
8 gunmetal
8 phosphor_bronze
8 alpha_bronze
8 bell_metal
8 beryllium_bronze
8 leaded_bronze
8 nickel_bronze
8 silicon_bronze
7 cupronickel
7 aluminum_bronze aluminium_bronze
7 constantan
6 dental_gold
6 nickel-base_alloy nickel_alloy
6 nickel_silver
6 pyrophoric_alloy
7 ferrocerium
7 misch_metal
6 shot_metal
6 sterling_silver
6 tombac tombak tambac
5 colloid
6 silver_protein
6 gel colloidal_gel
7 hydrogel
6 sol colloidal_solution colloidal_suspension
6 emulsion
6 silica_gel
5 composition3
6 paste
6 beebread ambrosia
6 compost
6 soup2
5 mechanical_mixture
5 eutectic
5 solution
6 brine2
6 aqueous_solution
6 bleach_liquor
6 buffer_solution
7 starting_buffer
7 phosphate_buffer_solution
6 collodion
6 chlorine_water
6 conjugate_solution conjugate
6 dilution
6 electrolyte
7 polyelectrolyte
6 eluate
6 formalin formol
6 gargle mouthwash
6 infusion extract
7 beef_tea
7 black_catechu catechu
7 pancreatin
6 injection2 injectant
6 isotonic_solution isosmotic_solution
7 saline_solution saline
6 liquid_bleach
6 sap
7 manna
6 solid_solution primary_solid_solution
7 austenite
7 ferrite
7 martensite
6 spirits_of_ammonia sal_volatile
6 toner
5 suspension
6 slurry
6 resuspension
6 mash
7 sour_mash
6 vapor vapour
7 steam
8 live_steam
7 water_vapor water_vapour
8 spray5
9 sea_spray
9 spindrift spoondrift
5 freezing_mixture
5 gummite
5 lamellar_mixture
6 pearlite
7 granular_pearlite globular_pearlite
5 matte
6 sparkle_metal
5 oxyacetylene
5 plaster
6 grout
6 parget pargeting pargetting
6 roughcast
6 spackle spackling_compound
6 stucco
7 render
5 soda_lime
4 atom
5 isotope
6 radioisotope
7 tracer3
7 label3
5 monad
5 carbon_atom
5 hydrogen_atom
6 acidic_hydrogen acid_hydrogen
6 deuterium heavy_hydrogen
5 free_radical radical2
4 chemical_element element3
5 allotrope
5 transuranic_element
5 noble_gas inert_gas argonon
5 metallic_element metal
6 heavy_metal
6 base_metal
6 noble_metal
7 gold3
8 pure_gold
8 gold_dust
8 green_gold
8 guinea_gold2
7 platinum
7 silver
8 coin_silver
6 aluminum aluminium
7 alum2 potassium_alum potash_alum
7 alum ammonia_alum ammonium_alum
6 americium
6 antimony
6 barium
7 baryta
8 barium_hydroxide
8 barium_monoxide barium_oxide barium_protoxide
8 barium_dioxide barium_peroxide
6 berkelium
6 beryllium glucinium
6 bismuth
6 cadmium
6 calcium
7 calcium_ion
6 californium
6 cerium
6 cesium caesium
6 chromium
7 chrome
6 cobalt
6 copper
7 blister_copper
6 curium
6 dysprosium
6 einsteinium
6 erbium
6 europium
6 fermium
6 francium
6 gadolinium
6 gallium
6 hafnium
6 holmium
6 indium
6 iridium
6 iron
7 alpha_iron
7 beta_iron
7 gamma_iron
7 delta_iron
7 ingot_iron
7 cast_iron
8 alloy_iron alloy_cast_iron
8 pot_metal
7 wrought_iron
7 galvanized_iron
7 pig_iron
8 basic_iron
8 cinder_pig
8 mine_pig
8 spiegeleisen spiegel spiegel_iron
7 scrap_iron
7 structural_iron
6 lanthanum
6 lead2
7 hard_lead2
7 hard_lead antimonial_lead
8 grid_metal
7 pig_lead
6 lithium
6 lutetium lutecium
6 magnesium
6 manganese
6 mercury quicksilver hydrargyrum
6 molybdenum
6 neodymium
6 neptunium
6 nickel
6 niobium
7 columbium
6 osmium
6 palladium
6 polonium
6 potassium
6 praseodymium
6 promethium
6 protactinium protoactinium
6 radium
6 rhenium
6 rhodium
6 rubidium
6 ruthenium
6 samarium
6 scandium
6 sodium
6 strontium
6 tantalum
6 technetium
6 terbium
6 thallium
6 thorium
7 radiothorium
6 thulium
6 tin
6 titanium
6 tungsten wolfram
6 uranium
6 vanadium
6 ytterbium
6 yttrium
6 zinc
7 spelter
6 zirconium
6 alkali_metal alkaline_metal
6 alkaline_earth alkaline-earth_metal
5 nonmetal
5 transactinide
5 actinium
5 argon
5 arsenic2
5 astatine
5 bohrium
5 boron
5 bromine
5 carbon
6 fullerene
7 buckminsterfullerene buckyball
7 carbon_nanotube nanotube
6 radiocarbon
6 char
7 bone_black bone_char animal_black animal_charcoal
7 snuff
6 carbon_black lampblack soot smut crock
6 activated_carbon activated_charcoal
6 graphite black_lead plumbago
7 lead9 pencil_lead
7 pencil2
6 diamond2 adamant
7 carbonado black_diamond
5 chlorine
6 radiochlorine
5 darmstadtium
5 dubnium hahnium
5 fluorine
5 germanium
5 hassium
5 helium
5 hydrogen
6 tritium
5 iodine iodin
5 krypton
5 lawrencium
5 meitnerium
5 mendelevium
5 neon
5 nitrogen
6 azote
6 liquid_nitrogen
5 nobelium
5 oxygen
6 liquid_oxygen
5 phosphorus
5 plutonium
6 weapons_plutonium weapons-grade_plutonium
5 radon
5 roentgenium
5 rutherfordium unnilquadium
5 seaborgium
5 selenium
5 silicon
5 sulfur sulphur
6 brimstone native_sulfur native_sulphur
5 tellurium
5 ununbium
5 ununhexium
5 ununpentium
5 ununquadium
5 ununtrium
5 xenon
5 trace_element
4 activator
5 activating_agent
5 catalyst accelerator3
6 biocatalyst
6 platinum_black
5 sensitizer sensitiser
4 substrate
4 element5
5 air6
5 fire5
5 earth5
5 quintessence ether
5 water3
4 medium7
5 solvent dissolvent dissolver dissolving_agent resolvent
6 carbon_tetrachloride carbon_tet tetrachloromethane perchloromethane
6 menstruum
6 remover
6 alkahest alcahest universal_solvent
6 xylene xylol
4 medium6
5 contrast_medium contrast_material
4 fluid
5 coolant
5 ichor
5 liquid
6 water6
7 branch_water
7 spring_water2
6 supernatant
6 alcohol2
7 methanol methyl_alcohol wood_alcohol wood_spirit
7 ethyl_alcohol ethanol fermentation_alcohol grain_alcohol
8 spirits_of_wine
8 absolute_alcohol
8 denatured_alcohol
9 methylated_spirit
10 surgical_spirit
7 isopropyl_alcohol isopropanol
7 allyl_alcohol propenyl_alcohol
7 amyl_alcohol
7 butyl_alcohol butanol
7 cyclohexanol
7 diol glycol2 dihydric_alcohol
7 glycerol glycerin glycerine
7 lauryl_alcohol
7 propanol propyl_alcohol
7 sterol steroid_alcohol
8 cholesterol cholesterin
8 ergosterol
6 ammonia_water ammonia ammonium_hydroxide
6 antifreeze
7 ethylene_glycol glycol ethanediol
7 propylene_glycol propanediol
6 distillate distillation2
6 pyroligneous_acid wood_vinegar
6 medium5
7 megilp magilp
6 ink
7 indelible_ink
8 marking_ink
7 drawing_ink
7 magnetic_ink
7 printer's_ink printing_ink
7 writing_ink
6 grume
6 liquor2
6 snake_oil
4 volatile
4 essence2
3 substance8
4 food nutrient
5 yolk2 vitellus
5 comfort_food
5 comestible edible eatable pabulum victual victuals3
6 tuck
5 fare4
6 diet3
6 diet
7 allergy_diet
7 balanced_diet
7 bland_diet ulcer_diet
7 diabetic_diet
7 dietary_supplement
8 vitamin_pill
9 multivitamin multivitamin_pill
7 carbohydrate_loading carbo_loading
7 gluten-free_diet
7 high-protein_diet
7 high-vitamin_diet vitamin-deficiency_diet
7 light_diet
7 liquid_diet
8 clear_liquid_diet
7 low-fat_diet
7 low-sodium_diet low-salt_diet salt-free_diet
7 reducing_diet obesity_diet
8 fad_diet
8 low-calorie_diet
7 soft_diet pap2 spoon_food
7 vegetarianism
8 macrobiotic_diet
6 dietary
6 menu2
6 chow2 chuck eats grub
6 board4 table6
7 training_table
6 ration
7 field_ration
5 foodstuff2 food_product
6 starches
6 breadstuff2
6 coloring colouring food_coloring food_colouring food_color food_colour
6 concentrate2
7 tomato_concentrate
6 meal3
7 kibble
7 cornmeal
7 farina
7 matzo_meal matzoh_meal matzah_meal
7 oatmeal2 rolled_oats
7 pea_flour
7 pinole
6 roughage fiber2
7 bran2
6 flour
7 plain_flour
7 wheat_flour
8 whole_wheat_flour graham_flour graham3 whole_meal_flour
7 soybean_meal soybean_flour soy_flour
7 semolina
6 frozen_food frozen_foods
6 canned_food canned_foods canned_goods tinned_goods
7 canned_meat tinned_meat
6 dehydrated_food dehydrated_foods
6 carob3 carob_powder
6 tapioca
6 cocoa2
7 criollo2
6 grain2 food_grain cereal2
7 corn3 edible_corn
8 sweet_corn2 green_corn2
8 hominy
9 lye_hominy
9 pearl_hominy
8 popcorn2
7 grist
7 groats
7 millet3
7 barley barleycorn2
8 pearl_barley
7 buckwheat2
7 wheat2 wheat_berry2
8 bulgur bulghur bulgur_wheat
8 cracked_wheat
7 oat2
7 rice
8 brown_rice
8 white_rice polished_rice
8 paddy3
7 wild_rice2
7 malt3
8 wort2
6 ingredient3 fixings
7 flavorer flavourer flavoring flavouring seasoner2 seasoning
8 cola_extract
8 anchovy_paste
8 bouillon_cube
8 condiment
9 relish2
10 olive4
11 black_olive ripe_olive
11 green_olive
10 pickle
11 gherkin
11 caper2
11 dill_pickle
11 sweet_pickle
12 bread_and_butter_pickle
10 chowchow
10 pickle_relish
10 piccalilli
9 dip4
10 bean_dip
10 cheese_dip
10 clam_dip
10 guacamole
9 mustard2 table_mustard
9 catsup ketchup cetchup tomato_ketchup
9 chili_sauce
9 chutney
9 steak_sauce
9 taco_sauce
9 salsa
9 mint_sauce
9 cranberry_sauce
9 duck_sauce hoisin_sauce
9 horseradish3
9 marinade
9 soy_sauce soy3
9 vinegar acetum2
10 chili_vinegar
10 cider_vinegar
10 wine_vinegar
9 sauce
10 anchovy_sauce
10 hot_sauce
10 hard_sauce
10 horseradish_sauce
10 tartare_sauce tartar_sauce
10 wine_sauce
10 marchand_de_vin mushroom_wine_sauce
10 bread_sauce
10 plum_sauce
10 peach_sauce
10 apricot_sauce
10 pesto
10 ravigote ravigotte
10 remoulade_sauce
10 dressing salad_dressing
11 bleu_cheese_dressing blue_cheese_dressing2
11 blue_cheese_dressing
11 vinaigrette sauce_vinaigrette
11 anchovy_dressing
11 half-and-half_dressing
11 mayonnaise mayo
12 green_mayonnaise sauce_verte
11 salad_cream
10 aioli aioli_sauce garlic_sauce
10 barbecue_sauce
10 hollandaise
10 bearnaise
10 bordelaise
10 bourguignon bourguignon_sauce
10 brown_sauce2
10 brown_sauce
10 chocolate_sauce chocolate_syrup
11 hot-fudge_sauce fudge_sauce
10 cocktail_sauce seafood_sauce
10 white_sauce bechamel_sauce bechamel
11 blanc
11 cheese_sauce
11 cream_sauce
10 demiglace demi-glaze
10 gravy
10 spaghetti_sauce pasta_sauce
11 bolognese_pasta_sauce
11 carbonara
11 tomato_sauce
11 marinara
10 mole3
10 hunter's_sauce sauce_chausseur
10 mushroom_sauce
10 mustard_sauce
10 shrimp_sauce
10 paprika_sauce
10 pepper_sauce
10 white_onion_sauce
10 brown_onion_sauce
10 veloute
10 allemande allemande_sauce
10 caper_sauce
10 poulette
10 curry_sauce
10 snail_butter
9 spread5 paste4
10 margarine margarin2 oleo oleomargarine marge
10 nut_butter
10 peanut_butter
10 marshmallow_fluff
10 onion_butter
10 pimento_butter
10 shrimp_butter
10 lobster_butter
10 cheese_spread
10 anchovy_butter
10 fishpaste
10 garlic_butter
10 miso
10 hummus humus2 hommos hoummos humous
10 pate
11 duck_pate
11 foie_gras pate_de_foie_gras
10 tapenade
10 tahini
9 wasabi2
8 herb2
9 fines_herbes
9 basil3 sweet_basil2
9 bay_leaf
9 borage2
9 hyssop2
9 caraway2
9 chervil2
9 chives2
9 comfrey2 healing_herb
9 coriander3 cilantro2
9 costmary2
9 fennel3 common_fennel2
9 lemon_balm2
9 lovage2
9 marjoram2 oregano2
9 mint4
9 parsley2
9 rosemary2
9 rue2
9 sage2
10 clary_sage2
9 savory3 savoury
10 summer_savory2 summer_savoury
10 winter_savory2 winter_savoury
9 sweet_woodruff2 waldmeister2
9 sweet_cicely3
9 tarragon2 estragon2
9 thyme2
9 angelica3
9 dill2 dill_weed
9 tea5 tea_leaf
10 tea_bag
10 black_tea
11 congou congo4 congou_tea
11 orange_pekoe pekoe
11 souchong soochong
10 green_tea
11 hyson
10 oolong
8 spice2
9 five_spice_powder
9 allspice3
9 cinnamon3
10 stick_cinnamon
9 clove4
9 fennel4
9 ginger2 powdered_ginger
9 mace3
9 nutmeg2
9 star_anise3 star_aniseed
8 peppermint_oil
8 spearmint_oil
8 lemon_oil
8 wintergreen_oil oil_of_wintergreen
8 salt2 table_salt common_salt2
8 celery_salt
8 garlic_salt
8 onion_salt
8 seasoned_salt
8 sour_salt
8 ginger3 gingerroot
8 pepper3 peppercorn
9 black_pepper2
9 white_pepper2
8 sassafras2
8 coriander2 coriander_seed
8 fennel_seed
8 fenugreek2 fenugreek_seed
8 garlic2 ail
9 clove3 garlic_clove
8 garlic_chive2
8 mustard_seed
8 nasturtium3
8 turmeric2
8 cardamom2 cardamon2 cardamum
8 cayenne2 cayenne_pepper2 red_pepper
8 chili_powder
8 curry_powder
8 paprika2
8 angelica2
8 almond_extract
8 anise2 aniseed anise_seed
8 juniper_berries
8 saffron2
8 sesame_seed benniseed
8 caraway_seed
8 poppy_seed
8 dill_seed
8 celery_seed
8 lemon_extract
8 monosodium_glutamate
8 vanilla_bean
8 vanilla2 vanilla_extract
8 sweetening sweetener
9 aspartame
9 honey
9 saccharin
9 sugar refined_sugar
10 caramel2 caramelized_sugar
10 lump_sugar
10 sugarloaf sugar_loaf loaf_sugar
10 cane_sugar2
10 granulated_sugar
11 powdered_sugar
12 castor_sugar caster_sugar
12 icing_sugar
10 beet_sugar2
10 corn_sugar2
10 brown_sugar
11 demerara5 demerara_sugar
9 syrup sirup
10 sugar_syrup
10 molasses
10 sorghum3 sorghum_molasses
10 treacle golden_syrup
10 grenadine
10 maple_syrup
10 corn_syrup
8 mocha2
8 cassareep
7 tomato_paste
7 egg_white white9 albumen2 ovalbumin
7 egg_yolk yolk
7 malted_milk2
6 egg2 eggs
6 dairy_product
7 milk
8 sour_milk
8 pasteurized_milk
8 cows'_milk
8 yak's_milk
8 goats'_milk
8 acidophilus_milk
8 raw_milk
8 scalded_milk
8 homogenized_milk
8 certified_milk
8 powdered_milk dry_milk dried_milk milk_powder
9 nonfat_dry_milk
8 evaporated_milk
8 condensed_milk
8 skim_milk skimmed_milk
8 semi-skimmed_milk
8 whole_milk
8 low-fat_milk
8 buttermilk
8 chocolate_milk
7 cream2
8 clotted_cream
8 double_creme heavy_whipping_cream
8 heavy_cream
8 light_cream coffee_cream single_cream
8 sour_cream soured_cream
8 whipping_cream light_whipping_cream
7 half-and-half
7 butter
8 stick4
8 clarified_butter drawn_butter
9 ghee
8 brown_butter beurre_noisette
8 lemon_butter
8 yak_butter
7 yogurt yoghurt yoghourt
8 frozen_yogurt
8 blueberry_yogurt
7 whey2
7 curd2
7 clabber
7 cheese
8 cream_cheese
9 double_cream
9 mascarpone
8 triple_cream triple_creme
8 cottage_cheese pot_cheese farm_cheese farmer's_cheese
8 process_cheese processed_cheese
8 bleu blue_cheese
9 gorgonzola
8 brick_cheese
8 cheddar2 cheddar_cheese
9 rat_cheese store_cheese
8 goat_cheese chevre
8 grated_cheese
8 hand_cheese
8 mozzarella
8 quark_cheese quark2
8 ricotta
8 string_cheese
8 sapsago
6 milk4
7 coconut_milk2 coconut_water
7 coconut_milk coconut_cream
7 soya_milk soybean_milk soymilk
7 formula6
6 curd
7 bean_curd tofu
6 concoction mixture2 intermixture
7 mincemeat
7 stuffing dressing2
8 turkey_stuffing
8 oyster_stuffing oyster_dressing
8 forcemeat farce2
7 roux
7 batter2
8 puff_batter pouf_paste pate_a_choux
8 pancake_batter
8 fritter_batter
7 dough
8 pastry pastry_dough
9 puff_paste pate_feuillete
10 phyllo
8 bread_dough
7 mix premix
8 self-rising_flour self-raising_flour
7 filling3
8 lekvar
6 juice
7 gravy2 pan_gravy
7 lemon_juice
7 lime_juice
7 papaya_juice
7 tomato_juice
7 carrot_juice
6 perishable spoilable
5 nutriment nourishment nutrition2 sustenance aliment alimentation victuals2
6 course7
7 entree main_course
8 plate8
7 appetizer appetiser starter5
8 antipasto
8 canape
8 cocktail2
9 fruit_cocktail
9 crab_cocktail
9 shrimp_cocktail
8 hors_d'oeuvre
9 stuffed_mushroom
9 pigs_in_blankets
8 crudites
9 celery_stick
9 carrot_stick
7 dessert sweet2 afters
8 ambrosia3
8 blancmange
8 charlotte2
9 charlotte_russe
8 compote fruit_compote
8 dumpling2
9 apple_dumpling
8 flan
8 frozen_dessert
9 ice5 frappe3
10 water_ice2 sorbet
9 ice_cream icecream
10 chocolate_ice_cream
11 choc-ice
10 peach_ice_cream
10 strawberry_ice_cream
10 tutti-frutti
10 vanilla_ice_cream
9 ice-cream_cone
9 sherbert sherbet
9 ice_lolly lolly2 lollipop popsicle
9 ice_milk
9 snowball3
9 snowball2
9 parfait
9 ice-cream_sundae sundae
9 split7
10 banana_split
9 frozen_pudding
9 frozen_custard soft_ice_cream
9 ice-cream_cake icebox_cake
8 junket
8 mousse
9 chocolate_mousse
8 pavlova2
8 peach_melba
8 whip3
9 prune_whip
8 pudding3
9 flummery
9 plum_pudding
9 steamed_pudding
9 duff plum_duff
9 vanilla_pudding
9 chocolate_pudding
9 pease_pudding
9 tapioca_pudding
9 roly-poly2 roly-poly_pudding
9 suet_pudding
10 spotted_dick
8 pudding2 pud
9 trifle
10 tipsy_cake
8 syllabub2 sillabub2
8 tiramisu
8 zabaglione sabayon
6 dainty delicacy2 goody kickshaw treat
7 choice_morsel tidbit titbit
7 savory4 savoury2
7 sweet3 confection
8 confectionery
8 confiture
9 candied_fruit succade crystallized_fruit
10 crystallized_ginger
10 candied_citrus_peel
11 grapefruit_peel
11 lemon_peel2
11 orange_peel2
9 conserve preserve3 conserves preserves
10 apple_butter
10 chowchow2
10 jam
11 strawberry_jam strawberry_preserves
10 lemon_curd lemon_cheese
10 jelly2
11 apple_jelly
12 crabapple_jelly
11 grape_jelly
10 marmalade
11 orange_marmalade
8 sweetmeat
8 candy confect
9 candy_bar
9 carob_bar
9 hard_candy
10 barley-sugar barley_candy
10 jawbreaker
10 lemon_drop
10 sourball
9 brandyball
9 patty3
10 peppermint_patty
9 bonbon
9 brittle toffee toffy
10 peanut_brittle
9 butterscotch
9 candy_cane
9 candy_corn
9 caramel
9 cotton_candy spun_sugar candyfloss
9 dragee2
9 dragee
9 fondant
9 fudge
10 chocolate_fudge
10 divinity3 divinity_fudge
10 penuche penoche panoche panocha
9 gumdrop
10 jujube3
9 honey_crisp
9 mint5 mint_candy
10 peppermint3 peppermint_candy
9 horehound2
9 jelly_bean jelly_egg
9 kiss3 candy_kiss
10 molasses_kiss
10 meringue_kiss
10 chocolate_kiss
9 licorice2 liquorice2
9 lollipop2 sucker5 all-day_sucker
9 lozenge
10 cachou
10 cough_drop troche pastille pastil
9 marshmallow
9 marzipan marchpane
9 nougat
9 nougat_bar
9 nut_bar
9 peanut_bar
9 popcorn_ball
9 praline
9 rock_candy2
9 rock_candy rock5
9 sugar_candy
9 sugarplum
9 taffy
10 molasses_taffy
9 truffle3 chocolate_truffle
9 chocolate_egg
9 candy_egg
8 hardbake
8 chewing_gum gum
9 gum_ball
9 bubble_gum
8 candied_apple candy_apple taffy_apple caramel_apple toffee_apple
8 center9 centre5
8 comfit
8 maraschino2 maraschino_cherry2
8 nonpareil2
7 ambrosia4 nectar3
7 gelatin2 jelly
8 calf's-foot_jelly
8 gelatin_dessert
9 jello
8 aspic
7 marrow3 bone_marrow2
6 dish2
7 piece_de_resistance2
7 adobo
7 side_dish side_order entremets
8 mushy_peas
8 raita
7 special2
7 casserole
8 chicken_casserole
9 chicken_cacciatore chicken_cacciatora hunter's_chicken
7 soup
8 soup_du_jour
8 alphabet_soup2
8 consomme
9 madrilene
8 bisque
8 borsch borsh borscht borsht borshch bortsch
8 broth2
9 barley_water
9 bouillon
8 broth stock8
9 liquor3 pot_liquor pot_likker
9 beef_broth beef_stock
9 chicken_broth chicken_stock
9 stock_cube
8 chicken_soup
8 cock-a-leekie cocky-leeky
8 gazpacho
8 gumbo4
8 julienne2
8 marmite
8 mock_turtle_soup
8 mulligatawny
8 oxtail_soup
8 pea_soup
8 pepper_pot
8 petite_marmite minestrone vegetable_soup
8 potage pottage2
8 turtle_soup green_turtle_soup
8 eggdrop_soup
8 chowder
9 corn_chowder
9 clam_chowder
9 fish_chowder
8 won_ton2 wonton2 wonton_soup
8 split-pea_soup
8 green_pea_soup
8 lentil_soup
8 vichyssoise
7 stew2
8 pottage
8 bigos
8 burgoo3
8 olla_podrida
8 mulligan_stew mulligan
8 purloo chicken_purloo poilu2
8 goulash gulyas
9 beef_goulash
9 pork-and-veal_goulash
9 porkholt
8 hotchpotch2
8 hot_pot hotpot
8 oyster_stew
8 lobster_stew
8 lobscouse lobscuse scouse
8 fish_stew
9 bouillabaisse
9 matelote
8 fricassee
9 chicken_stew
9 turkey_stew
8 beef_stew
8 ragout
9 salmi
8 ratatouille
8 pot-au-feu
8 slumgullion
7 paella
7 viand
7 mousse2
8 fish_mousse
8 chicken_mousse
7 pudding
8 carrot_pudding
8 corn_pudding
7 custard
8 creme_caramel
8 creme_anglais
8 creme_brulee
8 fruit_custard
7 turnover2
8 apple_turnover
8 knish
8 pirogi piroshki pirozhki
8 samosa
7 timbale
7 fish_stick fish_finger
7 buffalo_wing
7 barbecued_wing
7 barbecue barbeque
7 biryani biriani
7 saute
7 patty cake2
8 fish_cake fish_ball2
9 codfish_ball codfish_cake
7 veal_parmesan veal_parmigiana
7 veal_cordon_bleu
7 sandwich_plate
7 snack_food
8 sandwich
9 butty
9 ham_sandwich
9 chicken_sandwich
9 club_sandwich three-decker triple-decker
9 open-face_sandwich open_sandwich
9 hamburger beefburger burger2
10 cheeseburger
9 tunaburger
9 hotdog2 hot_dog2 red_hot
10 chili_dog
9 bomber3 grinder hero7 hero_sandwich hoagie hoagy poor_boy sub submarine2 submarine_sandwich torpedo2 wedge2 zep
9 gyro
9 bacon-lettuce-tomato_sandwich
9 western2 western_sandwich
9 wrap2
8 potato_skin potato_peel potato_peelings
8 chip4 crisp potato_chip
8 corn_chip
9 tortilla_chip
10 nacho
7 salad
8 tossed_salad
9 green_salad
9 combination_salad
10 chef's_salad
8 salmagundi2
8 salad_nicoise
8 potato_salad
8 pasta_salad
9 macaroni_salad
8 fruit_salad
8 herring_salad
8 tuna_fish_salad tuna_salad
8 chicken_salad
8 coleslaw slaw
8 molded_salad
8 tabbouleh tabooli
7 curry
8 lamb_curry
7 applesauce apple_sauce
7 boiled_egg coddled_egg
8 hard-boiled_egg hard-cooked_egg
7 poached_egg dropped_egg
7 scrambled_eggs
7 deviled_egg stuffed_egg
7 shirred_egg baked_egg egg_en_cocotte
7 omelet omelette
8 firm_omelet
9 western_omelet
8 fluffy_omelet
8 egg_foo_yong egg_fu_yung
7 souffle
8 cheese_souffle
7 fried_egg
7 coq_au_vin
7 chicken_provencale
7 chicken_and_rice
8 arroz_con_pollo
7 moo_goo_gai_pan
7 bacon_and_eggs2
7 barbecued_spareribs spareribs
7 filet_de_boeuf_en_croute
7 bitok
7 boiled_dinner
7 bubble_and_squeak
7 pasta
8 spaghetti
8 cannelloni
8 lasagna lasagne
8 macaroni_and_cheese
7 carbonnade_flamande
7 chicken_cordon_bleu
7 chicken_paprika chicken_paprikash
7 chili chili_con_carne
7 chop_suey
7 chow_mein
7 coquille
7 croquette
7 cottage_pie
7 rissole
7 dolmas stuffed_grape_leaves
7 egg_roll spring_roll
7 enchilada
7 falafel felafel
7 fish_and_chips
7 fondue2 fondu2
8 cheese_fondue
8 chocolate_fondue
7 fondue fondu
8 beef_fondue boeuf_fondu_bourguignon
7 fried_rice
7 frittata
7 frog_legs
7 galantine
7 gefilte_fish fish_ball
7 haggis
7 ham_and_eggs
7 hash
8 corned_beef_hash
7 jambalaya
7 kabob kebab shish_kebab
8 souvlaki souvlakia
7 kedgeree
7 lobster_thermidor
7 lutefisk lutfisk
7 macedoine
7 meatball
8 porcupine_ball porcupines
7 meat_loaf meatloaf
8 fish_loaf
9 salmon_loaf
7 moussaka
7 osso_buco
7 pheasant_under_glass
7 pilaf pilaff pilau pilaw
8 bulgur_pilaf
7 pizza pizza_pie
8 sausage_pizza
8 pepperoni_pizza
8 cheese_pizza
8 anchovy_pizza
7 poi
7 pork_and_beans
7 porridge
8 hasty_pudding
8 gruel
9 congee jook
9 skilly
9 loblolly
8 oatmeal burgoo
7 potpie
7 rijsttaffel rijstaffel rijstafel
7 risotto
7 roulade
7 sauerbraten
7 sauerkraut
7 scallopine scallopini
8 veal_scallopini
7 scampi
7 scrapple
7 spaghetti_and_meatballs
7 steak_tartare tartar_steak cannibal_mound
7 pepper_steak2
7 steak_au_poivre peppered_steak pepper_steak
7 stuffed_cabbage
7 kishke stuffed_derma
7 stuffed_peppers
7 stuffed_tomato2 hot_stuffed_tomato
7 stuffed_tomato cold_stuffed_tomato
7 succotash
7 sukiyaki
7 sashimi
7 sushi
7 tamal tamale2
7 tamale_pie
7 tempura
7 teriyaki
7 terrine
7 rarebit
7 schnitzel
7 taco2
8 chicken_taco
7 burrito
8 beef_burrito
8 quesadilla
7 tostada
8 bean_tostada
7 refried_beans frijoles_refritos
7 couscous
7 ramekin ramequin
7 mold6 mould5
6 fast_food
6 finger_food
6 ingesta
6 kosher
6 meal repast
7 mess4
7 square_meal
7 potluck
7 refection
7 breakfast
8 continental_breakfast petit_dejeuner
7 brunch
7 lunch luncheon tiffin dejeuner
8 business_lunch
7 tea2 afternoon_tea teatime
7 dinner
8 high_tea
7 supper
7 buffet2
8 smorgasbord2
7 picnic3
8 cookout
9 barbecue2 barbeque2
9 clambake
9 fish_fry
9 wiener_roast weenie_roast
9 burgoo2
7 bite4 collation snack
8 refreshment
8 nosh
8 coffee_break tea_break
7 nosh-up
7 ploughman's_lunch
7 banquet2 feast3 spread6
6 mess3
6 mince
6 puree
6 stodge
6 wheat_germ
6 vitamin
7 fat-soluble_vitamin
8 antiophthalmic_factor axerophthol
9 retinol
9 dehydroretinol
8 calciferol viosterol ergocalciferol cholecalciferol
8 tocopherol
9 alpha-tocopheral
8 naphthoquinone antihemorrhagic_factor
9 phylloquinone phytonadione
9 menadione
7 water-soluble_vitamin
8 choline
8 inositol
8 pantothenic_acid pantothen
8 thiamine thiamin aneurin antiberiberi_factor
8 cobalamin cyanocobalamin antipernicious_anemia_factor
8 riboflavin lactoflavin ovoflavin hepatoflavin
8 pyridoxine pyridoxal pyridoxamine adermin
8 folate folic_acid folacin pteroylglutamic_acid pteroylmonoglutamic_acid
8 niacin nicotinic_acid
8 biotin
8 bioflavinoid citrin
8 ascorbic_acid
5 commissariat provisions provender2 viands victuals
6 food_cache
6 larder
5 feed provender
6 blood_meal
6 corn_gluten_feed
6 cattle_cake
6 creep_feed
6 fodder2
7 eatage forage pasture2 pasturage2 grass4
7 alfalfa2
7 broad_bean3 horse_bean
7 hay
8 timothy3
7 stover
6 feed_grain
6 silage ensilage
6 oil_cake
7 oil_meal
6 slop slops swill pigswill pigwash
6 mash2
7 chicken_feed scratch6
6 cud rechewed_food
6 bird_feed bird_food birdseed
7 canary_seed
6 petfood pet-food pet_food
7 dog_food
7 cat_food
6 mast3
5 miraculous_food manna2 manna_from_heaven
5 beverage drink3 drinkable potable
6 wish-wash
6 potion
7 elixir3
8 elixir_of_life
7 philter philtre love-potion love-philter love-philtre
6 alcohol alcoholic_drink alcoholic_beverage intoxicant inebriant
7 proof_spirit
7 home_brew homebrew
7 hooch hootch
8 pruno
7 kava kavakava
7 aperitif
7 brew brewage
8 beer
9 draft_beer draught_beer
9 suds2
9 lager2 lager_beer
10 bock bock_beer
10 light_beer
10 malt2 malt_liquor
9 ale
10 white_beer wheat_beer
10 bitter
10 pale_ale
10 porter7 porter's_beer
10 stout
8 kvass
8 mead3
9 metheglin
8 cassiri
8 spruce_beer
7 sake2 saki2 rice_beer
7 nipa2
7 wine vino
8 vintage
8 red_wine
9 zinfandel2
8 white_wine
9 hock
10 liebfraumilch
9 sack4
8 blush_wine pink_wine rose2 rose_wine
8 altar_wine sacramental_wine
8 sparkling_wine
9 champagne bubbly
9 cold_duck
8 claret2
8 dessert_wine
9 straw_wine
8 jug_wine
8 macon2 maconnais
8 plonk
8 retsina
8 table_wine
9 vin_ordinaire
8 vermouth
9 sweet_vermouth
9 dry_vermouth
8 generic generic_wine
8 varietal varietal_wine
8 fortified_wine
9 malmsey
9 port2 port_wine
9 sherry
9 muscat3 muscatel muscadel muscadelle
8 mulled_wine
9 bishop2
9 negus
7 liquor spirits booze hard_drink hard_liquor strong_drink
8 aqua_vitae ardent_spirits
8 aquavit akvavit
8 arrack arak
8 bitters
8 brandy
9 eau_de_vie
9 applejack
9 grappa
9 kirsch
9 marc
9 slivovitz
8 gin
9 bathtub_gin
9 sloe_gin
9 geneva2
8 ouzo
8 rum
9 grog
9 demerara4 demerara_rum
8 schnapps schnaps
8 mescal2
8 tequila
8 vodka
8 whiskey whisky
9 blended_whiskey blended_whisky
9 bourbon2
9 corn_whiskey corn_whisky corn6
10 moonshine2 bootleg corn_liquor
9 poteen
9 rye3 rye_whiskey rye_whisky
9 malt_whiskey malt_whisky
9 sour_mash2 sour_mash_whiskey
8 firewater
8 lacing
7 neutral_spirits ethyl_alcohol2
7 pulque
7 liqueur cordial
8 absinth absinthe2
8 amaretto
8 anisette
8 benedictine2
8 coffee_liqueur
8 creme_de_cacao
8 creme_de_menthe
8 creme_de_fraise
8 orange_liqueur
9 curacao2 curacoa
9 triple_sec
8 kummel
8 maraschino maraschino_liqueur
8 pastis
8 pousse-cafe
8 ratafia ratafee
8 sambuca
7 mixed_drink
8 cocktail
9 bloody_shame
9 bullshot
9 daiquiri rum_cocktail
10 strawberry_daiquiri
9 gimlet
9 grasshopper2
9 manhattan2
9 margarita
9 martini
10 vodka_martini
9 gin_and_it
9 old_fashioned
9 pink_lady
9 screwdriver2
9 sidecar
9 sour
10 whiskey_sour whisky_sour
9 stinger
9 planter's_punch
8 highball
9 cobbler2
9 collins2
9 gin_and_tonic
9 julep mint_julep
9 sling
10 brandy_sling
10 gin_sling
10 rum_sling
9 zombie5 zombi5
8 spritzer
8 flip2
8 swizzle
8 hot_toddy toddy
8 mimosa3 buck's_fizz
8 pina_colada
8 punch2
9 fruit_punch
9 milk_punch
9 cup6
10 champagne_cup
10 claret_cup
9 wassail
9 fish_house_punch
9 eggnog
9 glogg
8 rickey
9 gin_rickey
7 perry4
7 rotgut
7 slug5
7 koumiss kumis
6 hydromel
6 oenomel
6 near_beer
6 ginger_beer
6 mixer2
6 cooler2
6 refresher2
6 smoothie2
6 fizz
6 cider cyder
7 hard_cider
7 scrumpy
7 sweet_cider
8 mulled_cider
6 cocoa chocolate hot_chocolate drinking_chocolate
6 fruit_juice fruit_crush
7 nectar2
7 apple_juice
7 cranberry_juice
7 grape_juice
8 must2
7 grapefruit_juice
7 orange_juice
8 frozen_orange_juice orange-juice_concentrate
7 pineapple_juice
6 fruit_drink ade
7 lemonade
7 limeade
7 orangeade
6 mate9
6 soft_drink
7 pop2 soda2 soda_pop soda_water2 tonic2
7 birch_beer
7 bitter_lemon
7 cola2 dope3
7 cream_soda
7 egg_cream
7 ginger_ale ginger_pop
7 orange_soda
7 phosphate2
7 root_beer
7 sarsaparilla2
7 tonic tonic_water quinine_water
6 coffee java2
7 coffee_substitute
8 chicory3 chicory_root2
7 cafe_au_lait
7 cafe_noir demitasse
7 decaffeinated_coffee decaf
7 drip_coffee
7 espresso
8 caffe_latte latte
7 cappuccino cappuccino_coffee coffee_cappuccino
7 iced_coffee ice_coffee
7 instant_coffee
7 mocha3 mocha_coffee
7 cafe_royale coffee_royal
6 tea
7 cambric_tea
7 cuppa cupper
7 herb_tea herbal_tea herbal
8 tisane
9 camomile_tea
7 ice_tea iced_tea
7 sun_tea
6 tea-like_drink
6 drinking_water
7 bottled_water
7 sugar_water
7 ice_water
7 soda_water carbonated_water club_soda seltzer2 sparkling_water
7 mineral_water
8 seltzer
8 lithia_water
5 soul_food
5 micronutrient
5 chyme
5 culture_medium medium4
6 agar nutrient_agar
7 blood_agar
4 nutrient2
4 philosopher's_stone philosophers'_stone elixir2
4 allergen
4 assay2
4 pyrogen2 pyrectic
4 pyrogen
4 hydrocolloid
4 adulterant adulterator
4 propellant propellent
4 denaturant
4 inhibitor
5 valsartan
5 antioxidant
6 rust_inhibitor
5 anticatalyst
5 moderator
6 heavy_water deuterium_oxide
4 ferment2
4 carcinogen
4 digestive
4 fomentation
4 fuel
5 biomass
5 charcoal wood_coal2
5 coal_gas
6 town_gas
5 coke
5 diesel_oil diesel_fuel
6 derv
5 fire7
5 fossil_fuel
6 coal
7 anthracite anthracite_coal hard_coal
7 bituminous_coal soft_coal
8 cannel_coal
8 sea_coal
7 lignite brown_coal wood_coal
8 jet3
7 steam_coal
6 natural_gas gas6
5 gasohol
5 gasoline gasolene gas3 petrol
6 leaded_gasoline leaded_petrol
6 napalm
6 unleaded_gasoline unleaded_petrol
5 illuminant
5 kerosene kerosine lamp_oil coal_oil
6 paraffin3 paraffin_oil
5 nuclear_fuel
5 red_fire
5 combustible combustible_material
5 water_gas
5 firewood
6 cordwood
6 backlog2
6 brand4 firebrand
6 pine_knot
5 igniter ignitor lighter
6 firelighter
6 kindling tinder touchwood spunk punk3
6 punk2
4 lubricant lubricator lubricating_substance lube
5 drilling_mud drilling_fluid
4 humectant
4 inoculant inoculum
4 jelly3
5 petrolatum petroleum_jelly mineral_jelly
4 leaven leavening2
5 baking_powder
5 sourdough
5 yeast barm
6 yeast_cake
6 brewer's_yeast
7 bottom_fermenting_yeast
7 top_fermenting_yeast
6 mother2
4 refrigerant
5 cryogen
4 lysin
5 cytolysin
4 poison toxicant poisonous_substance
5 toxin
6 animal_toxin zootoxin
7 venom
8 kokoi_venom
8 snake_venom
6 bacterial_toxin
7 epsilon_toxin
7 anatoxin toxoid
7 botulin botulinus_toxin botulismotoxin
6 cytotoxin
7 enterotoxin
8 staphylococcal_enterotoxin
6 endotoxin
6 exotoxin
6 hepatotoxin
6 nephrotoxin
6 neurotoxin neurolysin
7 botulinum_toxin
7 domoic_acid
7 saxitoxin
7 tetrodotoxin
6 plant_toxin phytotoxin
7 nicotine
7 strychnine
7 brucine
7 hemlock
7 mycotoxin
8 aflatoxin
4 chemical_irritant
5 capsaicin
5 gingerol
5 piperin piperine
5 isothiocyanate
4 antigen
5 immunogen immunizing_agent
6 vaccine vaccinum
7 pneumococcal_vaccine
7 poliovirus_vaccine
8 oral_poliovirus_vaccine trivalent_live_oral_poliomyelitis_vaccine
7 proteosome_vaccine proteosome
6 toxin_antitoxin
5 agglutinogen
6 isoagglutinogen
5 fetoprotein foetoprotein
6 alpha_fetoprotein alpha_foetoprotein
5 rhesus_factor
4 ligand
4 metabolite
4 vehicle3
3 sediment deposit2
4 alluvial_sediment alluvial_deposit alluvium alluvion3
5 placer
4 dregs settlings
5 grounds5
6 coffee_grounds
4 lees
4 salt_lick lick
4 evaporite
3 ylem
3 dark_matter
3 antimatter
3 glop
3 fluid2
4 gas2
5 atmosphere5
6 sky
7 blue_sky blue4 blue_air wild_blue_yonder
7 mackerel_sky
5 propane
5 afterdamp
5 firedamp
5 arsine
5 nitric_oxide
5 blow_gas blowing_gas
5 butylene butene
6 isobutylene
6 polybutylene polybutene
5 cyanogen
5 exhaust exhaust_fumes fumes
5 air
6 breath2
7 halitus exhalation
8 halitosis
6 hot_air
6 liquid_air
5 compressed_gas
6 compressed_air
7 air_cushion
5 producer_gas air_gas
5 greenhouse_gas greenhouse_emission
5 liquefied_petroleum_gas bottled_gas
5 ideal_gas perfect_gas
5 inhalant
5 ozone
5 phosgene
5 phosphine
5 poison_gas
6 mustard_gas mustard_agent blistering_agent dichloroethyl_sulfide sulfur_mustard
6 nerve_gas nerve_agent
7 organophosphate_nerve_agent
8 sarin
8 soman
8 tabun
5 propylene propene
5 mephitis
5 sewer_gas
5 sublimate
6 mercuric_chloride mercury_chloride bichloride_of_mercury corrosive_sublimate
5 tear_gas teargas lacrimator lachrymator
6 chlorobenzylidenemalononitrile
6 chloroacetophenone
6 nitrochloromethane
4 liquid3
5 artificial_blood
5 elixir
5 extravasation
5 instillation2
5 liquid_crystal
5 spill
5 tuberculin
3 sludge2 slime goo goop gook guck gunk muck ooze
4 sapropel
3 system3
3 residue
4 greaves crackling
4 ash
5 fly_ash
5 bone_ash
4 cottonseed_cake cotton_cake
4 dottle
3 solid
4 food2 solid_food
5 leftovers
5 fresh_food fresh_foods
5 convenience_food
6 ready-mix
7 brownie_mix
7 cake_mix
7 lemonade_mix
6 delicatessen delicatessen_food
6 takeout takeout_food takeaway
5 chocolate2
6 bitter_chocolate baking_chocolate cooking_chocolate
6 chocolate_candy
7 choc
7 chocolate_bar
7 jimmies sprinkles
7 nonpareil3
6 chocolate_liquor
6 cocoa_butter2
6 cocoa_powder
6 bittersweet_chocolate semi-sweet_chocolate dark_chocolate
6 couverture
6 milk_chocolate
6 white_chocolate
5 baked_goods
6 pastry2
7 pie_crust pie_shell
7 dowdy2 pandowdy
7 frangipane
7 streusel
7 tart3
8 apple_tart2
7 timbale2 timbale_case
7 pie
8 tart2
9 quiche2
9 apple_tart
9 lobster_tart
9 tartlet
8 deep-dish_pie cobbler3
8 shoofly_pie
8 mince_pie
8 apple_pie
8 lemon_meringue_pie
8 blueberry_pie
8 rhubarb_pie
8 pecan_pie
8 pumpkin_pie
8 squash_pie
8 patty2
8 meat_pie
9 pasty
10 pork_pie
9 tourtiere
9 shepherd's_pie
9 steak_and_kidney_pie
9 kidney_pie
7 napoleon2
7 patty_shell bouchee
7 sausage_roll
7 toad-in-the-hole
7 vol-au-vent
7 strudel
7 baklava
7 profiterole
7 puff2
8 cream_puff chou3
9 eclair
10 chocolate_eclair
7 rugulah rugelach ruggelach
6 cake3
7 applesauce_cake
7 baba
8 baba_au_rhum rum_baba
7 birthday_cake
7 cheesecake
7 chiffon_cake
7 chocolate_cake
8 devil's_food devil's_food_cake
7 coconut_cake
7 coffeecake coffee_cake
8 babka
8 coffee_ring
7 crumb_cake
7 crumpet
7 cupcake
7 fruitcake2
8 simnel2
7 gateau
7 sponge_cake
8 angel_cake angel_food_cake
8 jellyroll
7 wedding_cake bridecake
7 white_cake
7 spice_cake
7 gingerbread
7 pound_cake
7 layer_cake
7 torte
7 petit_four
7 prune_cake
7 jumble2 jumbal
7 savarin
7 upside-down_cake skillet_cake
7 honey_cake
7 marble_cake
7 genoise
7 seedcake seed_cake
7 teacake2
7 cookie cooky2 biscuit2
8 teacake tea_biscuit
8 dog_biscuit
8 butter_cookie
9 shortbread shortbread_cookie
8 spice_cookie
8 almond_cookie almond_crescent
8 brownie3
8 gingersnap ginger_snap snap4 ginger_nut
9 brandysnap
8 macaroon
9 ratafia2 ratafia_biscuit
9 coconut_macaroon
8 kiss2
8 ladyfinger
8 anise_cookie
8 molasses_cookie
8 oreo oreo_cookie
8 raisin-nut_cookie
8 refrigerator_cookie
8 raisin_cookie
8 fruit_bar
9 apricot_bar
9 date_bar
8 sugar_cookie
8 oatmeal_cookie
8 chocolate_chip_cookie
8 fortune_cookie
8 gingerbread_man
8 wafer2
8 granola_bar
7 friedcake
8 doughboy2
8 doughnut2 donut sinker
9 raised_doughnut
10 bismark jelly_doughnut
10 fastnacht
8 cruller twister2
8 beignet
8 fritter
9 apple_fritter
9 corn_fritter
7 pancake battercake flannel_cake flannel-cake flapcake flapjack griddlecake2 hotcake hot_cake
8 buckwheat_cake
8 buttermilk_pancake
8 blini bliny
8 blintz blintze
8 crape crepe2
8 pfannkuchen german_pancake
8 potato_pancake latke
8 tortilla
9 tostada2
7 waffle
7 rock_cake
6 bread breadstuff staff_of_life
7 anadama_bread
7 bap
7 barmbrack
7 breadstick bread-stick
8 grissino
7 brown_bread2
7 bun roll7
8 tea_bread
8 frankfurter_bun hotdog_bun
8 hamburger_bun hamburger_roll
8 brioche
8 crescent_roll croissant
8 hard_roll
8 soft_roll
8 kaiser_roll
8 clover-leaf_roll
8 onion_roll
9 bialy bialystoker
8 sweet_roll coffee_roll
9 cross_bun hot_cross_bun
9 bear_claw bear_paw
9 cinnamon_roll cinnamon_bun cinnamon_snail
9 honey_bun sticky_bun caramel_bun schnecken
9 pinwheel_roll
9 danish2 danish_pastry
8 bagel beigel
9 onion_bagel
7 caraway_seed_bread
7 challah hallah
7 cinnamon_bread
7 cracked-wheat_bread
7 cracker
8 saltine
8 soda_cracker
8 oyster_cracker
8 water_biscuit
8 graham_cracker
8 pretzel
9 soft_pretzel
7 crouton
7 dark_bread whole_wheat_bread whole_meal_bread brown_bread
8 graham_bread
7 flatbread
8 flatbrod
8 bannock
8 chapatti chapati
8 pita pocket_bread
7 garlic_bread
7 gluten_bread
7 loaf_of_bread loaf
7 matzo matzoh matzah unleavened_bread
7 nan4 naan
7 onion_bread
7 raisin_bread
7 quick_bread
8 banana_bread
8 date_bread
8 date-nut_bread
8 nut_bread
8 oatcake
8 skillet_bread fry_bread
8 cornbread
9 corn_cake
9 skillet_corn_bread
9 ashcake ash_cake corn_tash
9 cornpone pone
9 corn_dab corn_dodger dodger2
9 hush_puppy hushpuppy
9 johnnycake johnny_cake journey_cake
10 hoecake
9 spoon_bread batter_bread
8 muffin gem4
9 bran_muffin
9 corn_muffin
9 popover
8 scone
9 drop_scone griddlecake
8 biscuit
9 rolled_biscuit
9 drop_biscuit
9 baking-powder_biscuit
10 shortcake
9 buttermilk_biscuit soda_biscuit
9 hardtack pilot_biscuit pilot_bread sea_biscuit ship_biscuit
7 rye_bread
8 black_bread pumpernickel
8 limpa
7 salt-rising_bread
7 simnel
7 sour_bread sourdough_bread
7 toast
8 cinnamon_toast
8 orange_toast
8 zwieback rusk twice-baked_bread
7 wafer3
7 white_bread light_bread
8 baguet baguette
5 loaf2
5 meat
6 stew_meat
6 bird2 fowl2
7 poultry2
8 chicken poulet volaille
9 broiler2
9 capon
9 fryer frier pullet
9 roaster3
9 spatchcock
9 hen3
8 guinea_hen
8 squab dove4
8 duck3
9 duckling
8 goose3
8 turkey4
7 wildfowl
8 grouse
8 quail
8 partridge
8 pheasant2
6 game7
7 venison
7 buffalo3
7 rabbit3 hare2
6 dark_meat
6 raw_meat
7 gobbet
6 red_meat
6 variety_meat organs
7 giblet giblets
7 offal
7 heart8
7 liver2
8 calves'_liver calf's_liver
8 chicken_liver
8 goose_liver
8 tomalley
7 sweetbread sweetbreads
7 brain5
8 calf's_brain
7 stomach_sweetbread
7 neck_sweetbread throat_sweetbread
7 tongue6
8 beef_tongue
8 calf's_tongue
7 tripe
8 honeycomb_tripe
7 chitterlings chitlins chitlings
7 haslet
6 cut6 cut_of_meat
7 roast joint4
8 blade_roast
8 pot_roast
9 bottom_round
8 rib_roast standing_rib_roast
8 top_round
8 rump_roast
8 beef_roast roast_beef
8 veal_roast roast_veal
9 breast_of_veal
9 fricandeau
8 lamb_roast roast_lamb
9 rack_of_lamb crown_roast
9 leg_of_lamb gigot
8 pork_roast roast_pork
7 confit
7 chop2
8 mutton_chop
8 lamb_chop lamb-chop lambchop
8 porkchop
7 chine
7 leg5
8 ham_hock
7 side9 side_of_meat
8 side_of_beef
8 side_of_pork
9 pork_belly
7 forequarter
7 hindquarter
7 cut_of_beef
8 chuck2
8 chuck_short_ribs
8 plate7
8 flank3
8 beef_loin
8 wedge_bone
8 flat_bone
8 pin_bone
8 sirloin_tip
8 blade5
8 beef_neck
8 short_ribs
8 round9
8 rump2
8 aitchbone
7 rib3
8 sparerib
7 entrecote
7 shank
8 foreshank
8 hindshank
7 shin2 shin_bone
7 brisket
7 steak
8 fish_steak
9 flitch
8 beefsteak
9 flank_steak
9 minute_steak
9 sirloin_steak
9 fillet filet
10 tournedos
10 filet_mignon
9 club_steak
9 porterhouse porterhouse_steak
9 round_steak
9 rump_steak
9 strip_steak
9 chopped_steak chop_steak chopsteak hamburger_steak beef_patty
7 loin
8 short_loin
7 sirloin
7 tenderloin2 undercut2
8 beef_tenderloin
8 pork_tenderloin
7 neck3
7 shoulder2
7 cut_of_veal
8 scrag3 scrag_end
7 cut_of_mutton
8 scrag2
7 cut_of_lamb
8 breast_of_lamb poitrine_d'agneau
8 saddle_of_lamb
8 loin_of_lamb
7 saddle3
7 rack2
7 cut_of_pork
8 pork_loin
8 ham jambon gammon
9 prosciutto
8 picnic_ham picnic_shoulder
8 bacon
9 flitch2 side_of_bacon
9 gammon2
9 bacon_strip
8 spareribs2
6 cold_cuts
7 lunch_meat luncheon_meat
6 beef2 boeuf
7 ground_beef hamburger2
7 bully_beef corned_beef corn_beef
7 pastrami
6 carbonado2
6 halal
6 jerky jerked_meat jerk4
7 beef_jerky
7 biltong
6 pemmican pemican
6 veal veau
7 calves'_feet
6 horsemeat horseflesh
6 mouton mutton
6 lamb5
6 pork porc
7 cochon_de_lait suckling_pig
7 salt_pork
8 fatback
8 sowbelly
7 pigs'_feet pigs'_knuckles
6 sausage
7 blood_sausage blood_pudding black_pudding
7 bologna2
8 polony
7 chipolata
7 chorizo
7 frank2 frankfurter hotdog3 hot_dog3 dog5 wiener2 wienerwurst weenie
7 headcheese
7 knackwurst knockwurst
7 liver_pudding liver_sausage liverwurst
7 pepperoni
7 pork_sausage
8 banger
8 bratwurst brat2
8 linguica
8 saveloy
7 salami
7 souse2
6 sausage_meat
6 escargot snail2
5 pasta2 alimentary_paste
6 farfalle bowtie_pasta
6 noodle
7 egg_noodle
6 orzo
6 spaghetti2
6 spaghettini
6 tortellini
6 ziti
6 rigatoni
6 fedelline
6 linguine linguini
6 fettuccine fettuccini
6 vermicelli
6 macaroni2
6 lasagna2 lasagne2
6 penne
6 ravioli cappelletti
6 tagliatelle
6 manicotti
6 couscous2
6 dumpling dumplings
7 gnocchi
7 matzo_ball matzoh_ball matzah_ball
7 won_ton wonton
6 mostaccioli
5 health_food
5 junk_food
5 breakfast_food
6 cereal3
7 hot_cereal
8 mush2 cornmeal_mush
9 atole
9 hasty_pudding2
9 polenta
8 grits hominy_grits
8 kasha
8 frumenty
7 cold_cereal dry_cereal
8 granola
8 raisin_bran
8 corn_flake
8 bran_flake
8 wheatflake
8 puffed_rice
8 puffed_wheat
6 muesli
5 produce green_goods green_groceries garden_truck
6 edible_fruit
7 freestone
7 cling clingstone
7 windfall
7 apple
8 crab_apple3 crabapple3
8 eating_apple dessert_apple
8 cooking_apple
7 berry
8 bilberry3 whortleberry2
8 huckleberry3
8 blueberry2
8 wintergreen3 boxberry2 checkerberry2 teaberry2 spiceberry2
8 cranberry2
8 lingonberry2 mountain_cranberry2 cowberry2 lowbush_cranberry
8 currant
9 gooseberry2
9 black_currant2
9 red_currant2
8 blackberry
8 boysenberry2
8 dewberry2
8 loganberry2
8 raspberry2
8 saskatoon2 serviceberry2 shadberry juneberry2
8 strawberry
8 sugarberry2 hackberry2
8 persimmon2
8 acerola2 barbados_cherry2 surinam_cherry3
8 mulberry2
7 lanseh lansa lansat lanset
7 carambola2 star_fruit
7 ceriman2 monstera2
7 carissa_plum natal_plum3
7 citrus citrus_fruit citrous_fruit
8 orange
9 temple_orange2
9 bitter_orange2 sour_orange2
9 sweet_orange
10 navel_orange
8 mandarin5 mandarin_orange2
9 clementine2
9 satsuma2
9 tangerine2
8 kumquat2
8 lemon
8 lime6
9 key_lime
8 grapefruit2
8 pomelo2 shaddock2
8 citrange2
8 citron
7 tangelo2 ugli ugli_fruit2
7 apricot2
7 peach3
7 nectarine2
7 pitahaya2
7 plum2
8 damson damson_plum3
8 greengage greengage_plum
8 beach_plum2
8 sloe3
7 dried_fruit
8 dried_apricot
8 prune
8 raisin
9 seedless_raisin sultana2
9 seeded_raisin
9 currant3
7 fig4
7 pineapple2 ananas2
7 anchovy_pear2 river_pear
7 banana2
7 passion_fruit
8 granadilla4
8 sweet_calabash2
8 bell_apple sweet_cup water_lemon yellow_granadilla2
7 breadfruit2
7 jackfruit2 jak jack4
7 canistel2 eggfruit
7 melon
8 melon_ball
8 muskmelon2 sweet_melon2
9 cantaloup2 cantaloupe2
9 winter_melon2
10 honeydew honeydew_melon2
10 casaba casaba_melon
9 net_melon2 netted_melon2 nutmeg_melon2
8 watermelon2
7 cherry3
8 sweet_cherry2 black_cherry2
9 bing_cherry
9 heart_cherry2 oxheart2 oxheart_cherry2
10 blackheart2 blackheart_cherry
8 capulin2
8 sour_cherry3
9 amarelle2
9 morello2
7 cocoa_plum2 coco_plum2 icaco2
7 grape
8 muscadine2 bullace_grape
9 scuppernong
8 slipskin_grape
9 fox_grape2
8 vinifera_grape2
9 emperor2
9 muscat4 muscatel2 muscat_grape
9 ribier
9 sultana
9 flame_tokay
7 custard_apple2
8 cherimoya2 cherimolla
8 soursop2 guanabana
8 bullock's_heart2
8 sweetsop2 annon sugar_apple
8 ilama2
8 pond_apple2
7 papaw2 pawpaw3
7 papaya2
7 kai_apple
7 ketembilla2 kitembilla2 kitambilla2
7 ackee akee2
7 durian2
7 feijoa2 pineapple_guava
7 genip2
7 genipap genipap_fruit2
7 kiwi3 kiwi_fruit
7 loquat2
7 mangosteen2
7 mango2
7 sapodilla2 sapodilla_plum sapota
7 sapote2 mammee4 marmalade_plum
7 tamarind2 tamarindo2
7 avocado alligator_pear avocado_pear aguacate
7 date7
7 elderberry2
7 guava3
7 mombin2
7 hog_plum4 yellow_mombin2
7 hog_plum3 wild_plum2
7 jaboticaba2
7 jujube2
7 litchi2 litchi_nut litchee lichi leechee lichee2 lychee
7 longanberry2 dragon's_eye
7 mamey2 mammee3 mammee_apple2
7 marang2
7 medlar4
7 medlar3
7 pear
8 bosc
8 anjou2
8 bartlett3 bartlett_pear
8 seckel seckel_pear
7 plumcot2
7 pomegranate2
7 prickly_pear2
7 garambulla2
7 blade_apple
7 quandong4 quandang2 quantong native_peach
7 quince2
7 rambutan2 rambotan2
7 pulasan2 pulassan2
7 rose_apple2
7 sorb sorb_apple2
7 sour_gourd3
7 sour_gourd2 monkey_bread
6 vegetable veggie veg
7 julienne julienne_vegetable
7 raw_vegetable rabbit_food
7 legume3
8 pulse4
8 bean edible_bean
9 goa_bean2
9 mung_bean3 mung3 green_bean4 green_gram2 golden_gram2 moong2 mash_bean2 munggo2 monggo2 green_soy2
9 common_bean2
10 kidney_bean2
10 navy_bean pea_bean white_bean
10 pinto_bean
10 frijole2
10 black_bean turtle_bean
10 fresh_bean
11 green_bean
12 snap_bean snap3
12 string_bean
12 scarlet_runner3 scarlet_runner_bean2 runner_bean2
12 haricot_vert haricots_verts
11 wax_bean2 yellow_bean
11 shell_bean2
12 lima_bean3
12 sieva_bean2 butter_bean2 butterbean civet_bean
12 fava_bean2 broad_bean4
12 green_soybean
10 flageolet haricot2
9 soy4 soybean3 soya2 soya_bean3
10 field_soybean
8 lentil
8 pea
9 green_pea garden_pea3
10 snow_pea2 sugar_pea2
10 sugar_snap_pea2
10 split-pea
9 marrowfat_pea
9 cajan_pea2 pigeon_pea2 dahl2
9 field_pea3
8 chickpea3 garbanzo2
8 black-eyed_pea3 cowpea3
7 potherb
7 greens green7 leafy_vegetable
8 chop-suey_greens2
8 sprout2
9 bean_sprout
9 alfalfa_sprout
8 beet_green
8 chard2 spinach_beet2 leaf_beet2
8 salad_green salad_greens
9 lettuce3
10 butterhead_lettuce
11 buttercrunch
10 crisphead_lettuce iceberg_lettuce iceberg2
10 cos2 cos_lettuce2 romaine romaine_lettuce2
10 leaf_lettuce2 loose-leaf_lettuce
9 celtuce2
9 chicory4 curly_endive
10 radicchio
9 chicory_escarole endive2 escarole
10 witloof2
9 cress2
10 watercress2
10 garden_cress
10 winter_cress2
9 salad_burnet2
8 dandelion_green2
8 lamb's-quarter pigweed3 wild_spinach4
8 wild_spinach3
8 turnip_greens
8 sorrel4 common_sorrel
8 spinach2
7 solanaceous_vegetable
8 eggplant aubergine2 mad_apple2
8 pepper4
9 sweet_pepper2
10 bell_pepper2
10 green_pepper
10 globe_pepper
10 pimento2 pimiento2
9 hot_pepper2
10 chili2 chili_pepper2 chilli chilly chile2
11 jalapeno2 jalapeno_pepper
12 chipotle
11 cayenne3 cayenne_pepper3
10 tabasco3 red_pepper2
8 tomato
9 beefsteak_tomato
9 cherry_tomato2
10 plum_tomato2
8 tomatillo3 husk_tomato2
7 root_vegetable
8 potato white_potato2 murphy spud tater
9 baked_potato
10 jacket_potato
9 french_fries french-fried_potatoes fries chips
9 home_fries home-fried_potatoes
9 mashed_potato
8 yam4
8 sweet_potato2
9 yam3
8 sunchoke
8 beet2 beetroot2
9 sugar_beet2
9 mangel-wurzel2
8 carrot3
8 celeriac2 celery_root2
8 salsify3
9 oyster_plant3 vegetable_oyster2
9 scorzonera2 black_salsify2
8 parsnip3
8 radish
8 turnip2
9 white_turnip2
9 rutabaga swede3 swedish_turnip2 yellow_turnip
8 taro3 taro_root cocoyam2 dasheen3 edda
7 pieplant rhubarb
7 cruciferous_vegetable
8 mustard3 mustard_greens leaf_mustard2
8 cabbage chou2
9 kale3 kail2 cole2
10 collards collard_greens
9 celery_cabbage2
9 bok_choy2 bok_choi2
9 head_cabbage2
10 red_cabbage2
10 savoy_cabbage2 savoy2
8 broccoli2
8 cauliflower2
8 brussels_sprouts
8 broccoli_rabe2 broccoli_raab2
8 kohlrabi2 turnip_cabbage2
7 squash2
8 summer_squash2
9 yellow_squash2
10 crookneck crookneck_squash summer_crookneck
9 zucchini2 courgette2
9 marrow4 vegetable_marrow2
9 cocozelle2
9 pattypan_squash2
9 spaghetti_squash2
8 winter_squash2
9 acorn_squash2
9 butternut_squash2
9 hubbard_squash2
9 turban_squash2
10 buttercup_squash2
9 cushaw2
9 winter_crookneck_squash2
7 cucumber2 cuke
8 gherkin2
7 artichoke2 globe_artichoke2
7 artichoke_heart
7 asparagus2
7 bamboo_shoot
7 onion3
8 green_onion spring_onion scallion2
8 purple_onion red_onion
8 shallot3
7 leek2
7 cardoon2
7 celery2
8 pascal_celery
7 gumbo3 okra3
7 mushroom5
7 pumpkin2
7 truffle2 earthnut4
7 plantain3
7 fennel2 finocchio
6 eater2
5 coconut coconut_meat
6 copra
5 dika_bread
5 fish2
6 panfish
6 stockfish
6 anchovy
6 eel
7 smoked_eel
7 elver
6 mullet grey_mullet gray_mullet
6 alewife
6 schrod scrod
6 haddock
7 finnan_haddie finnan_haddock finnan smoked_haddock
6 hake
6 trout
7 rainbow_trout
7 sea_trout salmon_trout
6 rock_salmon
6 salmon3
7 red_salmon sockeye sockeye_salmon
7 chinook_salmon chinook3 king_salmon
7 silver_salmon coho_salmon coho cohoe
7 smoked_salmon
8 lox2
7 kippered_salmon
6 shad
6 smelt
7 rainbow_smelt
7 sparling
5 seafood
6 saltwater_fish
7 bream2 sea_bream
7 sea_bass bass4
8 striped_bass striper2
7 grouper
7 croaker
7 whiting2
7 whiting
7 cusk
7 dolphinfish mahimahi
7 monkfish
7 tuna2 tuna_fish tunny
8 albacore
8 bonito
8 bluefin bluefin_tuna
7 mackerel
8 smoked_mackerel
7 pompano
7 blowfish sea_squab puffer pufferfish
8 fugu
7 herring
8 kipper kippered_herring
8 bloater
8 pickled_herring
9 rollmops
8 red_herring2 smoked_herring
8 sprat brisling
8 whitebait
7 kingfish
7 lingcod
7 bluefish2
7 swordfish
7 butterfish
7 cod2 codfish
8 salt_cod
7 pollack2 pollock2
7 porgy scup2
7 scup
7 flatfish
8 flounder
9 yellowtail_flounder
9 plaice
9 turbot
9 sand_dab
9 lemon_sole winter_flounder
8 sole2 fillet_of_sole
9 grey_sole gray_sole
9 lemon_sole2
8 halibut
7 rockfish
8 redfish rosefish ocean_perch
7 sailfish
7 weakfish
7 sardine pilchard
7 snapper2
8 red_snapper
7 red_rockfish
6 freshwater_fish
7 bream freshwater_bream
7 freshwater_bass bass5
8 largemouth_bass
8 smallmouth_bass
7 carp
7 buffalofish
7 pike2
8 muskellunge
8 pickerel
7 sucker4
7 catfish mudcat
7 perch5
7 sunfish
8 crappie
7 brook_trout speckled_trout
7 lake_trout
7 whitefish2
8 lake_herring cisco
6 squid calamari calamary
6 octopus
6 periwinkle3 winkle
6 whelk
6 shellfish
7 mussel
7 huitre oyster2
8 bluepoint blue_point
7 clam3
8 quahaug quahog hard-shell_clam round_clam
9 littleneck littleneck_clam
9 cherrystone cherrystone_clam
8 soft-shell_clam steamer steamer_clam long-neck_clam
7 cockle
7 crab5 crabmeat
8 blue_crab
8 crab_legs
8 soft-shell_crab soft-shelled_crab
8 king_crab
8 stone_crab
7 crayfish2 crawfish crawdad ecrevisse
7 limpet
7 lobster
8 langoustine scampo
8 lobster_tail
7 spiny_lobster langouste rock_lobster crayfish
7 scallop2 scollop escallop
8 sea_scallop
8 bay_scallop
6 prawn shrimp2
7 river_prawn
6 whitefish
6 roe hard_roe
7 coral3
7 caviar caviare
8 beluga_caviar
7 shad_roe
6 milt soft_roe
5 slop4
4 precipitate
5 sludge
4 plastic
5 acrylonitrile-butadiene-styrene
5 thermoplastic thermoplastic_resin
6 saran
6 celluloid
5 thermosetting_compositions thermosetting_resin
5 polytetrafluoroethylene
5 resinoid
5 amino_plastic aminoplast amino_resin
5 cellulosic
5 coumarone-indene_resin coumarone_resin
5 fluorocarbon_plastic
5 phenolic_plastic phenolic_urea
5 polypropylene polypropene
5 polyvinyl-formaldehyde
5 silicone_resin
5 vinyl2
4 glass
5 natural_glass
6 quartz_glass quartz vitreous_silica lechatelierite crystal4
6 tektite
5 opal_glass milk_glass
5 optical_glass
6 optical_crown crown_glass2 optical_crown_glass
6 optical_flint flint_glass
5 crown_glass
5 soft_glass
5 ground_glass
5 ground_glass2
5 lead_glass
6 paste2
5 safety_glass laminated_glass shatterproof_glass
5 soluble_glass water_glass sodium_silicate
5 stained_glass
5 wire_glass
4 crystal
5 gem2 gemstone stone4
6 cabochon
6 opaque_gem
7 cat's_eye
7 coral2 red_coral precious_coral
7 jade jadestone
7 jasper
7 lapis_lazuli lazuli
6 transparent_gem
7 aquamarine
7 chrysoprase
7 emerald
7 moonstone
7 morganite
7 peridot
7 ruby2
7 sapphire
8 star_sapphire
7 topaz2
7 tourmaline
8 schorl
5 twins
5 ice water_ice
6 black_ice
6 frost hoar hoarfrost rime
6 hailstone
6 icicle
4 powder pulverization pulverisation
4 dry_ice
4 vitrification
3 solute
3 emanation
4 ectoplasm
3 vegetable_matter
4 peat
2 process6 physical_process
3 phenomenon
4 cloud2
5 cirrocumulus cirrocumulus_cloud
5 cirrostratus cirrostratus_cloud
5 cirrus2 cirrus_cloud
6 mare's_tail
5 cloud_bank
5 contrail condensation_trail
5 cumulonimbus cumulonimbus_cloud thundercloud
5 cumulus cumulus_cloud
6 altocumulus altocumulus_cloud
6 thunderhead
5 nacreous_cloud mother-of-pearl_cloud
5 nebule
5 nimbus nimbus_cloud rain_cloud
5 storm_cloud
5 stratus stratus_cloud
6 altostratus altostratus_cloud
4 coma3
4 interplanetary_gas
4 nebula3
5 diffuse_nebula gaseous_nebula
5 planetary_nebula
4 dispersed_phase dispersed_particles
4 dispersing_phase dispersion_medium dispersing_medium
4 dew
3 access5 memory_access
4 disk_access
2 substance4
1 abstraction6 abstract_entity
2 psychological_feature
3 cognition knowledge noesis
4 chestnut5
4 reference_grid
4 imaginary_being imaginary_creature
5 hypothetical_creature
6 extraterrestrial_being extraterrestrial alien3
5 mythical_being
6 halcyon3
6 phoenix3
6 houri2
6 golem
6 hero5
5 giant6
6 giantess
6 ogre2
7 ogress
5 hobbit
5 mermaid
5 merman2
5 monster
6 bogeyman bugbear bugaboo boogeyman booger
6 mythical_monster mythical_creature
7 legendary_creature
8 abominable_snowman yeti
8 doppelganger
8 sea_serpent
7 amphisbaena
7 basilisk
7 centaur
7 hellhound2
7 cockatrice
7 dragon firedrake
8 wyvern wivern
7 gryphon griffin griffon
7 leviathan2
7 manticore mantichora manticora mantiger
7 roc
7 salamander2
7 troll
7 werewolf wolfman lycanthrope loup-garou
5 witch2
6 pythoness
6 warlock
5 fictional_character fictitious_character character
6 protagonist2 agonist
7 antihero
5 psychopomp
5 sylph2
5 unicorn
4 spiritual_being supernatural_being
5 deity divinity god2 immortal2
6 daemon2 demigod2
6 sea_god
6 sun_god
6 avatar2
6 goddess
7 earth-goddess earth_goddess
8 earth_mother
6 earth-god earth_god
6 demiurge
6 faun
6 satyr2 forest_god
6 silenus
6 nymph
7 water_nymph3
8 sea_nymph
8 naiad2
7 dryad wood_nymph
8 hamadryad
6 weird_sister
6 saint
6 war_god god_of_war
6 zombi2 zombie3 snake_god
5 eon3 aeon
5 angel
6 archangel
6 cherub2
6 seraph
6 guardian_spirit guardian_angel
7 genius_loci2
7 eudemon eudaemon good_spirit
6 divine_messenger
5 fairy faery faerie fay sprite
6 elf hob2 gremlin pixie pixy2 brownie2 imp
7 leprechaun
7 sandman
6 fairy_godmother2
6 gnome dwarf2
6 tooth_fairy
6 water_sprite2 water_nymph4 water_spirit
7 undine
5 spirit4 disembodied_spirit
6 control9
6 evil_spirit
7 bad_fairy
7 bogey bogy2 bogie
7 devil2 fiend2 demon daemon daimon
8 incubus
8 succubus succuba
8 dybbuk dibbuk
7 cacodemon cacodaemon
7 ghoul2
7 goblin hob hobgoblin
7 kelpy kelpie
7 vampire lamia
6 banshee banshie
6 genie jinni jinnee djinni djinny djinn
7 shaitan shaytan
7 eblis
6 familiar3 familiar_spirit
6 peri2
6 apparition phantom phantasm phantasma fantasm specter2 spectre
6 presence3
6 kachina2
6 numen
6 python2
6 sylvan silvan
6 thunderbird
6 zombi zombie2 zombi_spirit zombie_spirit
5 trickster3
3 motivation motive need3
3 event
4 act2 deed2 human_action human_activity
5 cuisine culinary_art
6 dim_sum
6 haute_cuisine
6 nouvelle_cuisine
6 rechauffe
6 gastronomy
5 heroine
5 villain2 baddie
5 crop harvest
6 fruitage
4 fountain3 jet6
4 releasing_factor releasing_hormone
5 growth_hormone-releasing_factor
4 intrinsic_factor
2 attribute2
3 state2
4 feeling
4 warble
4 anastomosis inosculation
4 spermatocele
4 synapse
5 neuromuscular_junction myoneural_junction
4 exorcist
4 pseudobulb
3 shape2 form6
4 lip5
4 belt
5 band9
5 conveyer_belt conveyor_belt conveyer2 conveyor2 transporter3
6 carousel carrousel luggage_carousel luggage_carrousel
5 driving_belt
5 fan_belt
5 track6 caterpillar_track caterpillar_tread
6 half_track2
4 brake_drum drum5
4 compartment
5 cell
5 cubbyhole pigeonhole2
5 call_box2 letter_box
4 core8 magnetic_core
4 crenel2 crenelle2
4 crystal_ball
4 dado3
4 drip_loop
4 flute3 fluting
4 goldbrick3
4 limb5
4 mothball camphor_ball
4 noose2 running_noose slip_noose
5 clinch2 clench
6 double_clinch
6 inside_clinch
6 outside_clinch
4 notch3
5 serration3
6 sawtooth
5 thumb_index
5 undercut3
4 pleat plait2
5 box_pleat
5 inverted_pleat
5 kick_pleat
5 knife_pleat
6 sunburst_pleat sunray_pleat
5 tuck3
6 dart2
4 quirk2
4 rabbet rebate2
4 roll9
5 bolt5
5 rouleau2
5 rouleau
4 roller4
5 garden_roller
5 paint_roller
5 platen3
5 sprocket
4 shank5
4 shank4
4 shank3 stem3
4 time-ball
4 track8
4 mandibular_notch
4 widow's_peak
4 raphe rhaphe
5 palatine_raphe
4 glenoid_fossa2 glenoid_cavity
4 glenoid_fossa mandibular_fossa
4 intervertebral_disc intervertebral_disk
4 cusp3
4 umbo
4 pleural_space
4 subarachnoid_space
4 pit_of_the_stomach epigastric_fossa
4 frontal_eminence
4 occipital_protuberance
4 esophagogastric_junction oesophagogastric_junction
4 crotch2 fork5
4 dimple3
4 pharyngeal_recess
4 enclosure3 natural_enclosure
5 cavern
5 matrix3
4 expanse3
5 sheet
5 stretch
6 slack3 slack_water
4 fireball4
4 fireball3
4 globule
5 bubble
6 air_bubble
6 foam froth
7 head9
7 lather4
7 soapsuds suds lather
7 spume
7 white_water whitewater
6 soap_bubble
4 jag
4 meander
5 oxbow2
4 opening gap2
5 pocket9
6 corner_pocket
6 side_pocket
5 diastema
5 foramen hiatus3
6 interventricular_foramen
6 foramen_magnum
5 breach2
5 chasm
6 abyss abysm
6 gulf3
5 crack cleft2 crevice2 fissure2 scissure
6 chap3
6 chink2
6 crevasse
6 fatigue_crack
6 fault4 faulting geological_fault shift6 fracture2 break3
7 inclined_fault
8 normal_fault gravity_fault common_fault
8 thrust_fault overthrust_fault reverse_fault
7 strike-slip_fault
6 rift2
6 slit4
6 split4
6 vent3 volcano
5 hole
6 aperture2
7 pupil2
7 micropyle
7 stoma stomate pore3
8 germ_pore
8 hydathode water_pore water_stoma
8 lenticel
6 bolt-hole
6 bullet_hole
6 cranny2
6 leak
6 ozone_hole
6 perforation2
6 rathole
6 knothole
5 mouth3
5 rift
5 rip2 rent2 snag3 split5 tear2
5 window4
4 rainbow
4 stalactite
4 stalagmite
4 corolla
4 calyx
5 hull2
5 pappus
6 thistledown
4 fairy_ring fairy_circle
4 axil
3 time5
3 space infinite
4 absolute_space
4 phase_space
3 infrastructure substructure
3 whitehead2 milium
3 blackhead comedo
3 karyotype
3 iron_blue steel_grey steel_gray
2 group grouping
3 animal_kingdom
3 form_genus2
3 animal_order
4 perching_bird percher2
4 thyreophoran
4 marginocephalian
4 euronithopod
4 order_mantophasmatodea
3 protoctist_order
4 order_oedogoniales
3 bacteria_order
3 bacteria_family
3 bacteria_genus
3 bacteria_species
3 protoctist_family
4 sea-lettuce_family
3 protoctist_genus
3 fish_family
3 fish_genus
4 genus_gasterosteus
3 chordate_family
3 chordate_genus
3 bird_family
3 bird_genus
4 genus_bombycilla
3 amphibia
3 amphibian_family
3 amphibian_genus
3 reptile_family
3 reptile_genus
3 arthropod_family
4 orb-weaver
3 arthropod_genus
4 nomia
3 mammal_family
4 rhinoceros_family
3 mammal_genus
4 genus_lemmus
4 tribe_synercus
3 sponge_genus
3 coelenterate_family
3 coelenterate_genus
3 ctenophore_family
3 ctenophore_genus
3 worm_family
3 worm_genus
3 mollusk_family
3 mollusk_genus
3 polyzoa
3 echinoderm_family
3 echinoderm_genus
3 saratoga spotted_barramundi spotted_bonytongue
3 northern_barramundi
3 barramundi giant_perch giant_seaperch white_seabass
3 action_painting
3 flotilla2
3 flotilla
3 flower_arrangement floral_arrangement
4 bouquet corsage posy nosegay
4 flower_chain
5 daisy_chain2
5 festoon3 festoonery
4 spray3
4 wreath garland4 coronal chaplet lei
5 crown3
5 laurel3 laurel_wreath2 bay_wreath
3 lash-up contrivance5
3 court8 lawcourt court_of_law law_court court_of_justice
3 line9
4 airline2 airline_business airway4
4 railway railroad railroad_line railway_line railway_system
5 cable_railway funicular funicular_railway
5 cog_railway rack_railway
5 elevated_railway elevated_railroad elevated el2 overhead_railway
6 roller_coaster2 big_dipper2 chute-the-chute
7 hypercoaster
5 metro tube5 underground2 subway_system subway
5 monorail
5 rail2
5 scenic_railway
4 steamship_company steamship_line
4 transit_line
5 bus_line
5 trolley_line
3 pharmacopoeia
3 rivet_line
3 scaffold2
3 string9
4 beads string_of_beads
5 rosary prayer_beads
5 wampum2 peag wampumpeag
3 wardrobe2
3 wardrobe3
3 dentition2 teeth
4 primary_dentition
4 secondary_dentition
3 clot coagulum
3 gene cistron factor7
4 dominant_gene
4 allele allelomorph
5 dominant_allele dominant2
5 recessive_allele recessive
4 genetic_marker
4 homeotic_gene
5 homeobox homeobox_gene
4 lethal_gene
4 linkage_group linked_genes
4 modifier4 modifier_gene
4 mutant_gene
5 cystic_fibrosis_transport_regulator
4 nonallele
4 operator_gene
4 oncogene transforming_gene
4 polygene
4 proto-oncogene
4 recessive_gene
4 regulatory_gene regulator_gene
4 repressor_gene
4 structural_gene
4 suppressor2 suppresser2 suppressor_gene suppresser_gene
5 tumor_suppressor_gene
4 transgene
4 holandric_gene
3 haplotype
3 reticulum2
4 neural_network2 neural_net2
5 reticular_formation
5 reticular_activating_system
3 solar_system
3 water_system
3 plant_kingdom
3 plant_order
3 moss_family
3 moss_genus
3 gymnosperm_genus
3 monocot_family liliopsid_family
4 liliid_monocot_family
5 iris_family
5 amaryllis_family
5 lily_family
5 aloe_family
5 grass_tree_family
5 trillium_family
5 agave_family sisal_family
4 rush_family
4 arum_family
4 duckweed_family
4 orchid_family
4 grass_family
4 sedge_family
4 screw-pine_family
4 cattail_family
4 bur-reed_family
4 bloodwort_family
4 arrowroot_family
4 banana_family
4 strelitzia_family
4 ginger_family
4 palm_family
4 yellow-eyed_grass_family
4 spiderwort_family
4 pineapple_family
4 pipewort_family
4 pickerelweed_family
4 naiad_family
4 water-plantain_family
4 frogbit_family frog's-bit_family
4 pondweed_family
4 arrow-grass_family
4 eelgrass_family
3 monocot_genus liliopsid_genus
4 liliid_monocot_genus
4 phoenicophorium
4 phoenix2
4 common_arrowhead
4 pondweed2 ditchmoss
3 dicot_family magnoliopsid_family
4 magnoliid_dicot_family
5 custard-apple_family
5 barberry_family
5 calycanthus_family strawberry-shrub_family
5 lardizabala_family
5 laurel_family
5 magnolia_family
5 moonseed_family
5 nutmeg_family
5 water-lily_family
5 water-shield_family
5 peony_family
5 buttercup_family crowfoot_family
5 winter's_bark_family
4 hamamelid_dicot_family
5 beech_family
5 birch_family
5 witch-hazel_family
5 willow_family
4 caryophylloid_dicot_family
5 carnation_family pink_family
5 carpetweed_family
5 amaranth_family
5 saltwort_family
5 goosefoot_family
5 four-o'clock_family
5 cactus_family
5 pokeweed_family
5 purslane_family
4 dilleniid_dicot_family
5 caper_family
5 mustard_family
5 poppy_family
5 fumitory_family
5 loasa_family
5 mallow_family
5 elaeocarpus_family
5 sterculia_family
5 linden_family
5 heath_family
5 white-alder_family
5 diapensia_family
5 epacris_family
5 wintergreen_family
5 begonia_family
5 canella_family
5 papaya_family
5 rockrose_family
5 flacourtia_family
5 ochna_family
5 passionflower_family
5 mignonette_family
5 tamarisk_family
5 violet_family
5 sandalwood_family
5 mistletoe_family2
5 mistletoe_family
5 tea_family
4 asterid_dicot_family
5 aster_family
5 madder_family
5 honeysuckle_family
5 phlox_family
5 acanthus_family
5 trumpet_creeper trumpet_vine
5 gesneria_family
5 waterleaf_family
5 mint_family
6 mint3
5 figwort_family foxglove_family
5 potato_family
5 verbena_family vervain_family
5 valerian_family
4 rosid_dicot_family
5 zebrawood_family
5 legume_family pea_family
5 ivy_family
5 evening-primrose_family
5 meadow-beauty_family
5 rose_family
5 balsam_family
5 geranium_family
5 torchwood_family
5 mahogany_family
5 wood-sorrel_family
5 milkwort_family
5 rue_family
5 quassia_family
5 nasturtium_family
5 bean-caper_family
5 cunonia_family
5 hydrangea_family
5 saxifrage_family
5 plane-tree_family
5 spurge_family
5 carrot_family
5 dogwood_family
4 wax-myrtle_family
4 corkwood_family
4 dogbane_family
4 birthwort_family
4 primrose_family
4 myrsine_family
4 leadwort_family sea-lavender_family
4 gourd_family
5 cucurbit
4 lobelia_family
4 protea_family
4 gentian_family
4 olive_family
4 walnut_family
4 combretum_family
4 oleaster_family
4 water-milfoil_family
4 loosestrife_family
4 myrtle_family
4 sour-gum_family tupelo_family
4 mangrove_family
4 daphne_family
4 nettle_family
4 hemp_family
4 mulberry_family
4 elm_family
4 buckbean_family
4 flax_family
4 plantain_family
4 buckwheat_family
4 soapberry_family
4 box_family
4 spindle-tree_family staff-tree_family
4 crowberry_family
4 maple_family
4 holly_family
4 sumac_family
4 horse-chestnut_family
4 bladdernut_family
4 ebony_family
4 sapodilla_family
4 sweetleaf_family
4 storax_family styrax_family
4 pitcher-plant_family
4 sundew_family
4 morning-glory_family
4 broomrape_family
4 buckthorn_family
4 grapevine_family
4 pepper_family
4 lizard's-tail_family
4 milkweed_family
3 dicot_genus magnoliopsid_genus
4 magnoliid_dicot_genus
4 hamamelid_dicot_genus
4 caryophylloid_dicot_genus
4 dilleniid_dicot_genus
5 false_flax
5 rock_harlequin
5 fumewort2 fumeroot2
4 asterid_dicot_genus
5 whorlywort
4 rosid_dicot_genus
5 rubber_tree
4 green_dinosaur
3 fungus_family
4 mushroom_pimple
5 orange_mushroom_pimple
5 green_mushroom_pimple
3 fungus_genus
4 slime_mushroom
5 white_slime_mushroom
4 ring-stalked_fungus
4 roof_mushroom
3 fungus_order
3 ranalian_complex
3 plant_family
4 gymnosperm_family
5 cycad_family
5 zamia_family
5 pine_family
5 cypress_family
5 redwood_family
5 araucaria_family
5 plum-yew_family
5 podocarpus_family
5 yew_family
5 ginkgo_family
4 bellflower_family
4 yam_family
4 stonecrop_family
4 gooseberry_family
4 borage_family
4 bladderwort_family
4 sesame_family
3 plant_genus
4 phytelephas
3 witches'_broom witch_broom hexenbesen staghead
3 brier brierpatch brier_patch
3 fungus_kingdom
3 cultivar
3 coma2
3 groundcover2 ground_cover2
3 groundcover ground_cover
4 rupturewort
4 whitlowwort
4 pearlwort pearlweed pearl-weed
4 baby's_tears baby_tears
3 rootage2 root_system
3 fern_family
4 horsetail_family
4 clubmoss_family
4 quillwort_family
3 fern_genus
3 old_growth virgin_forest
3 second_growth
3 actinoid actinide actinon
3 helium_group
3 rare_earth rare-earth_element lanthanoid lanthanide lanthanon
4 terbium_metal
3 actinide_series
3 lanthanide_series
3 codon
3 halogen
2 relation
3 possession2
4 infrastructure2 base9
3 social_relation
3 formation5
4 raster
4 rig3 rigging2
5 cat_rig
5 fore-and-aft_rig
5 lateen-rig
4 split8
3 seating seats seating_room seating_area
4 circle7 dress_circle
4 orchestra2
4 parquet2
4 parquet_circle parterre2
4 ringside ringside_seat
4 stall5
4 tiered_seat
5 stand9
6 bleachers
6 grandstand2 covered_stand
6 reviewing_stand
3 standing_room
3 butt2
2 communication2
3 cross_hair cross_wire
3 recording
4 bologram bolograph
4 chromatogram
4 oscillogram
4 spirogram
3 seismogram
3 trophy2 prize3
4 apple_of_discord
4 booby_prize
5 wooden_spoon
4 bronze_medal
4 cup8 loving_cup2
4 gold_medal
4 silver_medal silver5
2 measure2 quantity amount3
3 hole3 golf_hole
4 dogleg2
3 tear teardrop2
3 helping portion7 serving
4 drumstick
5 turkey_leg turkey_drumstick
5 chicken_leg chicken_drumstick
4 second_joint thigh2
4 breast3 white_meat
4 wing9
5 turkey_wing
5 chicken_wing
4 medallion2
4 oyster3
4 parson's_nose pope's_nose
4 piece8 slice2
5 cutlet scallop3 scollop2 escallop2
5 fillet2 filet2 fish_fillet fish_filet
4 round9 round_of_drinks
4 drink
5 chaser2
5 draft4 draught potation tipple
6 quaff
5 pledge3 toast4
5 libation
5 eye_opener
5 nightcap
5 hair_of_the_dog
5 shandygaff shandy
5 stirrup_cup
5 sundowner2
5 posset
5 syllabub sillabub
5 sangaree sangria
5 whiskey_neat whisky_neat
5 whiskey_on_the_rocks whisky_on_the_rocks
5 ice-cream_soda ice-cream_float float3
6 root_beer_float
5 milkshake milk_shake shake2
6 eggshake
6 frappe2
6 malted malt malted_milk
5 frappe
4 libation2
3 taste5 mouthful2
4 morsel2 bit7 bite2
5 chew chaw cud2 quid3 plug2 wad3
5 crumb3
6 breadcrumb
6 cracker_crumbs
5 sop sops
4 swallow sup
1 thing8
2 change6
2 freshener
2 horror2
2 jimdandy2 jimhickey2 crackerjack2
2 pacifier2
2 security_blanket
2 stinker2
2 whacker whopper2
0 mare_nostrum
0 hypostasis3
`;
