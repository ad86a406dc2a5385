/** What a careful person reads out of a notice. */
export interface ReadNotice {
  name: string;
  text: string;
  /** SPDX identifiers, `LicenseRef-…` where SPDX has none; empty where no grant is made; two where they contradict. */
  licences: string[];
  authors: string[];
}

/**
 * Forty invented notices in the manner people write them. Written down before the rules that read them were, and
 * not changed to suit them: the score of their first run is the honest one (docs/rights.md).
 */
export const HELD_OUT_NOTICES: readonly ReadNotice[] = [
  {
    name: 'plain English with a link',
    text: 'Harbour crane\nModel by Tor Aldersund\nLicensed under Creative Commons Attribution (CC BY 4.0)\nhttps://creativecommons.org/licenses/by/4.0/\n',
    licences: ['CC-BY-4.0'],
    authors: ['Tor Aldersund'],
  },
  {
    name: 'a handle and no version',
    text: 'made by @runa_v, CC-BY, have fun!!',
    licences: ['LicenseRef-CC-BY-unstated'],
    authors: ['runa_v'],
  },
  {
    name: 'German, non-commercial share-alike',
    text: 'Laternenmodell von Ines Falkenrot\nLizenz: Namensnennung - Nicht-kommerziell - Weitergabe unter gleichen Bedingungen 4.0 International\n',
    licences: ['CC-BY-NC-SA-4.0'],
    authors: ['Ines Falkenrot'],
  },
  {
    name: 'French, no derivatives',
    text: 'Bouée de chenal.\nRéalisé par Maëlle Kerguen.\nLicence : Creative Commons Attribution - Pas de Modification 3.0\n',
    licences: ['CC-BY-ND-3.0'],
    authors: ['Maëlle Kerguen'],
  },
  {
    name: 'Spanish, share-alike',
    text: 'Autora: Marisol Quebrada\nEsta obra está bajo una Licencia Creative Commons Atribución-CompartirIgual 4.0 Internacional.',
    licences: ['CC-BY-SA-4.0'],
    authors: ['Marisol Quebrada'],
  },
  {
    name: 'the generic deed sentence with a quoted title',
    text: '"Signal Mast" (https://tidewrack-exchange.example/m/signal-mast) by henke_s is licensed under Creative Commons Attribution-NonCommercial (http://creativecommons.org/licenses/by-nc/4.0/).',
    licences: ['CC-BY-NC-4.0'],
    authors: ['henke_s'],
  },
  {
    name: 'waived in words',
    text: 'To the extent possible under law, Tor Aldersund has waived all copyright and related or neighboring rights to Mooring Post.',
    licences: ['CC0-1.0'],
    authors: ['Tor Aldersund'],
  },
  {
    name: 'zero named, mark linked',
    text: 'This model is CC0.\nhttps://creativecommons.org/publicdomain/mark/1.0/',
    licences: ['CC-PDM-1.0', 'CC0-1.0'],
    authors: [],
  },
  {
    name: 'GPL with a plus',
    text: 'Copyright 2019 Henke Strandvik\nLicense: GPL-2+\n',
    licences: ['GPL-2.0-or-later'],
    authors: ['Henke Strandvik'],
  },
  {
    name: 'GPL at version three or later in words',
    text: 'This model is free; you can redistribute it and/or modify it under the terms of the GNU General Public License as published by the Free Software Foundation; either version 3 of the License, or (at your option) any later version.',
    licences: ['GPL-3.0-or-later'],
    authors: [],
  },
  {
    name: 'two to choose from',
    text: 'Dual licensed: you may use these under CC-BY-SA 3.0 or GPL 2.0, whichever suits you. Author: Runa Vestermoor',
    licences: ['CC-BY-SA-3.0 OR GPL-2.0-only'],
    authors: ['Runa Vestermoor'],
  },
  {
    name: 'an SPDX tag',
    text: '# SPDX-FileCopyrightText: 2023 Ines Falkenrot <ines@lampworks.example>\n# SPDX-License-Identifier: CC-BY-SA-4.0\n',
    licences: ['CC-BY-SA-4.0'],
    authors: ['Ines Falkenrot'],
  },
  {
    name: 'price only',
    text: 'FREE DOWNLOAD!! 3d barograph, hi-poly, textures included. Rate 5 stars pls',
    licences: [],
    authors: [],
  },
  {
    name: 'royalty free and nothing else',
    text: 'Royalty-free 3D model. Created by Lampworks Collective.',
    licences: [],
    authors: ['Lampworks Collective'],
  },
  {
    name: 'personal only',
    text: 'Feel free to use this in your personal projects. Not for commercial use. © Tor Aldersund 2021',
    licences: ['LicenseRef-non-commercial'],
    authors: ['Tor Aldersund'],
  },
  {
    name: 'editorial only',
    text: 'Licence: Editorial Use Only. Seller: quayside_models_3d',
    licences: ['LicenseRef-editorial'],
    authors: ['quayside_models_3d'],
  },
  {
    name: 'reserved in German',
    text: '(c) 2022 Werkstatt Hafenlicht – Alle Rechte vorbehalten. Weitergabe nur mit Genehmigung.',
    licences: ['LicenseRef-all-rights-reserved'],
    authors: ['Werkstatt Hafenlicht'],
  },
  {
    name: 'public domain in French',
    text: 'Ce modèle est placé dans le domaine public par son auteur, Gwenn Ar Mor. Faites-en ce que vous voulez.',
    licences: ['LicenseRef-public-domain'],
    authors: ['Gwenn Ar Mor'],
  },
  {
    name: 'public domain in German',
    text: 'Dieses Modell ist gemeinfrei.',
    licences: ['LicenseRef-public-domain'],
    authors: [],
  },
  {
    name: 'based on another',
    text: 'Lamp room, CC BY 4.0 by Ines Falkenrot, based on "Old Lamp" by Henke Strandvik (CC BY 3.0)',
    licences: ['CC-BY-3.0', 'CC-BY-4.0'],
    authors: ['Ines Falkenrot', 'Henke Strandvik'],
  },
  {
    name: 'no attribution needed but no grant',
    text: 'by the way: no attribution needed',
    licences: [],
    authors: [],
  },
  {
    name: 'CC in the file name style',
    text: 'license=cc_by_nc_nd_40\nauthor=t_aldersund\ntitle=gull_animated',
    licences: ['CC-BY-NC-ND-4.0'],
    authors: ['t_aldersund'],
  },
  {
    name: 'negated commercial in Spanish',
    text: 'Uso no comercial solamente. Creado por Lucero Brañas.',
    licences: ['LicenseRef-non-commercial'],
    authors: ['Lucero Brañas'],
  },
  {
    name: 'commercial allowed is not non-commercial',
    text: 'Can be used for both commercial and non-commercial purposes under CC BY 3.0. Credit: Runa Vestermoor',
    licences: ['CC-BY-3.0'],
    authors: ['Runa Vestermoor'],
  },
  {
    name: 'not a licence but a sentence about licences',
    text: 'Check the license of the textures before you use them. I do not remember where they are from.',
    licences: [],
    authors: [],
  },
  {
    name: 'MIT in passing',
    text: 'Signal flags © 2020 Henke Strandvik, released under MIT',
    licences: ['MIT'],
    authors: ['Henke Strandvik'],
  },
  {
    name: 'a port',
    text: 'Lizenz: http://creativecommons.org/licenses/by-sa/3.0/de/\nUrheber: Ottokar Wellenbrink',
    licences: ['CC-BY-SA-3.0-DE'],
    authors: ['Ottokar Wellenbrink'],
  },
  {
    name: 'two and a half',
    text: 'cc-by-nc-sa-2.5 (c) tor aldersund',
    licences: ['CC-BY-NC-SA-2.5'],
    authors: ['tor aldersund'],
  },
  {
    name: 'a text and an address that differ',
    text: 'You are free to use this under the Attribution license (CC-BY 4.0).\nFull text: https://creativecommons.org/licenses/by-nd/4.0/legalcode',
    licences: ['CC-BY-4.0', 'CC-BY-ND-4.0'],
    authors: [],
  },
  {
    name: 'free art in French',
    text: 'Copyleft : cette œuvre est libre, vous pouvez la copier, la diffuser et la modifier selon les termes de la Licence Art Libre 1.3 http://www.artlibre.org\nAuteur : Yves Roscanvel',
    licences: ['LAL-1.3'],
    authors: ['Yves Roscanvel'],
  },
  {
    name: 'Apache in a header',
    text: 'Copyright 2024 Harbour Survey Office\nLicensed under the Apache License, Version 2.0',
    licences: ['Apache-2.0'],
    authors: ['Harbour Survey Office'],
  },
  {
    name: 'LGPL with a version and plus',
    text: 'Mesh: LGPLv2.1+, author Ines Falkenrot',
    licences: ['LGPL-2.1-or-later'],
    authors: ['Ines Falkenrot'],
  },
  {
    name: 'credits line with several',
    text: 'Modelling: Tor Aldersund\nTextures: Runa Vestermoor\nAll work CC BY-SA 4.0',
    licences: ['CC-BY-SA-4.0'],
    authors: ['Tor Aldersund', 'Runa Vestermoor'],
  },
  {
    name: 'crossed out word',
    text: 'This is NOT public domain. All rights reserved, Henke Strandvik.',
    licences: ['LicenseRef-all-rights-reserved'],
    authors: ['Henke Strandvik'],
  },
  {
    name: 'spelled with a full stop and spaces',
    text: 'C.C. BY - NC 3.0 unported, modelled by Runa Vestermoor & Tor Aldersund',
    licences: ['CC-BY-NC-3.0'],
    authors: ['Runa Vestermoor', 'Tor Aldersund'],
  },
  {
    name: 'do what you want',
    text: 'do whatever you want with it, i dont care. t_aldersund',
    licences: [],
    authors: [],
  },
  {
    name: 'open font and database',
    text: 'Fonts: SIL Open Font License 1.1. Map data: ODbL 1.0.',
    licences: ['ODbL-1.0', 'OFL-1.1'],
    authors: [],
  },
  {
    name: 'site terms',
    text: 'Downloaded from Quayside Models. Licence: Quayside Standard Licence. Seller: Lampworks Collective',
    licences: ['LicenseRef-quayside-standard'],
    authors: ['Lampworks Collective'],
  },
  {
    name: 'Spanish reserved',
    text: '© 2018 Talleres del Faro. Todos los derechos reservados.',
    licences: ['LicenseRef-all-rights-reserved'],
    authors: ['Talleres del Faro'],
  },
  {
    name: 'French non-commercial in a sentence',
    text: "Modèle offert par Maëlle Kerguen, utilisation commerciale interdite, merci de citer l'auteur.",
    licences: ['LicenseRef-non-commercial'],
    authors: ['Maëlle Kerguen'],
  },
];
