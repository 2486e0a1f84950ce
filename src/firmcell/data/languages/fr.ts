<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr_FR" sourcelanguage="en">
  <context>
    <name>firmcell</name>
    <message numerus="yes">
      <source>%n attention/attention</source>
      <translation>
        <numerusform>%n attention</numerusform>
        <numerusform>%n attention</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n cell(s)</source>
      <translation>
        <numerusform>%n cellule</numerusform>
        <numerusform>%n cellules</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n finding(s)</source>
      <translation>
        <numerusform>%n constat</numerusform>
        <numerusform>%n constats</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n length(s)</source>
      <translation>
        <numerusform>%n longueur</numerusform>
        <numerusform>%n longueurs</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n note(s)</source>
      <translation>
        <numerusform>%n note</numerusform>
        <numerusform>%n notes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s)</source>
      <translation>
        <numerusform>%n place</numerusform>
        <numerusform>%n places</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n solder joint record(s)</source>
      <translation>
        <numerusform>%n inscription de soudure</numerusform>
        <numerusform>%n inscriptions de soudures</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stop(s)</source>
      <translation>
        <numerusform>%n arrêt</numerusform>
        <numerusform>%n arrêts</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n weld pair(s)</source>
      <translation>
        <numerusform>%n paire de points</numerusform>
        <numerusform>%n paires de points</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n wire(s)</source>
      <translation>
        <numerusform>%n fil</numerusform>
        <numerusform>%n fils</numerusform>
      </translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_picture.py" />
      <source>Prepare</source>
      <translation>Préparer</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>%1   ·   Esc: leave</source>
      <translation>%1   ·   Échap : quitter</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Answer of the program</source>
      <translation>Réponse du programme</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Bench mode</source>
      <translation>Mode établi</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Digits, then Enter   ·   Backspace: back   ·   Tab: turn the picture</source>
      <translation>Chiffres, puis Entrée   ·   Retour arrière : revenir   ·   Tab : tourner l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Esc: leave bench mode</source>
      <translation>Échap : quitter le mode établi</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Every step is passed. The passport is ready.</source>
      <translation>Chaque pas est réussi. Le passeport est prêt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Not right: %1?</source>
      <translation>Pas bon : %1 ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: go there</source>
      <translation>Espace : y aller</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: it is right   ·   Backspace: not right   ·   Tab: turn the picture</source>
      <translation>Espace : c'est bon   ·   Retour arrière : pas bon   ·   Tab : tourner l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: passed   ·   Backspace: not right   ·   Tab: turn the picture</source>
      <translation>Espace : réussi   ·   Retour arrière : pas bon   ·   Tab : tourner l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: record it as not right   ·   Backspace: it was a slip</source>
      <translation>Espace : inscrire comme pas bon   ·   Retour arrière : c'était une erreur</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: yes   ·   Backspace: no   ·   Tab: turn the picture</source>
      <translation>Espace : oui   ·   Retour arrière : non   ·   Tab : tourner l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Step %1 of %2 · %3%4 · about %5 of work left</source>
      <translation>Pas %1 sur %2 · %3%4 · encore environ %5 de travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Type, then Enter   ·   Backspace: back</source>
      <translation>Taper, puis Entrée   ·   Retour arrière : revenir</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>%1: %2 to %3 is right. Enter records it as it is.</source>
      <translation>%1 : juste serait %2 à %3. Entrée l'inscrit tel quel.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>Recorded as not right: %1. Do it again.</source>
      <translation>Inscrit comme pas bon : %1. Le refaire.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>this step</source>
      <translation>ce pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/board_dialog.py" />
      <source>source</source>
      <translation>source</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>attention</source>
      <translation>attention</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>look</source>
      <translation>à voir</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>stop</source>
      <translation>arrêt</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/painter.py" />
      <source>bench</source>
      <translation>établi</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+1</source>
      <translation>Ctrl+1</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+2</source>
      <translation>Ctrl+2</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+3</source>
      <translation>Ctrl+3</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+4</source>
      <translation>Ctrl+4</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+5</source>
      <translation>Ctrl+5</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+6</source>
      <translation>Ctrl+6</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+7</source>
      <translation>Ctrl+7</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+8</source>
      <translation>Ctrl+8</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+9</source>
      <translation>Ctrl+9</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+K</source>
      <translation>Ctrl+K</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+L</source>
      <translation>Ctrl+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+M</source>
      <translation>Ctrl+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+Shift+L</source>
      <translation>Ctrl+Maj+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+U</source>
      <translation>Ctrl+U</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>block a place</source>
      <translation>bloquer une place</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>draw or remove a strip</source>
      <translation>tracer ou enlever une bande</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>lay a ladder</source>
      <translation>poser une échelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>let minus leave here</source>
      <translation>faire sortir le moins ici</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>let plus leave here</source>
      <translation>faire sortir le plus ici</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>lock or unlock</source>
      <translation>verrouiller ou libérer</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>measure</source>
      <translation>mesurer</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>move a cell</source>
      <translation>déplacer une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>number the groups</source>
      <translation>numéroter les groupes</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>paint into a group</source>
      <translation>peindre dans un groupe</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>pick cells</source>
      <translation>choisir des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>swap two cells</source>
      <translation>échanger deux cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>turn a cell</source>
      <translation>tourner une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/view.py" />
      <source>Arrow keys move, plus and minus zoom, 0 fits; brackets walk from part to part.</source>
      <translation>Les flèches déplacent, plus et moins zooment, 0 ajuste ; les crochets vont de partie en partie.</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/view.py" />
      <source>Picture of the pack</source>
      <translation>Image du pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/connector_list.py" />
      <source>Connectors, best first</source>
      <translation>Connecteurs, le meilleur d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/app/connector_list.py" />
      <source>fine</source>
      <translation>bon</translation>
    </message>
    <message>
      <location filename="firmcell/app/csv_preview.py" />
      <source>Cell</source>
      <translation>Cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/drawing_paint.py" />
      <source>end</source>
      <translation>bout</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Board in it</source>
      <translation>&amp;Carte dedans</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Cell</source>
      <translation>&amp;Cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Groups in series</source>
      <translation>&amp;Groupes en série</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Wire of its leads</source>
      <translation>&amp;Fil de ses câbles</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>Cells in &amp;parallel</source>
      <translation>Cellules en &amp;parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>Conn&amp;ector on it</source>
      <translation>Conn&amp;ecteur monté</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>F&amp;use in it</source>
      <translation>F&amp;usible dedans</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>The pack as it is. Nothing is proposed over it; what is not known counts as the worst.</source>
      <translation>Le pack tel qu'il est. Rien n'est proposé par-dessus ; ce qui n'est pas connu compte au pire.</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>board</source>
      <translation>carte</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>cell</source>
      <translation>cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>choose its class, or its size alone</source>
      <translation>choisir sa classe, ou sa taille seule</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>connector</source>
      <translation>connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>fuse</source>
      <translation>fusible</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>none</source>
      <translation>aucun</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>parallel</source>
      <translation>parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Find</source>
      <translation>Chercher</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Find a command, a finding, a step or a part</source>
      <translation>Chercher une commande, un constat, un pas ou une partie</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Part</source>
      <translation>Pièce</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Step</source>
      <translation>Pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>What fits</source>
      <translation>Ce qui convient</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>a command, a finding, a step, a cell or strip</source>
      <translation>une commande, un constat, un pas, une cellule ou une bande</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>All findings</source>
      <translation>Tous les constats</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>All findings, or the worst alone (F6)</source>
      <translation>Tous les constats, ou le pire seul (F6)</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>Findings: %1.   Enter goes there, Ctrl+. applies a fix</source>
      <translation>Constats : %1.   Entrée y va, Ctrl+. applique un remède</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>Nothing found wrong</source>
      <translation>Rien à redire</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>no</source>
      <translation>non</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>note</source>
      <translation>note</translation>
    </message>
    <message>
      <location filename="firmcell/app/hand_tools.py" />
      <source>Click a part to read its numbers. Drag moves the picture.</source>
      <translation>Cliquer sur une partie pour lire ses chiffres. Glisser déplace l'image.</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Guide</source>
      <translation>&amp;Guide</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Keys</source>
      <translation>&amp;Touches</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Words of the trade</source>
      <translation>&amp;Mots du métier</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Chapters of the guide</source>
      <translation>Chapitres du guide</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Find a word</source>
      <translation>Chercher un mot</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Help</source>
      <translation>Aide</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>The guide</source>
      <translation>Le guide</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Wh&amp;y</source>
      <translation>Po&amp;urquoi</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Why a finding matters</source>
      <translation>Pourquoi un constat compte</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Words of the trade</source>
      <translation>Mots du métier</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>%1: no field differs</source>
      <translation>%1 : aucun champ ne diffère</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Add a file…</source>
      <translation>&amp;Ajouter un fichier…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Attachments</source>
      <translation>&amp;Pièces jointes</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Compare with</source>
      <translation>&amp;Comparer avec</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Remarks</source>
      <translation>&amp;Remarques</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>A remark to record</source>
      <translation>Une remarque à inscrire</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Added</source>
      <translation>Ajouté</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>After</source>
      <translation>Après</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Another &amp;job…</source>
      <translation>Autre &amp;travail…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Before</source>
      <translation>Avant</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>By</source>
      <translation>Par</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Compared with</source>
      <translation>Comparé avec</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Figure</source>
      <translation>Chiffre</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Figures of the two designs</source>
      <translation>Chiffres des deux versions</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Files kept in the job</source>
      <translation>Fichiers gardés dans le travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>History of %1</source>
      <translation>Historique de %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Keeps a copy of a file in the job</source>
      <translation>Garde une copie d'un fichier dans le travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Kind</source>
      <translation>Genre</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Left %1, right no. %2, top faces</source>
      <translation>À gauche %1, à droite n° %2, faces du dessus</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Name</source>
      <translation>Nom</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>No.</source>
      <translation>N°</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Re&amp;cord</source>
      <translation>&amp;Inscrire</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Remark</source>
      <translation>Remarque</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Remarks in the record</source>
      <translation>Remarques au registre</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Save a copy &amp;out…</source>
      <translation>En écrire une &amp;copie…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved</source>
      <translation>Gardé</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved &amp;designs</source>
      <translation>&amp;Versions gardées</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved designs, the newest first</source>
      <translation>Versions gardées, la plus récente d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Size</source>
      <translation>Taille</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Take this design &amp;up again</source>
      <translation>&amp;Reprendre cette version</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>The design of another job beside that picked here; that job is only read</source>
      <translation>La version d'un autre travail à côté de celle choisie ici ; cet autre travail n'est que lu</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>The design on screen becomes this one; Undo takes it back</source>
      <translation>La version à l'écran devient celle-ci ; Annuler la reprend</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Time</source>
      <translation>Heure</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What</source>
      <translation>Quoi</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What differs between the two designs</source>
      <translation>Ce qui diffère entre les deux versions</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What happened</source>
      <translation>Ce qui s'est passé</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What the job holds</source>
      <translation>Ce que contient le travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What was done</source>
      <translation>Ce qui a été fait</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Writes the picked one to a file</source>
      <translation>Écrit la pièce choisie dans un fichier</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>the one before</source>
      <translation>celle d'avant</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>what the next one to open this pack should know</source>
      <translation>ce que doit savoir le prochain qui ouvre ce pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/instruments_window.py" />
      <source>not known</source>
      <translation>inconnu</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>%1 s on the joint, %2 s at most. Tab when the tip lifts. %3</source>
      <translation>%1 s sur la jonction, %2 s au plus. Tab quand la panne se lève. %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>%1 s: lift the iron. More than %2 s heats what lies behind.</source>
      <translation>%1 s : lever le fer. Plus de %2 s chauffe ce qui est derrière.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>Off for %1 s. Hold still until the shine goes dull; Enter takes the time.</source>
      <translation>Levée depuis %1 s. Ne pas bouger jusqu'à ce que l'éclat ternisse ; Entrée prend le temps.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>With %1 W it is hot after about %2 s.</source>
      <translation>Avec %1 W c'est chaud après environ %2 s.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>With %1 W it is hot after about %2 s: too slow. %3 W is right.</source>
      <translation>Avec %1 W c'est chaud après environ %2 s : trop lent. Il faut %3 W.</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>Ring</source>
      <translation>Anneau</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>Take the %1</source>
      <translation>Prendre %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Job</source>
      <translation>Travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Pack</source>
      <translation>Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Stands</source>
      <translation>Debout</translation>
    </message>
    <message>
      <location filename="firmcell/app/learning.py" />
      <source>leads</source>
      <translation>câbles</translation>
    </message>
    <message>
      <location filename="firmcell/app/learning.py" />
      <source>orchard-hoist</source>
      <translation>orchard-hoist</translation>
    </message>
    <message>
      <location filename="firmcell/app/main_window.py" />
      <source>%1[*] – %2 – Firm Cell</source>
      <translation>%1[*] – %2 – Firm Cell</translation>
    </message>
    <message>
      <location filename="firmcell/app/main_window.py" />
      <source>Firm Cell</source>
      <translation>Firm Cell</translation>
    </message>
    <message>
      <location filename="firmcell/app/main_window.py" />
      <source>Numbers of the part picked</source>
      <translation>Chiffres de la partie choisie</translation>
    </message>
    <message>
      <location filename="firmcell/app/measured_files.py" />
      <source>cell %1</source>
      <translation>cellule %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Across all jobs…</source>
      <translation>&amp;Tous les travaux…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Bench</source>
      <translation>É&amp;tabli</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Bench mode, large type</source>
      <translation>Mode éta&amp;bli, grands caractères</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Both faces</source>
      <translation>Les &amp;deux faces</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Cells in stock…</source>
      <translation>&amp;Éléments en stock…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Copy the picture</source>
      <translation>&amp;Copier l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Edit</source>
      <translation>&amp;Édition</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Find a command or a part…</source>
      <translation>&amp;Chercher une commande ou une partie…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Fit the picture</source>
      <translation>&amp;Ajuster l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Go</source>
      <translation>A&amp;ller</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Guide to this page</source>
      <translation>&amp;Guide de cette page</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Hand</source>
      <translation>&amp;Main</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;History, remarks, attachments…</source>
      <translation>&amp;Historique, remarques, pièces jointes…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Inch (in, AWG, °F)</source>
      <translation>&amp;Pouce (in, AWG, °F)</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Incident: smoke, heat, a short…</source>
      <translation>&amp;Incident : fumée, chaleur, court-circuit…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Job</source>
      <translation>&amp;Travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Keys and words…</source>
      <translation>&amp;Touches et mots du métier…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Light or dark</source>
      <translation>&amp;Clair ou sombre</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Live metal on the picture</source>
      <translation>Métal nu sous &amp;tension sur l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Match cells into this pack…</source>
      <translation>&amp;Assortir des éléments pour ce pack…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Meter…</source>
      <translation>&amp;Appareil de mesure…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Metric (mm, mm², °C)</source>
      <translation>&amp;Métrique (mm, mm², °C)</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;New job…</source>
      <translation>&amp;Nouveau travail…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Not right…</source>
      <translation>&amp;Pas bon…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Open…</source>
      <translation>&amp;Ouvrir…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Passed</source>
      <translation>&amp;Réussi</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Practise with a hidden fault…</source>
      <translation>S'exercer avec un défaut &amp;caché…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Quit</source>
      <translation>&amp;Quitter</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Rating plate, large or in a line</source>
      <translation>&amp;Plaque signalétique, grande ou en une ligne</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Read with the meter</source>
      <translation>&amp;Lire avec l'appareil de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Redo</source>
      <translation>&amp;Refaire</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Save now</source>
      <translation>Enregistrer &amp;maintenant</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Scan cells into their places…</source>
      <translation>&amp;Scanner les éléments à leur place…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Section through the pack</source>
      <translation>&amp;Coupe du pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Start page</source>
      <translation>Page de &amp;départ</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Turn over about the other axis</source>
      <translation>&amp;Retourner autour de l'autre axe</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Undo</source>
      <translation>&amp;Annuler</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;View</source>
      <translation>&amp;Affichage</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Watch a charge or a capacity test…</source>
      <translation>&amp;Surveiller une charge ou un essai de capacité…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Where the register is…</source>
      <translation>&amp;Où se trouve le registre…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Who is at the bench…</source>
      <translation>&amp;Qui est à l'établi…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Workshop</source>
      <translation>&amp;Atelier</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Zoom to the part picked</source>
      <translation>&amp;Zoomer sur la partie choisie</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>+ and −</source>
      <translation>+ et −</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>All f&amp;indings, or the worst</source>
      <translation>Tous les c&amp;onstats, ou le pire</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Alt+%1</source>
      <translation>Alt+%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Apply the &amp;fix of the finding</source>
      <translation>Appliquer le &amp;remède du constat</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Arrows</source>
      <translation>Flèches</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>As the desktop</source>
      <translation>Comme le bureau</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Botto&amp;m face alone</source>
      <translation>Face du &amp;dessous seule</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Button bo&amp;x or pedals…</source>
      <translation>Boîtier à to&amp;uches ou pédales…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+.</source>
      <translation>Ctrl+.</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+0</source>
      <translation>Ctrl+0</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+1</source>
      <translation>Ctrl+Alt+1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+2</source>
      <translation>Ctrl+Alt+2</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+3</source>
      <translation>Ctrl+Alt+3</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+A</source>
      <translation>Ctrl+Alt+A</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+C</source>
      <translation>Ctrl+Alt+C</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+D</source>
      <translation>Ctrl+Alt+D</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+G</source>
      <translation>Ctrl+Alt+G</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+H</source>
      <translation>Ctrl+Alt+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+I</source>
      <translation>Ctrl+Alt+I</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+J</source>
      <translation>Ctrl+Alt+J</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+K</source>
      <translation>Ctrl+Alt+K</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+L</source>
      <translation>Ctrl+Alt+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+O</source>
      <translation>Ctrl+Alt+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+P</source>
      <translation>Ctrl+Alt+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+R</source>
      <translation>Ctrl+Alt+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+S</source>
      <translation>Ctrl+Alt+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+T</source>
      <translation>Ctrl+Alt+T</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+W</source>
      <translation>Ctrl+Alt+W</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+D</source>
      <translation>Ctrl+D</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+E</source>
      <translation>Ctrl+E</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+F</source>
      <translation>Ctrl+F</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+F1</source>
      <translation>Ctrl+F1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+H</source>
      <translation>Ctrl+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+N</source>
      <translation>Ctrl+N</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+O</source>
      <translation>Ctrl+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+P</source>
      <translation>Ctrl+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+PgDown</source>
      <translation>Ctrl+PgDown</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+PgUp</source>
      <translation>Ctrl+PgUp</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Q</source>
      <translation>Ctrl+Q</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+R</source>
      <translation>Ctrl+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+S</source>
      <translation>Ctrl+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+0</source>
      <translation>Ctrl+Maj+0</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+H</source>
      <translation>Ctrl+Maj+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+O</source>
      <translation>Ctrl+Maj+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+P</source>
      <translation>Ctrl+Maj+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+S</source>
      <translation>Ctrl+Maj+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+Z</source>
      <translation>Ctrl+Maj+Z</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Space</source>
      <translation>Ctrl+Espace</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+T</source>
      <translation>Ctrl+T</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+W</source>
      <translation>Ctrl+W</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Z</source>
      <translation>Ctrl+Z</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Enter</source>
      <translation>Entrée</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Esc</source>
      <translation>Échap</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on findings</source>
      <translation>Aller aux constats</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on page</source>
      <translation>Aller à la page</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on picture</source>
      <translation>Aller à l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on stages</source>
      <translation>Aller aux étapes</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>He&amp;lp</source>
      <translation>A&amp;ide</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>In lists</source>
      <translation>Dans les listes</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Instr&amp;uments…</source>
      <translation>&amp;Instruments…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Jobs in a &amp;folder…</source>
      <translation>Travaux dans un &amp;dossier…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>La&amp;nguage</source>
      <translation>La&amp;ngue</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Light or dark as the &amp;desktop</source>
      <translation>Clair ou sombre comme le &amp;bureau</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Next section of the page</source>
      <translation>Section suivante de la page</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>On the picture</source>
      <translation>Sur l'image</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Open &amp;recent</source>
      <translation>Ouverts &amp;récemment</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>P&amp;hotos of the pack…</source>
      <translation>P&amp;hotos du pack…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Pr&amp;int the picture at 1:1…</source>
      <translation>&amp;Imprimer l'image à 1:1…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Practise by e&amp;ye…</source>
      <translation>S'exercer à l'&amp;œil…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>R&amp;esolve the incident…</source>
      <translation>&amp;Clore l'incident…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Read &amp;tests of cells (CSV)…</source>
      <translation>Lire des &amp;essais de cellules (CSV)…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Save a &amp;copy as…</source>
      <translation>Enregistrer une &amp;copie sous…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Save as a te&amp;mplate, without records…</source>
      <translation>Enregistrer comme &amp;modèle, sans registre…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Section before</source>
      <translation>Section précédente</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Shift+F1</source>
      <translation>Maj+F1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Shopping &amp;list…</source>
      <translation>Liste d’ac&amp;hats…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>T&amp;op face alone</source>
      <translation>Face du &amp;dessus seule</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>The &amp;day: plan and reminders…</source>
      <translation>La &amp;journée : plan et rappels…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Up and Down</source>
      <translation>Haut et bas</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Wh&amp;y this finding?</source>
      <translation>&amp;Pourquoi ce constat ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>What the sh&amp;op has…</source>
      <translation>Ce que l’atelier p&amp;ossède…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write &amp;passport PDF…</source>
      <translation>Écrire le &amp;passeport en PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write &amp;templates at 1:1, PDF…</source>
      <translation>Écrire les &amp;gabarits à 1:1, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write passport &amp;HTML…</source>
      <translation>Écrire le passeport en &amp;HTML…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write templates at 1:1, &amp;DXF…</source>
      <translation>Écrire les gabarits à 1:1, &amp;DXF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write the picture, SVG or P&amp;NG…</source>
      <translation>Écrire l'image, SVG ou P&amp;NG…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Your &amp;first pack, step by step</source>
      <translation>Votre &amp;premier pack, pas à pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>[ and ]</source>
      <translation>[ et ]</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>fit</source>
      <translation>ajuster</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>go there, or take it</source>
      <translation>y aller, ou le prendre</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>move</source>
      <translation>déplacer</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>pick nothing</source>
      <translation>ne rien choisir</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>walk from part to part</source>
      <translation>aller de partie en partie</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>zoom</source>
      <translation>zoom</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>&amp;Kind of job</source>
      <translation>&amp;Genre de travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>&amp;Spot welder of the shop</source>
      <translation>&amp;Poste à souder de l'atelier</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>A first design is made from this: for a pack the lightest cells that meet it; for leads: wire, connector and fuse. A pack that is there stays as it is. Everything can be changed after.</source>
      <translation>Une première version en est faite : pour un pack les cellules les plus légères qui y répondent ; pour des câbles fil, connecteur et fusible. Un pack existant reste comme il est. Tout peut être changé ensuite.</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>Choose…</source>
      <translation>Choisir…</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>File</source>
      <translation>Fichier</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>File of the job</source>
      <translation>Fichier du travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>Make the job</source>
      <translation>Créer le travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>New job</source>
      <translation>Nouveau travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>What is to be done, and what is asked of it?</source>
      <translation>Que faut-il faire, et qu'en demande-t-on ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>new</source>
      <translation>nouveau</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>none: tabs on the cells are soldered</source>
      <translation>aucun : on soude à l'étain sur les pattes des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pack_choices.py" />
      <source>As soon as voltages and current are there, packs that would do it appear here.</source>
      <translation>Dès que les tensions et le courant sont là, les packs qui conviendraient paraissent ici.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pack_choices.py" />
      <source>Packs that would do it; the one picked is made</source>
      <translation>Packs qui conviendraient ; celui choisi est créé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/base_page.py" />
      <source>Stage %1</source>
      <translation>Étape %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>%1; %2 passed, %3 reworked. %4Recording as %5.</source>
      <translation>%1 ; %2 réussis, %3 repris. %4Inscription au nom de %5.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>About</source>
      <translation>Environ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>All steps</source>
      <translation>Tous les pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Bench</source>
      <translation>Établi</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Lay out before you begin</source>
      <translation>À préparer avant de commencer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Read</source>
      <translation>Lu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Step %1 of %2</source>
      <translation>Pas %1 sur %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Steps of this job</source>
      <translation>Pas de ce travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>strip</source>
      <translation>bande</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>%1 probe on the picked part</source>
      <translation>Pointe %1 sur la partie choisie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Between any two places</source>
      <translation>Entre deux endroits quelconques</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Black</source>
      <translation>Noir</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Ctrl+Alt+B</source>
      <translation>Ctrl+Alt+B</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Picked part</source>
      <translation>Partie choisie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Puts the probe on the part picked on the picture (%1)</source>
      <translation>Pose la pointe sur la partie choisie sur l'image (%1)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Red</source>
      <translation>Rouge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Says what the reading means</source>
      <translation>Dit ce que signifie la lecture</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What a meter must show</source>
      <translation>Ce qu'un appareil de mesure doit montrer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What does it &amp;mean?</source>
      <translation>Que &amp;signifie-t-elle ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What the meter shows between the two places, volts</source>
      <translation>Ce que l'appareil montre entre les deux endroits, volts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What the reading means</source>
      <translation>Ce que signifie la lecture</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>what it shows</source>
      <translation>ce qu'il montre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 kΩ at %2</source>
      <translation>%1 kΩ à %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 m in %2 leads</source>
      <translation>%1 m en %2 fils</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 mA evens out %2 between groups in about %3 h of charging</source>
      <translation>%1 mA rattrapent %2 entre groupes en environ %3 h de charge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 steady, trips above %2 after %3 s%4; charges with up to %5; %6 port, switches the %7</source>
      <translation>%1 en continu, coupe au-dessus de %2 après %3 s%4 ; charge jusqu'à %5 ; port %6, coupe le %7</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 ± %2 V from each pin to the next, red on the higher</source>
      <translation>%1 ± %2 V d'une broche à la suivante, rouge sur la plus haute</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>&amp;No board</source>
      <translation>&amp;Aucune carte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>&amp;Own board…</source>
      <translation>&amp;Carte à soi…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>A balance charger only</source>
      <translation>Un chargeur équilibreur seulement</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>B0 is on the pack's negative, whichever end you began with. Before the plug goes in, measure every pin against B0: each must read one cell more than the one before.</source>
      <translation>B0 est au moins du pack, quel que soit le bout où l'on a commencé. Avant de brancher la fiche, mesurer chaque broche contre B0 : chacune doit lire une cellule de plus que la précédente.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>BMS: board, taps and wires</source>
      <translation>BMS : carte, prises et fils</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Balancing</source>
      <translation>Équilibrage</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Board</source>
      <translation>Carte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Boards compared</source>
      <translation>Cartes comparées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Boards in the part library, best match first, with what speaks against each. Enter selects one.</source>
      <translation>Cartes de la bibliothèque, la plus proche d'abord, avec ce qui parle contre chacune. Entrée en choisit une.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Carries</source>
      <translation>Porte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Colour</source>
      <translation>Couleur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Currents</source>
      <translation>Courants</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Enter a board of your own, with the names on its pads</source>
      <translation>Entrer une carte à soi, avec les noms de ses plages</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Every wire with length, gauge, colour and ends</source>
      <translation>Chaque fil avec longueur, section, couleur et bouts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Face</source>
      <translation>Face</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>From</source>
      <translation>De</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Full V</source>
      <translation>Plein V</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>If two leads touch</source>
      <translation>Si deux fils se touchent</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>In storage</source>
      <translation>En stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>It &amp;reads</source>
      <translation>&amp;Il indique</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Lies</source>
      <translation>Posé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Load mV</source>
      <translation>Charge mV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Now V ±</source>
      <translation>Maintenant V ±</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Pad</source>
      <translation>Plage</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Pin to pin</source>
      <translation>De broche à broche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Reading of the temperature sensor, kΩ</source>
      <translation>Lecture de la sonde de température, kΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Schematic, and a board with nails to make the harness on</source>
      <translation>Schéma, et planche à clous pour faire le faisceau</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Sense leads</source>
      <translation>Fils de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Sense wire needed</source>
      <translation>Fil de mesure nécessaire</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Should read</source>
      <translation>Doit indiquer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Tap</source>
      <translation>Prise</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Taps</source>
      <translation>Prises</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Taps, from the pack's negative</source>
      <translation>Prises, depuis le moins du pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Temperature sensor</source>
      <translation>Sonde de température</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Thresholds</source>
      <translation>Seuils</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>To</source>
      <translation>À</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>What the sensor's reading says</source>
      <translation>Ce que dit la lecture de la sonde</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>What trips first</source>
      <translation>Ce qui coupe d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Why not</source>
      <translation>Pourquoi pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire</source>
      <translation>Fil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire list</source>
      <translation>Liste des fils</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire list, &amp;CSV</source>
      <translation>Liste des fils, &amp;CSV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wires to cut</source>
      <translation>Fils à couper</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wiring, 1:1 &amp;PDF</source>
      <translation>Câblage 1:1, &amp;PDF</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Without a BMS</source>
      <translation>Sans BMS</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>a group is cut off below %1 and above %2</source>
      <translation>un groupe est coupé sous %1 et au-dessus de %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>about %1; the copper melts in %2 s</source>
      <translation>environ %1 ; le cuivre fond en %2 s</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>how far each reads off its tap point's middle at the steady current</source>
      <translation>de combien chacune s'écarte du milieu de sa prise au courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>kΩ</source>
      <translation>kΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>of each lead, with its service loop</source>
      <translation>de chaque fil, avec sa boucle de réserve</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>on the wrap of cell %1, the hottest by the solved heat (%2 °C at the end of a run)</source>
      <translation>sur la gaine de la cellule %1, la plus chaude selon le calcul (%2 °C à la fin d'une marche)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>reading</source>
      <translation>lecture</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 empty, %2 nominal, %3 full</source>
      <translation>%1 vide, %2 nominal, %3 pleine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 flat along, %2 flat across</source>
      <translation>%1 à plat en long, %2 à plat en travers</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 of %2 (%3 C)</source>
      <translation>%1 sur %2 (%3 C)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 × %2, worst excess %3 / %4 mm</source>
      <translation>%1 × %2, plus grand dépassement %3 / %4 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Across it</source>
      <translation>Entre les deux</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Along the pack</source>
      <translation>Le long du pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>An outline of %1 corners gives length and width; read another in the Layout stage.</source>
      <translation>Un contour de %1 coins donne longueur et largeur ; en lire un autre à l'étape Disposition.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Bare</source>
      <translation>Nu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Best</source>
      <translation>Meilleur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Brief: what is asked of the pack</source>
      <translation>Cahier : ce qui est demandé au pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Capacity</source>
      <translation>Capacité</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cells compared</source>
      <translation>Cellules comparées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cells: which one, and what each must give</source>
      <translation>Cellules : laquelle, et ce que chacune doit donner</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Conditions of use</source>
      <translation>Conditions d'emploi</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cycles left</source>
      <translation>Cycles restants</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Designation</source>
      <translation>Désignation</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Fits</source>
      <translation>Tient</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>From the inside out</source>
      <translation>De l'intérieur vers l'extérieur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Hot air from the middle outwards, moving. Low heat: pack sleeve shrinks early and burns through.</source>
      <translation>Air chaud du milieu vers l'extérieur, en bougeant. Peu de chaleur : la gaine de pack rétrécit tôt et se perce.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Insulation: sheet, tape and heat-shrink</source>
      <translation>Isolation : feuille, ruban et gaine thermorétractable</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Load</source>
      <translation>Appareil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Loses a day</source>
      <translation>Perd par jour</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Outer size</source>
      <translation>Encombrement</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Outside</source>
      <translation>Dehors</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Peak</source>
      <translation>Pointe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Pick a cell to see what it meets and where it falls short.</source>
      <translation>Choisir une cellule pour voir ce qu'elle satisfait et où elle manque.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Reclaimed cells: record each test at the bench, or read a CSV in menu Bench: cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin.</source>
      <translation>Cellules récupérées : inscrire chaque essai à l'établi, ou lire un CSV au menu Établi : cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Resistance</source>
      <translation>Résistance</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Run time</source>
      <translation>Autonomie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Run: the pack through time</source>
      <translation>Marche : le pack dans le temps</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Sleeve</source>
      <translation>Gaine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Smallest sleeve that slides on</source>
      <translation>Plus petite gaine qui s'enfile</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Space</source>
      <translation>Espace</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Steady</source>
      <translation>Continu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Tested cells</source>
      <translation>Cellules essayées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>The pack as it is</source>
      <translation>Le pack tel qu'il est</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>This pack's cell</source>
      <translation>La cellule de ce pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Use this cell</source>
      <translation>Prendre cette cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Uses the cell picked in the table, with its best series and parallel count (Enter)</source>
      <translation>Prend la cellule choisie dans le tableau, avec ses meilleurs nombres en série et en parallèle (Entrée)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Values</source>
      <translation>Valeurs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Verdict</source>
      <translation>Verdict</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Voltages</source>
      <translation>Tensions</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Weight of the cells</source>
      <translation>Poids des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>What each cell would make of the brief</source>
      <translation>Ce que chaque cellule ferait du cahier</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>about %1</source>
      <translation>environ %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>cut %1; wall %2 mm once shrunk</source>
      <translation>coupée à %1 ; paroi %2 mm une fois rétrécie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>fits</source>
      <translation>convient</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>height</source>
      <translation>hauteur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>length</source>
      <translation>longueur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>width</source>
      <translation>largeur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>yes, with the clearance on every side</source>
      <translation>oui, avec le jeu de chaque côté</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Next section (Ctrl+Page Down)</source>
      <translation>Section suivante (Ctrl+Page suivante)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Section before (Ctrl+Page Up)</source>
      <translation>Section précédente (Ctrl+Page précédente)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Section of the page</source>
      <translation>Section de la page</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1 between cells</source>
      <translation>%1 entre les cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1 to the edge, %2 needed</source>
      <translation>%1 jusqu'au bord, %2 nécessaires</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1; every cell touches the next group</source>
      <translation>%1 ; chaque cellule touche le groupe suivant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1; only %2 of %3 cells of groups %4 and %5 touch the other group</source>
      <translation>%1 ; seules %2 des %3 cellules des groupes %4 et %5 touchent l'autre groupe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>at the edge %1, height %2</source>
      <translation>au bord %1, hauteur %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 Ah, %2 rated, %3 to the load, %4</source>
      <translation>%1 Ah, %2 nominaux, %3 à l'appareil, %4</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 W steady, %2 W at the peak</source>
      <translation>%1 W en continu, %2 W à la pointe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 steady, %2 at the peak</source>
      <translation>%1 en continu, %2 à la pointe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1, %2; longest way to a lead %3</source>
      <translation>%1, %2 ; plus long chemin jusqu'à un câble %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;1:1 templates, PDF</source>
      <translation>Gabarits &amp;1:1, PDF</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Block this place</source>
      <translation>&amp;Bloquer cette place</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;CSV of cells</source>
      <translation>&amp;CSV des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;DXF, layers named</source>
      <translation>&amp;DXF, calques nommés</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Group to paint</source>
      <translation>&amp;Groupe à peindre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Holder, STL</source>
      <translation>&amp;Support, STL</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Outline from file…</source>
      <translation>C&amp;ontour depuis un fichier…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Unlock all</source>
      <translation>Tout &amp;libérer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Across</source>
      <translation>En travers</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Along</source>
      <translation>En long</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>As drawn, in mm</source>
      <translation>Comme dessiné, en mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Blocked</source>
      <translation>Bloqué</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Blocked places</source>
      <translation>Places bloquées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Both faces, sheet, plates and holder at 1:1 with a check ruler, tiled over A4 or Letter</source>
      <translation>Les deux faces, feuille, plaques et support à 1:1 avec réglet de contrôle, répartis sur A4 ou Letter</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>By hand</source>
      <translation>À la main</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Cell count</source>
      <translation>Nombre de cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Cells</source>
      <translation>Cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Content</source>
      <translation>Contenu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Ctrl+1 to Ctrl+9 and Ctrl+L take up a tool; Ctrl+Z takes back what it did.</source>
      <translation>Ctrl+1 à Ctrl+9 et Ctrl+L prennent un outil ; Ctrl+Z reprend ce qu'il a fait.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>DXF, SVG, or CSV of points in mm</source>
      <translation>DXF, SVG, ou CSV de points en mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Each cell</source>
      <translation>Chaque cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Every cell may be moved and sorted again</source>
      <translation>Chaque cellule peut de nouveau être déplacée et triée</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Faces, plates and insulation sheet as lines in mm</source>
      <translation>Faces, plaques et feuille isolante en lignes en mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Full</source>
      <translation>Pleine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Group to paint</source>
      <translation>Groupe à peindre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Heat</source>
      <translation>Chaleur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>How good this layout is</source>
      <translation>Ce que vaut cette disposition</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>How the cells lie</source>
      <translation>Comment les cellules sont posées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>In whole rows:</source>
      <translation>En rangées entières :</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Joints</source>
      <translation>Jonctions</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Layout: how many cells, and where they stand</source>
      <translation>Disposition : combien de cellules, et où elles sont</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Links</source>
      <translation>Liaisons</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Mass</source>
      <translation>Masse</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Near empty</source>
      <translation>Presque vide</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Nothing may stand there, through the whole height</source>
      <translation>Rien ne peut se trouver là, sur toute la hauteur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Number, group, direction and place of every cell</source>
      <translation>Numéro, groupe, sens et place de chaque cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Out</source>
      <translation>Sorties</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Pick one to see what it meets and where it falls short.</source>
      <translation>En choisir une pour voir ce qu'elle satisfait et où elle manque.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Picked cells, all at once:</source>
      <translation>Cellules choisies, toutes à la fois :</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Possible cell counts</source>
      <translation>Nombres de cellules possibles</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Room left</source>
      <translation>Place restante</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>S&amp;VG of both faces</source>
      <translation>S&amp;VG des deux faces</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Sag</source>
      <translation>Chute</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Smallest gap</source>
      <translation>Plus petit écart</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Space: %1, %2. Cells: %3.</source>
      <translation>Espace : %1, %2. Cellules : %3.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Strips</source>
      <translation>Bandes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>The cells go back to whole rows of that count</source>
      <translation>Les cellules retournent en rangées entières de ce nombre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>The row picked in the table</source>
      <translation>La ligne choisie dans le tableau</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>To the load</source>
      <translation>À l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Two halves of a cell holder, as closed solids to print</source>
      <translation>Deux moitiés d'un support de cellules, en solides fermés à imprimer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Unbloc&amp;k the picked one</source>
      <translation>&amp;Débloquer la place choisie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Use this count</source>
      <translation>Prendre ce nombre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>What this gives</source>
      <translation>Ce que cela donne</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>a box</source>
      <translation>une boîte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>an outline of %1 corners</source>
      <translation>un contour de %1 coins</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>each in its place, %1; %2 free</source>
      <translation>chacune à sa place, %1 ; %2 libres</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>in whole rows</source>
      <translation>en rangées entières</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>screw post</source>
      <translation>borne à vis</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Find places</source>
      <translation>&amp;Trouver des places</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Lattice</source>
      <translation>&amp;Réseau</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Sort again</source>
      <translation>&amp;Trier de nouveau</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Cells keep their places; groups are sorted anew, locked cells keep theirs. Each press tries further.</source>
      <translation>Les cellules gardent leurs places ; les groupes sont triés de nouveau, les cellules verrouillées gardent le leur. Chaque appui cherche plus loin.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Drops individual places: cells stand in whole rows again</source>
      <translation>Abandonne les places individuelles : les cellules reviennent en rangées entières</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Ends the search with the best so far (Esc)</source>
      <translation>Finit la recherche avec le meilleur trouvé (Échap)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Lattice to look for places on</source>
      <translation>Réseau sur lequel chercher des places</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Looks for the best angle, offset and lattice, then sorts into groups</source>
      <translation>Cherche le meilleur angle, décalage et réseau, puis trie en groupes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Places and groups</source>
      <translation>Places et groupes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Progress of the search</source>
      <translation>Progression de la recherche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>S&amp;top and keep the best</source>
      <translation>&amp;Arrêter et garder le meilleur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Whole &amp;rows</source>
      <translation>&amp;Rangées entières</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>best of all</source>
      <translation>le meilleur de tous</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>free, hugging the edges</source>
      <translation>libre, au plus près des bords</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>square</source>
      <translation>carré</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>staggered</source>
      <translation>en quinconce</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Charts</source>
      <translation>Diagrammes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Current against copper area with published tables; the fuse in time; the lead along its length</source>
      <translation>Courant selon la section de cuivre avec des tables publiées ; le fusible dans le temps ; le câble sur sa longueur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Show the c&amp;harts</source>
      <translation>Montrer les &amp;diagrammes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>along</source>
      <translation>en long</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>bottom</source>
      <translation>dessous</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>hobby's chassis figure</source>
      <translation>valeur des amateurs pour le câblage en coffret</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 J spark, up to %2 for a moment; through %3 Ω, %4 W it is %5 and done in %6 s. Never switch the load on through it: it would burn with %7 W</source>
      <translation>étincelle de %1 J, jusqu'à %2 un instant ; à travers %3 Ω, %4 W c'est %5, fini en %6 s. Ne jamais mettre l'appareil en marche à travers elle : elle brûlerait avec %7 W</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 W or more (needs %2 W), wide tip at 370–400 °C, about %3 s to come to heat: much heat for a short time</source>
      <translation>%1 W ou plus (il faut %2 W), panne large à 370–400 °C, environ %3 s pour chauffer : beaucoup de chaleur, peu de temps</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 shrinking to %2, cut %3; on the wire first, far back from the heat</source>
      <translation>%1 rétrécissant à %2, coupée à %3 ; d'abord sur le fil, loin de la chaleur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 thick, bent no tighter than %2 inside, %3 g for both</source>
      <translation>%1 d'épaisseur, jamais plié plus serré que %2 à l'intérieur, %3 g pour les deux</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1: alone in free air at 30 °C, at their own limits</source>
      <translation>%1 : seul à l'air libre à 30 °C, à ses propres limites</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1; opens a dead short within %2 s, %3; plugging in is %4 of what it takes</source>
      <translation>%1 ; ouvre un court-circuit franc en %2 s, %3 ; le branchement est %4 de ce qu'il supporte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>; %1 matings</source>
      <translation> ; %1 branchements</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>about %1, %2 mV%3</source>
      <translation>environ %1, %2 mV%3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>always before the wire is damaged</source>
      <translation>toujours avant que le fil ne souffre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>at most %1 K at the pack through %2 of wire</source>
      <translation>au plus %1 K au pack à travers %2 de fil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>carries the peak indefinitely</source>
      <translation>porte la pointe indéfiniment</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>holds the peak %1 s for certain</source>
      <translation>tient la pointe %1 s à coup sûr</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>must hold %1 N (%2)</source>
      <translation>doit tenir %1 N (%2)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no bare wire both carries the load and lets go of a shorted cell before the main fuse acts: none is offered</source>
      <translation>aucun fil nu ne porte à la fois la charge et ne lâche une cellule en court-circuit avant que le fusible principal n'agisse : aucun n'est proposé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no capacitors in the load by the brief: no rush</source>
      <translation>pas de condensateurs dans l'appareil selon le cahier : pas d'appel de courant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 at %2 d.c.</source>
      <translation>%1 à %2 continu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 at %2, limited by %3; %4 times the steady current</source>
      <translation>%1 à %2, limité par %3 ; %4 fois le courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 by heat balance, %2; %3 drawn</source>
      <translation>%1 par le bilan thermique, %2 ; %3 prélevés</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 for the cup; a crimp barrel's depth and 1 mm</source>
      <translation>%1 pour le fût à souder ; pour un fût à sertir sa profondeur et 1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 mV steady, %2 mV at the peak</source>
      <translation>%1 mV en continu, %2 mV à la pointe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1, and %2 K more in the peak at most</source>
      <translation>%1, et au plus %2 K de plus à la pointe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1; limited by %2</source>
      <translation>%1 ; limité par %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Conductor</source>
      <translation>&amp;Âme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Insulation</source>
      <translation>&amp;Isolant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Strands</source>
      <translation>&amp;Brins</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>A good joint looks like</source>
      <translation>À quoi ressemble une bonne jonction</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>At the bench: this joint</source>
      <translation>À l'établi : cette jonction</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Best for this pack first; the face is that of the half on the pack. Enter selects it.</source>
      <translation>Le meilleur pour ce pack d'abord ; on voit la moitié qui est sur le pack. Entrée le choisit.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Breaking capacity needed</source>
      <translation>Pouvoir de coupure nécessaire</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Cell fuse links</source>
      <translation>Fusibles de cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Connector</source>
      <translation>Connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Contacts</source>
      <translation>Contacts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Fuse or breaker</source>
      <translation>Fusible ou disjoncteur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Fuse or breaker?</source>
      <translation>Fusible ou disjoncteur ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Gauges compared</source>
      <translation>Sections comparées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Heat at the far end</source>
      <translation>Chaleur à l'autre bout</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>If crimped instead</source>
      <translation>Si serti à la place</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>In a short circuit</source>
      <translation>En court-circuit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Iron</source>
      <translation>Fer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Laid</source>
      <translation>Pose</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Leads: wire, connector, fuse</source>
      <translation>Câbles : fil, connecteur, fusible</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Loses</source>
      <translation>Perd</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Main leads</source>
      <translation>Câbles principaux</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>On the pack</source>
      <translation>Sur le pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Plugging in</source>
      <translation>Branchement</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Polarity</source>
      <translation>Polarité</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Published ratings</source>
      <translation>Valeurs publiées</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Rating</source>
      <translation>Valeur nominale</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Strip off</source>
      <translation>Dénuder</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Suggested wire</source>
      <translation>Fil proposé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Timing</source>
      <translation>Temps</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Warms to</source>
      <translation>Chauffe jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Way of the current</source>
      <translation>Chemin du courant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Where</source>
      <translation>Où</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>a fuse is cheap and certain; a breaker is quick to reset in a bad place and slower to open</source>
      <translation>un fusible est bon marché et sûr ; un disjoncteur se réarme vite à un mauvais endroit et ouvre plus lentement</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>about %1; the wire withstands it %2 s</source>
      <translation>environ %1 ; le fil le supporte %2 s</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>bright and smooth, strands in outline</source>
      <translation>brillant et lisse, brins dessinés</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>from %1 (carries the load) to %2 (protects the wire)</source>
      <translation>de %1 (porte la charge) à %2 (protège le fil)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>in the plus lead, as near the pack as it goes; a second sleeve over the wire before it</source>
      <translation>dans le câble plus, le plus près possible du pack ; une seconde gaine sur le fil avant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>plain</source>
      <translation>nu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>tinned</source>
      <translation>étamé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Ctrl+Alt+Down</source>
      <translation>Ctrl+Alt+Down</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Ctrl+Alt+Up</source>
      <translation>Ctrl+Alt+Up</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Joint &amp;earlier</source>
      <translation>Jonction plus &amp;tôt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Joint &amp;later</source>
      <translation>Jonction plus &amp;tard</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Moves the joint at hand among those of its face (%1)</source>
      <translation>Déplace la jonction en cours parmi celles de sa face (%1)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Order of the joints</source>
      <translation>Ordre des jonctions</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>What the order exposes</source>
      <translation>Ce que l'ordre expose</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Cut</source>
      <translation>Coupe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Have</source>
      <translation>En stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>In stock</source>
      <translation>En stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts l&amp;ist, CSV or PDF…</source>
      <translation>Liste des p&amp;ièces, CSV ou PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts to have at hand</source>
      <translation>Pièces à avoir sous la main</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts to have at hand, with spares</source>
      <translation>Pièces à préparer, réserve comprise</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>What to buy and to lay out, with cut lengths and spares, and room for prices</source>
      <translation>Ce qu'il faut acheter et préparer, avec longueurs de coupe et réserves, et place pour les prix</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>%1 × %2 mm, label printer</source>
      <translation>%1 × %2 mm, imprimante d'étiquettes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Before and after</source>
      <translation>Avant et après</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Cautions</source>
      <translation>Précautions</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Charging and storage</source>
      <translation>Charge et stockage</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Label at 1:1, PDF…</source>
      <translation>Étiquette à 1:1, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Not finished: %1</source>
      <translation>Pas fini : %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Of a printer of labels, wide × high in mm; any other size can be typed</source>
      <translation>D'une imprimante d'étiquettes, largeur × hauteur en mm ; toute autre taille peut être tapée</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>On the label</source>
      <translation>Sur l'étiquette</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Passport: what goes with the pack</source>
      <translation>Passeport : ce qui accompagne le pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>QR code of the essentials</source>
      <translation>Code QR de l'essentiel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Ratings</source>
      <translation>Valeurs nominales</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Record</source>
      <translation>Registre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Size of the label</source>
      <translation>Taille de l'étiquette</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Wiring sketch for the lid, PDF…</source>
      <translation>Croquis de câblage pour le couvercle, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>With the photos of the steps</source>
      <translation>Avec les photos des pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Write the HTML…</source>
      <translation>Écrire le HTML…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Write the PDF… (Ctrl+P)</source>
      <translation>Écrire le PDF… (Ctrl+P)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>black</source>
      <translation>noir</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>label as its side, on a sheet</source>
      <translation>étiquette comme son côté, sur une feuille</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>white</source>
      <translation>blanc</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Records of this job, newest first</source>
      <translation>Inscriptions de ce travail, la plus récente d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Take back…</source>
      <translation>Reprendre…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Takes the picked record back by a further record; nothing is erased</source>
      <translation>Reprend l'inscription choisie par une autre ; rien n'est effacé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>&amp;Moment</source>
      <translation>&amp;Instant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>&amp;Paint</source>
      <translation>&amp;Peindre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>Moment of the run</source>
      <translation>Instant de la marche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>Move it through the run; the picture shows the pack at that moment</source>
      <translation>Le déplacer le long de la marche ; l'image montre le pack à cet instant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>What is painted on the cells</source>
      <translation>Ce qui est peint sur les cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>charge</source>
      <translation>charge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>current</source>
      <translation>courant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Air, and pack at the start</source>
      <translation>&amp;Air, et pack au départ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Drawn</source>
      <translation>&amp;Prélevé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Keep to compare</source>
      <translation>&amp;Garder pour comparer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Run it</source>
      <translation>&amp;Lancer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>CS&amp;V…</source>
      <translation>CS&amp;V…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Cell&amp;s are</source>
      <translation>Les &amp;cellules sont</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Ends the run where it is</source>
      <translation>Finit la marche où elle en est</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>From a c&amp;harge of</source>
      <translation>À partir d'une c&amp;harge de</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>How m&amp;uch</source>
      <translation>C&amp;ombien</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Of a charge: between what its readings should lie, minute by minute</source>
      <translation>D'une charge : entre quoi doivent se trouver ses lectures, minute par minute</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Pla&amp;n…</source>
      <translation>Pla&amp;n…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Progress of the run</source>
      <translation>Progression de la marche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>S&amp;top</source>
      <translation>&amp;Arrêter</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>The curves of this run stay, dashed, behind those of the next</source>
      <translation>Les courbes de cette marche restent, en tirets, derrière celles de la suivante</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>The run moment by moment: what to compare a charge at the bench with</source>
      <translation>La marche instant par instant : à quoi comparer une charge à l'établi</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>What the run gives</source>
      <translation>Ce que donne la marche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>With ce&amp;lls</source>
      <translation>Avec ce&amp;llules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Works out the run; a few seconds at most</source>
      <translation>Calcule la marche ; quelques secondes au plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a current</source>
      <translation>un courant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a power</source>
      <translation>une puissance</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a profile from a file</source>
      <translation>un profil d'un fichier</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>nothing: charge it</source>
      <translation>rien : le charger</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>nothing: left in store</source>
      <translation>rien : laissé en stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>the brief's current with its peaks</source>
      <translation>le courant du cahier avec ses pointes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>the brief's steady current</source>
      <translation>le courant continu du cahier</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>those of the design</source>
      <translation>celles du projet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Crimp</source>
      <translation>Sertir</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Not right… (Ctrl+R)</source>
      <translation>Pas bon… (Ctrl+R)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Passed (Ctrl+Space)</source>
      <translation>Réussi (Ctrl+Espace)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Record %1%2</source>
      <translation>Inscrire %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Record what is ticked%1</source>
      <translation>Inscrire ce qui est coché%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>at</source>
      <translation>à</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>plus</source>
      <translation>plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>screws</source>
      <translation>vis</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>welds</source>
      <translation>soudures</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Keeps a picture with this step; or drop one on this page</source>
      <translation>Garde une image avec ce pas ; ou en déposer une sur cette page</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Keeps the picture on the clipboard with this step (Ctrl+Alt+V)</source>
      <translation>Garde l'image du presse-papiers avec ce pas (Ctrl+Alt+V)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>P&amp;hoto…</source>
      <translation>P&amp;hoto…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Paste</source>
      <translation>Coller</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Photos and remarks of this step</source>
      <translation>Photos et remarques de ce pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Photos of this step; Enter shows one large</source>
      <translation>Photos de ce pas ; Entrée en montre une en grand</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Remark on this step</source>
      <translation>Remarque sur ce pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>remark, Enter keeps it</source>
      <translation>remarque, Entrée la garde</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>By four wires: a known current through the strip, millivolts between two probes on it. Or by weight and size of a piece.</source>
      <translation>Par quatre fils : un courant connu à travers la bande, millivolts entre deux pointes posées dessus. Ou par le poids et la taille d'un morceau.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Is it nickel?</source>
      <translation>Est-ce du nickel ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Judge by &amp;resistance</source>
      <translation>Juger par la &amp;résistance</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Judge by &amp;weight</source>
      <translation>Juger par le &amp;poids</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Make it the strip of the &amp;links</source>
      <translation>En faire la bande des &amp;liaisons</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Plated steel resists about twice as much as nickel</source>
      <translation>L'acier nickelé résiste environ deux fois plus que le nickel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Steel is an eighth lighter than nickel</source>
      <translation>L'acier est d'un huitième plus léger que le nickel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>With its measured resistivity and twice its uncertainty on top</source>
      <translation>Avec sa résistivité mesurée et deux fois son incertitude en plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>%1 V now at no load, %2; a short there drives about %3 in its first moment.</source>
      <translation>%1 V maintenant sans charge, %2 ; un court-circuit là donne environ %3 au premier instant.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>%1 this pad</source>
      <translation>%1 ce pôle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>Between two points</source>
      <translation>Entre deux points</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>minus</source>
      <translation>moins</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>All welds single</source>
      <translation>Souder tout en simple</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Do&amp;uble their welds</source>
      <translation>&amp;Doubler leurs soudures</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Each joint and each piece of strip gone, one by one: what is over its limit then. Look at these first, tug them, and double their welds where they are welded.</source>
      <translation>Chaque jonction et chaque morceau de bande enlevés, un par un : ce qui dépasse alors sa limite. Regarder ceux-ci d'abord, tirer dessus, et doubler leurs soudures s'ils sont soudés.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>If this joint fails</source>
      <translation>Si cette jonction lâche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Its load</source>
      <translation>Sa charge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Load now</source>
      <translation>Charge actuelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Most critical joints</source>
      <translation>Jonctions les plus critiques</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Most loaded part</source>
      <translation>Partie la plus chargée</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>No cell has twice the weld pairs any more</source>
      <translation>Plus aucune cellule n'a deux fois les paires de points</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Pack +mΩ</source>
      <translation>Pack +mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Twice the weld pairs on both pads of the cells in this list; the work plan then says so</source>
      <translation>Deux fois les paires de points sur les deux pôles des cellules de cette liste ; le plan de travail le dit alors</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>a joint of cell %1</source>
      <translation>une jonction de la cellule %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>strip %1</source>
      <translation>bande %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 W in strips (%2 Wh in a run), %3 W in cells and joints</source>
      <translation>%1 W dans les bandes (%2 Wh par marche), %3 W dans les cellules et jonctions</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 from B− to B+ warm; it sags %2 V</source>
      <translation>%1 de B− à B+ à chaud ; la tension chute de %2 V</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 in place (%2); most loaded %3 at %4 of its limit</source>
      <translation>%1 en place (%2) ; la plus chargée %3 à %4 de sa limite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1: %2 m in %3, from %4 of %5 m with %6 m left over</source>
      <translation>%1 : %2 m en %3, de %4 de %5 m, il reste %6 m</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>within %1 % of an even part (cell %2 is farthest off)</source>
      <translation>à %1 % d'une part égale (la cellule %2 s'en écarte le plus)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Between the probes</source>
      <translation>Entre les pointes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Current</source>
      <translation>Courant</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Drop between the probes</source>
      <translation>Chute entre les pointes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Length</source>
      <translation>Longueur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Strip is at</source>
      <translation>La bande est à</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Thickness</source>
      <translation>Épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Weight</source>
      <translation>Poids</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Width</source>
      <translation>Largeur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Cell currents, temperature over the duty cycle, and strips to choose from</source>
      <translation>Courants des cellules, température sur le cycle, et bandes au choix</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Plots</source>
      <translation>Courbes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Show the &amp;plots</source>
      <translation>Montrer les &amp;courbes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>cells</source>
      <translation>cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>plate</source>
      <translation>plaque</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>&amp;Draw 1000 packs</source>
      <translation>&amp;Tirer 1000 packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>&amp;Measured cells…</source>
      <translation>Cellules &amp;mesurées…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Apply the fix picked</source>
      <translation>Appliquer le remède choisi</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>CSV with a heading line such as “cell,resistance mΩ”</source>
      <translation>CSV avec une ligne de titres comme « cell,resistance mΩ »</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Cells 5 %, welds 25 %, capacity 1 % (standard deviations); always the same for one seed</source>
      <translation>Cellules 5 %, soudures 25 %, capacité 1 % (écarts types) ; toujours pareil pour un même germe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Current balance between cells</source>
      <translation>Partage du courant entre les cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Enter in the table does the same; Ctrl+Z takes it back</source>
      <translation>Entrée dans le tableau fait de même ; Ctrl+Z le reprend</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Every segment with current, drop, heat and temperature</source>
      <translation>Chaque segment avec courant, chute, chaleur et température</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Every segment, most loaded first</source>
      <translation>Chaque segment, le plus chargé d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Fix, solved and checked</source>
      <translation>Remède, calculé et vérifié</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Fixes</source>
      <translation>Remèdes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Hottest cell</source>
      <translation>Cellule la plus chaude</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Hottest strip</source>
      <translation>Bande la plus chaude</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>In place</source>
      <translation>En place</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>In-place limit</source>
      <translation>Limite en place</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Limit</source>
      <translation>Limite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Load current</source>
      <translation>Courant de charge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Long-run limit</source>
      <translation>Limite à la longue</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Metal</source>
      <translation>Métal</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Move it to see the pack at another current; the design keeps its own</source>
      <translation>Le déplacer pour voir le pack à un autre courant ; le projet garde le sien</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Netlist (&amp;SPICE)</source>
      <translation>Liste de nœuds (&amp;SPICE)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>No cell measured yet: the typical resistance of this type is used</source>
      <translation>Aucune cellule mesurée encore : la résistance usuelle de ce type est prise</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Progress</source>
      <translation>Progression</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Runs as it is in a circuit simulator</source>
      <translation>Fonctionne tel quel dans un simulateur de circuits</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Scatter of the cells</source>
      <translation>Dispersion des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segment</source>
      <translation>Segment</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segments of strip</source>
      <translation>Segments de bande</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segments, &amp;CSV</source>
      <translation>Segments, &amp;CSV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Share</source>
      <translation>Part</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Share then</source>
      <translation>Part alors</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Stock</source>
      <translation>Stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Strip</source>
      <translation>Bande</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Strips: what they carry and how warm they get</source>
      <translation>Bandes : ce qu'elles portent et combien elles chauffent</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>To cut and join</source>
      <translation>À couper et à joindre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>What is painted on the strips</source>
      <translation>Ce qui est peint sur les bandes</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>brings a long strip to %1 in %2, one face in still air</source>
      <translation>amène une bande longue à %1 en %2, une face à l'air calme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>brings the middle of a piece between its cells to the same, or 5 K over cells that are there already</source>
      <translation>amène au même le milieu d'un morceau entre ses cellules, ou à 5 K au-dessus de cellules qui y sont déjà</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>&amp;Practise…</source>
      <translation>&amp;S'exercer…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>A pack with a hidden fault and a simulated meter</source>
      <translation>Un pack avec un défaut caché et un appareil simulé</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Back to the step at the bench</source>
      <translation>Retour au pas en cours</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Between</source>
      <translation>Entre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Between any two points</source>
      <translation>Entre deux points quelconques</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Expect</source>
      <translation>Attendu</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Explanations</source>
      <translation>Explications</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>How likely</source>
      <translation>Probabilité</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Insulation</source>
      <translation>Isolation</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Insulation readings</source>
      <translation>Mesures d'isolement</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Pins are those of the plug; strips are the pack's own metal, which tells where a lead really ends.</source>
      <translation>Les broches sont celles de la fiche ; les bandes sont le métal du pack, qui dit où un fil finit vraiment.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Prove the meter first: red on a cell’s plus reads plus. Then black stays on B0; type what you read and press Enter; the next tap is waiting. A minus sign counts. Type every place that the meter shows. From 60 V on it shows tenths only: those taps are read from pin to pin.</source>
      <translation>Éprouver d'abord l'appareil : rouge sur le plus d'une cellule indique plus. Puis le noir reste sur B0 ; taper la lecture et presser Entrée ; la prise suivante attend. Un signe moins compte. Taper tous les chiffres que montre l'appareil. À partir de 60 V il ne montre que les dixièmes : ces prises se lisent de broche à broche.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Read with the &amp;meter</source>
      <translation>Lire avec l'&amp;appareil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Reading</source>
      <translation>Lecture</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Reading at %1 against B%2, volts</source>
      <translation>Lecture à %1 contre B%2, volts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Record insulation reading</source>
      <translation>Inscrire la mesure d'isolement</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Safe to plug in?</source>
      <translation>Peut-on brancher ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Takes the reading of the tap at hand from the meter chosen in the Bench menu</source>
      <translation>Prend la lecture de la prise en cours sur l'appareil choisi au menu Établi</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Taps against B0</source>
      <translation>Prises contre B0</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Test</source>
      <translation>Essai</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Tests: what the meter says</source>
      <translation>Essais : ce que dit l'appareil de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Verdict on the taps</source>
      <translation>Verdict sur les prises</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What is wrong</source>
      <translation>Ce qui est faux</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What it may be</source>
      <translation>Ce que cela peut être</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What voltages cannot show</source>
      <translation>Ce que les tensions ne montrent pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What voltages cannot show, and what does:</source>
      <translation>Ce que les tensions ne montrent pas, et ce qui le montre :</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>to read</source>
      <translation>à lire</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>&amp;Black</source>
      <translation>&amp;Noir</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>&amp;Red</source>
      <translation>&amp;Rouge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>R&amp;ecord</source>
      <translation>&amp;Inscrire</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>Reading between the two points, volts</source>
      <translation>Lecture entre les deux points, volts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>Records the reading between the two points</source>
      <translation>Inscrit la lecture entre les deux points</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>What is across the two points</source>
      <translation>Ce qu'il y a entre les deux points</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>nothing across</source>
      <translation>rien entre les deux</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Chart this &amp;peel</source>
      <translation>Porter ce &amp;pelage sur la carte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Do the welds hold?</source>
      <translation>Les soudures tiennent-elles ?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Records it: what is measured from here on is compared by itself</source>
      <translation>L'inscrit : ce qui est mesuré dès lors est comparé à part</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Records the sample and puts it on the chart</source>
      <translation>Inscrit l'échantillon et le porte sur la carte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Whether to weld on</source>
      <translation>S'il faut continuer à souder</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_marks.py" />
      <source>strips</source>
      <translation>bandes</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_view.py" />
      <source>Photo</source>
      <translation>Photo</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_window.py" />
      <source>Photos</source>
      <translation>Photos</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>About the middle of what they take up</source>
      <translation>Autour du milieu de ce qu'elles occupent</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All cells in line with the picked ones</source>
      <translation>Toutes les cellules alignées avec celles choisies</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All cells of the groups that the picked ones are in</source>
      <translation>Toutes les cellules des groupes de celles choisies</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All of them about their middle, anticlockwise</source>
      <translation>Toutes autour de leur milieu, sens inverse des aiguilles</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All of them together, the nearest way to other cells</source>
      <translation>Toutes ensemble, au plus court vers d'autres cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Bend into an arc…</source>
      <translation>Courber en arc…</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Bring to touch</source>
      <translation>Amener au contact</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Copy beside</source>
      <translation>Copier à côté</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+A</source>
      <translation>Ctrl+A</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Alt+M</source>
      <translation>Ctrl+Alt+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Backspace</source>
      <translation>Ctrl+Backspace</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+J</source>
      <translation>Ctrl+J</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+B</source>
      <translation>Ctrl+Maj+B</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+C</source>
      <translation>Ctrl+Maj+C</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+E</source>
      <translation>Ctrl+Maj+E</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+G</source>
      <translation>Ctrl+Maj+G</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+M</source>
      <translation>Ctrl+Maj+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+N</source>
      <translation>Ctrl+Maj+N</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+Q</source>
      <translation>Ctrl+Maj+Q</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+R</source>
      <translation>Ctrl+Maj+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+U</source>
      <translation>Ctrl+Maj+U</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Delete</source>
      <translation>Suppr</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Each turned where it stands</source>
      <translation>Chacune retournée sur place</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>End for end</source>
      <translation>Bout pour bout</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Every cell of the pack</source>
      <translation>Chaque cellule du pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>From along the picture; it asks for the radius of the innermost row</source>
      <translation>Le long de l'image ; on demande le rayon de la rangée intérieure</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>In one straight row, touching</source>
      <translation>En une rangée droite, au contact</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Line up</source>
      <translation>Aligner</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Mirror front, rear</source>
      <translation>Miroir devant, derrière</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Mirror left, right</source>
      <translation>Miroir gauche, droite</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick all</source>
      <translation>Tout choisir</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick group</source>
      <translation>Choisir le groupe</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick row</source>
      <translation>Choisir la rangée</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Quarter turn</source>
      <translation>Quart de tour</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Repeat strips</source>
      <translation>Répéter les bandes</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>The strips of the tap point picked, laid at the next one that lies alike</source>
      <translation>Les bandes de la prise choisie, posées à la prochaine qui se présente de même</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Whole groups become new groups; as many cells of each group go in parallel</source>
      <translation>Des groupes entiers deviennent de nouveaux groupes ; autant de cellules de chaque groupe vont en parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Whole groups, or as many cells of each group</source>
      <translation>Groupes entiers, ou autant de cellules de chaque groupe</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>Rating plate</source>
      <translation>Plaque signalétique</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>Stages</source>
      <translation>Étapes</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>empty</source>
      <translation>vide</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>From the workshop of Hollin Lea, an invented farm</source>
      <translation>De l'atelier de Hollin Lea, une ferme inventée</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>New job… (Ctrl+N)</source>
      <translation>Nouveau travail… (Ctrl+N)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Nothing yet; jobs you open are listed here.</source>
      <translation>Rien encore ; les travaux ouverts paraissent ici.</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Open a job… (Ctrl+O)</source>
      <translation>Ouvrir un travail… (Ctrl+O)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Recent jobs</source>
      <translation>Travaux récents</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>The day: plan and reminders… (Ctrl+Alt+T)</source>
      <translation>La journée : plan et rappels… (Ctrl+Alt+T)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>The whole pack in one model: every number, wire, step and check on the bench comes from it.</source>
      <translation>Tout le pack en un modèle : chaque nombre, fil, pas et contrôle à l'établi en vient.</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>To be looked at</source>
      <translation>À voir</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>To begin with</source>
      <translation>Pour commencer</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Twelve stops from brief to passport, about twenty minutes</source>
      <translation>Douze arrêts du cahier au passeport, environ vingt minutes</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Ways to a job</source>
      <translation>Chemins vers un travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>What falls due</source>
      <translation>Échéances</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Your first pack, step by step</source>
      <translation>Votre premier pack, pas à pas</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/fit_window.py" />
      <source>Place</source>
      <translation>Place</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/fit_window.py" />
      <source>Plus</source>
      <translation>Plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/tables.py" />
      <source>Findings, worst first</source>
      <translation>Constats, le pire d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>blue</source>
      <translation>bleu</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>brown</source>
      <translation>brun</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>green</source>
      <translation>vert</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>grey</source>
      <translation>gris</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>orange</source>
      <translation>orange</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>red</source>
      <translation>rouge</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>violet</source>
      <translation>violet</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>yellow</source>
      <translation>jaune</translation>
    </message>
    <message>
      <location filename="firmcell/app/trainer.py" />
      <source>It &amp;is</source>
      <translation>C'&amp;est</translation>
    </message>
    <message>
      <location filename="firmcell/app/trainer.py" />
      <source>Reads</source>
      <translation>Indique</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/analyse.py" />
      <source>ends</source>
      <translation>bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>BMS</source>
      <translation>BMS</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>bms</source>
      <translation>bms</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>brief</source>
      <translation>cahier</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>insulation</source>
      <translation>isolation</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>layout</source>
      <translation>disposition</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>passport</source>
      <translation>passeport</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>tests</source>
      <translation>essais</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/run_words.py" />
      <source>load</source>
      <translation>charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 days</source>
      <translation>%1 jours</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 months</source>
      <translation>%1 mois</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 years</source>
      <translation>%1 ans</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>Put away %1 full at %2: nearly empty (%3) after about %4, between %5 and %6 by how cells of the class differ.</source>
      <translation>Rangé à %1 de charge à %2 : presque vide (%3) après environ %4, entre %5 et %6 selon les écarts des cellules de la classe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>%1 (Ctrl+. does it, Ctrl+Z takes it back).</source>
      <translation>%1 (Ctrl+. le fait, Ctrl+Z le reprend).</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>How much it weighs</source>
      <translation>Ce que cela pèse</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>No published source stands behind this limit: where you know better from measuring, go by that.</source>
      <translation>Aucune source publiée n'est derrière cette limite : qui sait mieux par la mesure s'y fie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>What can be done</source>
      <translation>Ce qu'on peut faire</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Where it comes from</source>
      <translation>D'où cela vient</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Why it matters</source>
      <translation>Pourquoi cela compte</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Worth a look; nothing has to be done.</source>
      <translation>Vaut un coup d'œil ; rien n'est à faire.</translation>
    </message>
    <message>
      <location filename="firmcell/core/base/wording.py" />
      <source>%1 min</source>
      <translation>%1 min</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/joint_order.py" />
      <source>No order of these joints exposes less%1.</source>
      <translation>Aucun ordre de ces jonctions n'expose moins%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/joint_order.py" />
      <source>This order exposes %1 more than need be: voltage × current of a short × joints, over all steps.</source>
      <translation>Cet ordre expose %1 de plus qu'il ne faut : tension × courant de court-circuit × jonctions, sur tous les pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>%1 of cell %2</source>
      <translation>%1 de la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>%1, in the first moment up to %2</source>
      <translation>%1, au premier instant jusqu'à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>rim of cell %1, which is its minus</source>
      <translation>bord de la cellule %1, qui est son moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/pass_check.py" />
      <source>Record %1 tells of an incident, “%2”: say what was found and done (menu Bench) before work goes on.</source>
      <translation>L'inscription %1 signale un incident, « %2 » : dire ce qui a été trouvé et fait (menu Établi) avant de continuer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/pass_check.py" />
      <source>“%1” comes first: it is a hold point.</source>
      <translation>« %1 » vient d'abord : c'est un point d'arrêt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>A tool across</source>
      <translation>Un outil en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>At the end</source>
      <translation>À la fin</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>Record %1 first.</source>
      <translation>Inscrire d'abord : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>screw</source>
      <translation>vis</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the look-over</source>
      <translation>l'examen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the welds</source>
      <translation>les soudures</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>weld pair</source>
      <translation>paire de points</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Close</source>
      <translation>Fermer</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Insulate</source>
      <translation>Isoler</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Prove</source>
      <translation>Éprouver</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/touch_limit.py" />
      <source>Up to %1 between bare metal here: over the touch limit. One hand, gloves, covers.</source>
      <translation>Jusqu'à %1 entre métal nu ici : au-dessus de la limite de contact. Une seule main, gants, caches.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/two_places.py" />
      <source>nothing steady: nothing joins them (under %1 either way)</source>
      <translation>rien de stable : rien ne les relie (sous %1 dans les deux sens)</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>%1 against %2</source>
      <translation>%1 contre %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>B%1 against B0</source>
      <translation>B%1 contre B0</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>The taps do not read as they must: go to Tests</source>
      <translation>Les prises ne lisent pas ce qu'il faut : aller aux Essais</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>%1 of %2 held: with %3 confidence at least %4 of welds like these are good.</source>
      <translation>%1 sur %2 ont tenu : avec %3 de confiance, au moins %4 de telles soudures sont bonnes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>%1: %2 make a chart.</source>
      <translation>%1 : il en faut %2 pour une carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>No %1 on record yet</source>
      <translation>Aucune inscription encore : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>peel force</source>
      <translation>force de pelage</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>at %1 the %2 may blow before the board trips</source>
      <translation>à %1, %2 peut sauter avant que la carte ne coupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>carries %1</source>
      <translation>porte %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>load, board, fuse and wire in this order: the board trips first, the fuse is for what the board cannot open</source>
      <translation>appareil, carte, fusible et fil dans cet ordre : la carte coupe d'abord, le fusible est pour ce que la carte ne peut couper</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the board trips at %1, %2 times the peak</source>
      <translation>la carte coupe à %1, %2 fois la pointe</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the collecting strip does not stand %1 for the board's %2 s</source>
      <translation>la bande collectrice ne tient pas %1 pendant les %2 s de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the wire does not stand %1 for the board's %2 s</source>
      <translation>le fil ne tient pas %1 pendant les %2 s de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>trips at %1</source>
      <translation>coupe à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/cells/age.py" />
      <source>end of life</source>
      <translation>fin de vie</translation>
    </message>
    <message>
      <location filename="firmcell/core/cells/age.py" />
      <source>half worn</source>
      <translation>à demi usée</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/choices.py" />
      <source>warms to %1</source>
      <translation>chauffe jusqu'à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>As found</source>
      <translation>Comme trouvé</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Cells in parallel</source>
      <translation>Cellules en parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Groups in series</source>
      <translation>Groupes en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Length of one lead</source>
      <translation>Longueur d'un câble</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/strip_fixes.py" />
      <source>%1%2 for %3%4</source>
      <translation>%1%2 pour %3%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/strip_fixes.py" />
      <source>collecting strip</source>
      <translation>bande collectrice</translation>
    </message>
    <message>
      <location filename="firmcell/core/geometry/packing.py" />
      <source>free</source>
      <translation>libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Energy</source>
      <translation>Énergie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A pull on the connector moves no joint</source>
      <translation>Tirer sur le connecteur ne bouge aucune jonction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A slip here shorts the pack: what it drives stands below.</source>
      <translation>Un faux geste ici met le pack en court-circuit : ce qu'il donne est dit dessous.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No bare metal anywhere</source>
      <translation>Aucun métal nu nulle part</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>smooth joint, tug holds</source>
      <translation>soudure lisse, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Cap on the wire before its contact</source>
      <translation>Capuchon sur le fil avant son contact</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Sleeve on this wire, far back</source>
      <translation>Gaine sur ce fil, loin en arrière</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>The other conductor is covered</source>
      <translation>L'autre conducteur est couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>This cannot be undone: a sleeve that is not on the wire before the joint never gets there.</source>
      <translation>Cela ne se rattrape pas : une gaine qui n'est pas sur le fil avant la jonction n'y viendra jamais.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, cut %2</source>
      <translation>%1, coupé à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Glasses on: sparks, and sharp strip when peeling.</source>
      <translation>Lunettes : étincelles, et bande coupante en pelant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Peel sample welds</source>
      <translation>Peler des soudures d'essai</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The two electrodes must never touch each other.</source>
      <translation>Les deux électrodes ne doivent jamais se toucher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld</source>
      <translation>Souder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>every peeled weld leaves a nugget or a torn hole</source>
      <translation>chaque soudure pelée laisse un noyau ou un trou arraché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>insulator ring for %1</source>
      <translation>rondelle isolante pour %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap</source>
      <translation>sangle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cooling.py" />
      <source>What was heated cools</source>
      <translation>Ce qui a chauffé refroidit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>soldering iron</source>
      <translation>fer à souder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>spot welder</source>
      <translation>poste à souder par points</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1%2 first</source>
      <translation>%1%2 d’abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Measure all %1 cells</source>
      <translation>Mesurer toutes les %1 cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>more than %1 MΩ</source>
      <translation>plus de %1 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>No cell more than hand-warm</source>
      <translation>Aucune cellule plus que tiède à la main</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Dehors ou sur un support qui ne brûle pas, eau ou sable à portée. Un pack qui gonfle, siffle, sent ou chauffe de lui-même va dehors et y reste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 a group, %2 a pair</source>
      <translation>%1 par groupe, %2 par paire</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 about its %2 axis and compare every cell with the picture before the first strip touches.</source>
      <translation>%1 autour de son %2 axe et comparer chaque cellule à l'image avant que la première bande ne touche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1%2, %3 long%4.</source>
      <translation>%1%2, %3 de long%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1: %2 face up</source>
      <translation>%1 : %2 vers le haut</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, %1 tail for the main lead at cell %2</source>
      <translation>, queue de %1 pour le câble principal à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>70 W or more with a wide tip at 370 to 400 °C</source>
      <translation>70 W ou plus avec une panne large à 370 à 400 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>A flap at each tap point, closed</source>
      <translation>Un volet à chaque prise, fermé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>B%1: collecting %2 of the pack's %3</source>
      <translation>B%1 : collecter au %2 du pack, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>B%1: join group %2 to group %3</source>
      <translation>B%1 : joindre le groupe %2 au groupe %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Brighten every terminal and the underside of each bar and wipe them just before joining. Try a screw of %1 in a terminal by hand: it must bite at least its own diameter and not bottom.</source>
      <translation>Aviver chaque borne et le dessous de chaque barre, et les essuyer juste avant de joindre. Essayer à la main une vis %1 dans une borne : elle doit mordre d'au moins son diamètre et ne pas toucher le fond.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Clean the faces, try the screws</source>
      <translation>Nettoyer les faces, essayer les vis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Cover the %1 face</source>
      <translation>Couvrir la face %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each group reads one cell</source>
      <translation>Chaque groupe lit une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each joined pair reads the sum of both within 0.05 V</source>
      <translation>Chaque paire jointe lit la somme des deux à 0,05 V près</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each visible end as drawn</source>
      <translation>Chaque bout visible comme dessiné</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Faces bright and wiped</source>
      <translation>Faces brillantes et essuyées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>From here on %1.</source>
      <translation>À partir d'ici %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Fumes: air. Glasses on.</source>
      <translation>Fumées : aérer. Lunettes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Lay sheet over all joints of this face before anything else is joined, with a flap over each tap point: it is read and the sense lead is joined through the flap.</source>
      <translation>Poser une feuille sur toutes les jonctions de cette face avant de joindre autre chose, avec un volet sur chaque prise : on y mesure et le fil de mesure s'y raccorde.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Measure across the %1 face</source>
      <translation>Mesurer à travers la face %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No filings on the cells: brush them off away from the pack.</source>
      <translation>Pas de limaille sur les cellules : la brosser loin du pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No strip over a bare rim</source>
      <translation>Aucune bande sur un bord nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>One bar at a time; the spanner touches one terminal and nothing else.</source>
      <translation>Une barre à la fois ; la clé touche une borne et rien d'autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plate B%1%2, as cut from the template.</source>
      <translation>Plaque B%1%2, coupée d'après le gabarit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plate B%1%2, tab towards the main lead.</source>
      <translation>Plaque B%1%2, patte vers le câble principal.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plus and minus still marked on the bench</source>
      <translation>Plus et moins encore marqués sur l'établi</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Practise on a dead cell</source>
      <translation>S'exercer sur une cellule morte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Rings in place</source>
      <translation>Anneaux en place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Roughen a dead cell's end, flux and tin it and the end of %1, join both, and tug. %2; plenty of heat for a short time, never a small iron for a long time.</source>
      <translation>Dépolir le bout d'une cellule morte, mettre du flux, l'étamer ainsi que le bout de %1, joindre les deux et tirer. %2 ; beaucoup de chaleur peu de temps, jamais un petit fer longtemps.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Schools differ on soldering straight on a cell: heat harms its seal. Cells with factory tabs are the safe way.</source>
      <translation>Les avis diffèrent sur la soudure à l'étain directe sur une cellule : la chaleur nuit à son joint. Des cellules à pattes d'usine sont la voie sûre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Screw</source>
      <translation>Visser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Screws bite and do not bottom</source>
      <translation>Les vis mordent et ne touchent pas le fond</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Sheet covers all metal</source>
      <translation>La feuille couvre tout le métal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Short and hot; let a cell cool before its next joint. Keep the tip off every rim.</source>
      <translation>Court et chaud ; laisser refroidir une cellule avant sa jonction suivante. Tenir la panne loin de tout bord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Solder</source>
      <translation>Souder à l'étain</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Spanner wrapped</source>
      <translation>Clé enveloppée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>This strip carries the whole current at its tail: no single %1 may be missing.</source>
      <translation>Cette bande porte tout le courant à sa queue : pas une ne doit manquer (%1).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turn the pack back</source>
      <translation>Retourner le pack à l'endroit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turn the pack over</source>
      <translation>Retourner le pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turning mirrors everything; this is where polarity is lost.</source>
      <translation>Retourner met tout en miroir ; c'est ici que la polarité se perd.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Weld %1 on scrap or a dead cell with the setting you will use, and peel. A good weld leaves a nugget and tears a hole in the strip. %2 peeled without a failure prove 90 % good welds with 90 % confidence.</source>
      <translation>Souder %1 sur une chute ou une cellule morte avec le réglage prévu, et peler. Une bonne soudure laisse un noyau et arrache un trou dans la bande. %2 pelées sans échec prouvent 90 % de bonnes soudures avec 90 % de confiance.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Weld on flat metal only; keep strip and tools off every rim.</source>
      <translation>Souder sur métal plat seulement ; tenir bande et outils loin de tout bord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Wrap the spanner's handle in tape: across two terminals it is the short.</source>
      <translation>Envelopper de ruban le manche de la clé : en travers de deux bornes, c'est elle le court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>all %1 cells of the group read %2</source>
      <translation>les %1 cellules du groupe lisent %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>every tap point is live against every other, under its flap</source>
      <translation>chaque prise est sous tension contre chaque autre, sous son volet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>parallel strip</source>
      <translation>bande parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>series link</source>
      <translation>liaison en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>the bare ends of the other face are live through every group joined on this one</source>
      <translation>les bouts nus de l'autre face sont sous tension par chaque groupe joint sur celle-ci</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>under 3 s, smooth, the can only hand-warm ten seconds later, tug holds</source>
      <translation>moins de 3 s, lisse, le boîtier à peine tiède dix secondes après, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>with a</source>
      <translation>avec un</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>%1 of %2, cut %3: on the wires before any joint</source>
      <translation>%1 de %2, coupe %3 : sur les fils avant toute jonction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>calliper</source>
      <translation>pied à coulisse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>clamp or jig</source>
      <translation>serre-joint ou montage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>hot air</source>
      <translation>air chaud</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>marker</source>
      <translation>marqueur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>pliers to peel</source>
      <translation>pince pour peler</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>polyimide tape</source>
      <translation>ruban polyimide</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>rosin flux</source>
      <translation>flux à la colophane</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>safety glasses</source>
      <translation>lunettes de protection</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>scrap strip and a dead cell</source>
      <translation>chutes de bande et une cellule morte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>solder</source>
      <translation>soudure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>volt meter</source>
      <translation>voltmètre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wipes</source>
      <translation>lingettes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wire stripper</source>
      <translation>pince à dénuder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wooden stick to press strip down</source>
      <translation>baguette de bois pour presser la bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 wire</source>
      <translation>fil %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>No bare metal outside the sleeve</source>
      <translation>Aucun métal nu hors de la gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>unsoldered</source>
      <translation>non soudé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets</source>
      <translation>Fiches bananes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Female bullets on the controller</source>
      <translation>Fiches femelles sur le contrôleur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Use %1</source>
      <translation>Prendre %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>motor</source>
      <translation>moteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A dented, leaking or rusty cell does not go into a pack.</source>
      <translation>Une cellule cabossée, qui fuit ou rouillée n'entre dans aucun pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Cells held firm, fibre tape round them so that they cannot shift</source>
      <translation>Cellules bien tenues, ruban armé autour pour qu'elles ne bougent pas</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Check each group's direction against the drawing twice: one cell the wrong way is a dead short.</source>
      <translation>Comparer deux fois le sens de chaque groupe au dessin : une cellule à l'envers est un court-circuit franc.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each pole against the outside of the pack (foil laid round it), with a meter or an insulation tester of low voltage.</source>
      <translation>Chaque pôle contre le dehors du pack (feuille métallique autour), avec un appareil de mesure ou un contrôleur d'isolement à basse tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each ring centred and stuck down</source>
      <translation>Chaque anneau centré et collé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Every cell's direction as drawn, first time</source>
      <translation>Sens de chaque cellule comme dessiné, première fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Every cell's direction as drawn, second time</source>
      <translation>Sens de chaque cellule comme dessiné, deuxième fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Height takes it</source>
      <translation>La hauteur suffit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Leads have a way out</source>
      <translation>Les câbles ont une sortie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Length takes the pack with clearance</source>
      <translation>La longueur prend le pack avec le jeu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Look over the insulation</source>
      <translation>Examiner l'isolation</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Marks on the bench</source>
      <translation>Marques sur l'établi</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the compartment itself, not its drawing: length, width, height at several places. The pack will be %1 × %2 × %3 mm.</source>
      <translation>Mesurer le logement lui-même, pas son plan : longueur, largeur, hauteur à plusieurs endroits. Le pack fera %1 × %2 × %3 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the insulation</source>
      <translation>Mesurer l'isolement</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the insulation, if you want it on record</source>
      <translation>Mesurer l'isolement, si on le veut au registre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the real space</source>
      <translation>Mesurer l'espace réel</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Never an insulation tester between the two poles of a live pack.</source>
      <translation>Jamais de contrôleur d'isolement entre les deux pôles d'un pack sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>No lead across a strip edge</source>
      <translation>Aucun fil sur une arête de bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Press an insulator ring on every positive end, centred, metal of the nub clear inside it.</source>
      <translation>Presser un anneau isolant sur chaque bout positif, centré, le métal du téton libre dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring on each positive</source>
      <translation>Anneau sur chaque positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring on every positive end</source>
      <translation>Anneau sur chaque bout positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring under every positive</source>
      <translation>Anneau sous chaque positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Set the cells, mark plus and minus</source>
      <translation>Poser les cellules, marquer plus et moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet %1 mm over both faces, tape to hold it, sheet round the sides.</source>
      <translation>Feuille de %1 mm sur les deux faces, ruban pour la tenir, feuille autour des côtés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet over all joints, both faces</source>
      <translation>Feuille sur toutes les jonctions, les deux faces</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet under the board, board fixed %1</source>
      <translation>Feuille sous la carte, carte fixée %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Tape or holder between neighbouring cells</source>
      <translation>Ruban ou support entre cellules voisines</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>The can is negative right up to the rim: without the ring a strip shorts the cell.</source>
      <translation>Le boîtier est négatif jusqu'au bord : sans l'anneau une bande met la cellule en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Voltage of %1 %2, and look at every wrap and both ends. Note the lowest and the highest.</source>
      <translation>Tension de %1 %2, et regarder chaque gaine et les deux bouts. Noter la plus basse et la plus haute.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Width takes it</source>
      <translation>La largeur suffit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>at the end</source>
      <translation>à la fin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>every</source>
      <translation>chaque</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>on top</source>
      <translation>dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>outside</source>
      <translation>dehors</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>the</source>
      <translation>le</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 m of %2%3</source>
      <translation>%1 m de %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 of %2, cut %3</source>
      <translation>%1 de %2, coupe %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>lug</source>
      <translation>cosse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>other</source>
      <translation>autre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_used.py" />
      <source>screw %1</source>
      <translation>vis %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 (%2 a group), no higher</source>
      <translation>%1 (%2 par groupe), pas plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 V %2 Ah %3 Wh</source>
      <translation>%1 V %2 Ah %3 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 and %2, never below</source>
      <translation>%1 et %2, jamais dessous</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 empty to %2 full</source>
      <translation>%1 vide à %2 pleine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 of %2 steps passed%3, %4 rework%5.</source>
      <translation>%1 pas réussis sur %2%3, reprises : %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 records on design revision %2; %3.</source>
      <translation>%1 inscriptions sur la version %2 du projet ; %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 sample welds peeled, %2 held; %3 weld pairs recorded.</source>
      <translation>%1 soudures d'essai pelées, %2 ont tenu ; %3 paires de points inscrites.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 steady, %2 for %3 s</source>
      <translation>%1 en continu, %2 pendant %3 s</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, link %2, %3</source>
      <translation>%1, liaison %2, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, up to %2</source>
      <translation>%1, jusqu'à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1; no cell above %2</source>
      <translation>%1 ; aucune cellule au-dessus de %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Un pack qui gonfle, siffle, sent ou chauffe de lui-même va dehors et y reste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Always live: never bridge the contacts, never cut both leads at once.</source>
      <translation>Toujours sous tension : ne jamais ponter les contacts, ne jamais couper les deux câbles à la fois.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge between</source>
      <translation>Charger entre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge current</source>
      <translation>Courant de charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge to</source>
      <translation>Charger à</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Chemistry</source>
      <translation>Chimie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Discharge</source>
      <translation>Décharge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Do not charge unattended, near sleepers, or on anything that burns.</source>
      <translation>Ne pas charger sans surveillance, près de dormeurs, ni sur quoi que ce soit qui brûle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Fuse</source>
      <translation>Fusible</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Local rules for transport and disposal apply.</source>
      <translation>Les règles locales de transport et de mise au rebut s'appliquent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Method</source>
      <translation>Méthode</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Nominal</source>
      <translation>Nominal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Stop at</source>
      <translation>Arrêter à</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Store at</source>
      <translation>Stocker à</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Transport</source>
      <translation>Transport</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Window</source>
      <translation>Plage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>chain ends %1</source>
      <translation>la chaîne finit par %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>discharge %1 A</source>
      <translation>décharge %1 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>revision %1</source>
      <translation>version %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>serial %1</source>
      <translation>série %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>signed by the workshop key %1</source>
      <translation>signé par la clé d'atelier %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>up to %1</source>
      <translation>jusqu'à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Outside, mm</source>
      <translation>Dehors, mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Steady / peak</source>
      <translation>Continu / pointe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Fuse, load side</source>
      <translation>Fusible, côté appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1, cut %2 mm. Hot air from the middle outwards, moving, low heat.%3</source>
      <translation>%1, coupée à %2 mm. Air chaud du milieu vers l'extérieur, en bougeant, peu de chaleur.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1, then read every group.</source>
      <translation>%1, puis lire chaque groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1. Feel or measure the strips near the leads, then load it steadily for a minute.</source>
      <translation>%1. Tâter ou mesurer les bandes près des câbles, puis charger régulièrement une minute.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A cap or tape over its contacts until the charger's plug goes on: every pin is live against every other.</source>
      <translation>Un capuchon ou du ruban sur ses contacts jusqu'à ce que la fiche du chargeur y vienne : chaque broche est sous tension contre chaque autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A lamp or 1 kΩ between two pins only while you read: it grows warm.</source>
      <translation>Une lampe ou 1 kΩ entre deux broches pendant la lecture seulement : cela chauffe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A probe that slips across both contacts shorts the pack.</source>
      <translation>Une pointe qui glisse sur les deux contacts met le pack en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>B%1 is on already.</source>
      <translation>B%1 est déjà en place.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Balance charge, read the groups full</source>
      <translation>Charger en équilibrant, lire les groupes pleins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Balance plug clear, covered, tied out of the way</source>
      <translation>Fiche d'équilibrage dégagée, couverte, attachée à l'écart</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black in COM, red in the volt socket. Red on the plus of one cell or on the pack's plus strip, black on its minus: it must read plus.</source>
      <translation>Noir dans COM, rouge dans la douille tension. Rouge sur le plus d'une cellule ou la bande plus du pack, noir sur son moins : il doit indiquer plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black on the collecting strip of B0, red on that of B%1.</source>
      <translation>Noir sur la bande collectrice de B0, rouge sur celle de B%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Both ends lip over the edge</source>
      <translation>Les deux bouts dépassent l'arête</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ended by the clock after at most %1 h</source>
      <translation>L'horloge finit la charge après au plus %1 h</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ends at %1</source>
      <translation>La charge finit à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge it once with a balance charger on the balance plug</source>
      <translation>Charger une fois avec un chargeur équilibreur sur la fiche d'équilibrage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge with at most %1 and stay with it</source>
      <translation>Charger avec au plus %1 et rester à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connect the board</source>
      <translation>Raccorder la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connector cool after load</source>
      <translation>Connecteur froid après la charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connector halves mate, shape not melted</source>
      <translation>Les moitiés du connecteur s'accordent, forme non fondue</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Cover the balance plug</source>
      <translation>Couvrir la fiche d'équilibrage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every group within 0.02 V of %1</source>
      <translation>Chaque groupe à 0,02 V de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>First charge and first load, watched</source>
      <translation>Première charge et première marche, surveillées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Fit, label and last look</source>
      <translation>Ajuster, étiqueter et dernier coup d'œil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Fits with nothing squeezed</source>
      <translation>Tient sans que rien soit pincé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Label on</source>
      <translation>Étiquette posée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Last: %1.</source>
      <translation>Dernier : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Leave it on the charger until the board has balanced (%1 a group)</source>
      <translation>Le laisser au chargeur jusqu'à ce que la carte ait équilibré (%1 par groupe)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No burnt place</source>
      <translation>Aucun endroit brûlé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No group over its limit</source>
      <translation>Aucun groupe au-dessus de sa limite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No open flame. Keep the heat moving: it reaches the cells through the sheet.</source>
      <translation>Pas de flamme nue. Garder la chaleur en mouvement : elle atteint les cellules à travers la feuille.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No pin can be touched</source>
      <translation>Aucune broche ne peut être touchée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No trapped air</source>
      <translation>Pas d'air enfermé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No wrinkle over a lead</source>
      <translation>Aucun pli sur un fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Not %1 until every step rises by one cell.</source>
      <translation>Pas %1 avant que chaque degré ne monte d'une cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Nothing warmer than the hand bears</source>
      <translation>Rien de plus chaud que la main ne supporte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Order kept: %1</source>
      <translation>Ordre respecté : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Polarity at the connector by meter</source>
      <translation>Polarité au connecteur par l'appareil de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Prove the meter</source>
      <translation>Éprouver l'appareil de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Put it in its place without squeezing, check the connector by meter once more, label it with voltage, energy and serial.</source>
      <translation>Le mettre à sa place sans pincer, mesurer encore une fois au connecteur, l'étiqueter avec tension, énergie et numéro.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read again an hour later: none fell behind</source>
      <translation>Relire une heure après : aucun n'est resté en arrière</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read every tap against B0</source>
      <translation>Lire chaque prise contre B0</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the whole pack on its strips</source>
      <translation>Lire tout le pack sur ses bandes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Sense plug sits and reads as listed</source>
      <translation>La fiche de mesure est en place et lit comme la liste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Test what voltages cannot show</source>
      <translation>Essayer ce que les tensions ne montrent pas</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>The order differs between boards: where its sheet says otherwise, follow it.</source>
      <translation>L'ordre diffère d'une carte à l'autre : là où sa notice dit autre chose, la suivre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>The red probe into the contact marked + of the %1, the black into −, before anything is ever plugged in. If it reads nothing, wake the board with the charger.</source>
      <translation>La pointe rouge dans le contact marqué + de : %1, la noire dans −, avant de brancher quoi que ce soit. S'il n'indique rien, réveiller la carte avec le chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>These read right and are not: %1. One quick test each; readings under a load are entered in Tests.</source>
      <translation>Ceux-ci lisent juste et ne le sont pas : %1. Un bref essai chacun ; les lectures en charge s'entrent aux Essais.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Two probes, two hands, nothing else on the strips.</source>
      <translation>Deux pointes, deux mains, rien d'autre sur les bandes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Voltage at the connector equals the pack, about %1; if nothing, wake the board with the charger</source>
      <translation>La tension au connecteur égale celle du pack, environ %1 ; si rien, réveiller la carte avec le chargeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>With the meter's leads exchanged, a plug put on mirrored reads right at every pin.</source>
      <translation>Avec les cordons de l'appareil inversés, une fiche mise en miroir lit juste à chaque broche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>each step %1, total %2</source>
      <translation>chaque degré %1, total %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>lip of about %1 at each end</source>
      <translation>débord d'environ %1 à chaque bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>overlap_m</source>
      <translation>overlap_m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>plugged in</source>
      <translation>branché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>plus %1 on one cell</source>
      <translation>plus %1 sur une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1 mm flat</source>
      <translation>%1 mm à plat</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>dented</source>
      <translation>cabossée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>length %1, width %2</source>
      <translation>longueur %1, largeur %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>long</source>
      <translation>long</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>rusted</source>
      <translation>rouillée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>warm by itself</source>
      <translation>chaude d'elle-même</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/readings.py" />
      <source>%1, red on %2, black on %3</source>
      <translation>%1, rouge sur %2, noir sur %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>group %1</source>
      <translation>groupe %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>top</source>
      <translation>dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Leads</source>
      <translation>Câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Room</source>
      <translation>Espace</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Read the connector</source>
      <translation>Mesurer au connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 at the connector once both are on</source>
      <translation>%1 au connecteur une fois les deux en place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 lead</source>
      <translation>câble %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 of %2, cut on the nail board printed at 1:1 and numbered at both ends: %3. %4</source>
      <translation>%1 de %2, coupés sur la planche à clous imprimée à 1:1 et numérotés aux deux bouts : %3. %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1%2 Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>%1%2 Finir, gainer et couvrir avant de toucher l'autre conducteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1. %2 The free end of the next stays covered until its turn.</source>
      <translation>%1. %2 Le bout libre du suivant reste couvert jusqu'à son tour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Continuity from each end to its place</source>
      <translation>Continuité de chaque bout à sa place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp each contact and push it into its place until it latches; tug.</source>
      <translation>Sertir chaque contact et le pousser dans sa place jusqu'au déclic ; tirer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Each goes where the wire list says, by what is printed</source>
      <translation>Chacun va où la liste des fils le dit, d'après ce qui est imprimé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every wire numbered</source>
      <translation>Chaque fil numéroté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Fix the board</source>
      <translation>Fixer la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Flat on the wrap of the cell the wire list names, under polyimide tape, not over a joint; the lead insulated to the board.</source>
      <translation>À plat sur la gaine de la cellule que nomme la liste des fils, sous ruban polyimide, pas sur une jonction ; le fil isolé jusqu'à la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>It cannot slide</source>
      <translation>Elle ne peut glisser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Lay the thermistor%1</source>
      <translation>Poser la sonde</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main %1 lead</source>
      <translation>Câble principal %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main %1: strip B%2 to the board's B%3</source>
      <translation>Câble principal %1 : bande B%2 au B%3 de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main leads are tied or glued to the pack behind their joints, so that a pull on the connector never reaches a joint.</source>
      <translation>Les câbles principaux sont attachés ou collés au pack derrière leurs jonctions, pour qu'une traction sur le connecteur n'atteigne jamais une jonction.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Make the sense harness, off the pack</source>
      <translation>Faire le faisceau de mesure, hors du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Make up the connector on the leads</source>
      <translation>Monter le connecteur sur les câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No bare end</source>
      <translation>Aucun bout nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No lead across an edge of strip</source>
      <translation>Aucun fil sur une arête de bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No part of it touches a strip or a can</source>
      <translation>Aucune partie ne touche une bande ou un boîtier</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No two places joined</source>
      <translation>Pas deux places reliées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Off the pack: crimped or soldered live, two leads that touch short a group.</source>
      <translation>Hors du pack : sertis ou soudés sous tension, deux fils qui se touchent mettent un groupe en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>One conductor at a time; the other end is covered.</source>
      <translation>Un conducteur à la fois ; l'autre bout est couvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Reads what the BMS stage says for this room</source>
      <translation>Lit ce que dit l'étape BMS pour cette pièce</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Sense leads on the %1 face</source>
      <translation>Fils de mesure sur la face %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Set the ring of each under the head of its screw, on top of the bar, one at a time, from the lowest number up.</source>
      <translation>Mettre l'anneau de chacun sous la tête de sa vis, sur la barre, un à la fois, du plus petit numéro vers le haut.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Sheet under the whole board</source>
      <translation>Feuille sous toute la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Solder each to its strip between the cells, never over a cell end, one at a time, from the lowest number up.</source>
      <translation>Souder chacun à sa bande entre les cellules, jamais sur un bout de cellule, un à la fois, du plus petit numéro vers le haut.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Solder the %1 to %2.</source>
      <translation>Souder le %1 à %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tape holds it flat on the wrap</source>
      <translation>Du ruban la tient à plat sur la gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The leads are not on the pack yet: keep it so until both contacts are sleeved.</source>
      <translation>Les câbles ne sont pas encore sur le pack : rester ainsi jusqu'à ce que les deux contacts soient gainés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The plug stays out of the board. Every lead is live as soon as it is joined, and so is its place in the plug.</source>
      <translation>La fiche reste hors de la carte. Chaque fil est sous tension dès qu'il est raccordé, et sa place dans la fiche aussi.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tie the leads down</source>
      <translation>Attacher les câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>every strand in, tug holds</source>
      <translation>tous les brins dedans, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>every strand in, tug holds, screws at their torque again</source>
      <translation>tous les brins dedans, tient la traction, vis de nouveau à leur couple</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>from</source>
      <translation>de</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>nothing at the connector yet: the board's P lead comes last</source>
      <translation>rien encore au connecteur : le fil P de la carte vient en dernier</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>smooth joint, strands in outline, tug holds</source>
      <translation>soudure lisse, brins dessinés, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the tab of plate B%1 at cell %2</source>
      <translation>la patte de la plaque B%1 à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wire bottomed in the cup, no gap to the insulation, body not distorted</source>
      <translation>fil au fond du fût, pas de jour jusqu'à l'isolant, corps non déformé</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/connectors.py" />
      <source>the contact</source>
      <translation>le contact</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/connectors.py" />
      <source>the wire in its cup</source>
      <translation>le fil dans son fût</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/fuse_timing.py" />
      <source>silicone</source>
      <translation>silicone</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>PTFE 200</source>
      <translation>PTFE 200</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>PVC 105</source>
      <translation>PVC 105</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>PVC 80</source>
      <translation>PVC 80</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>XLPE 125</source>
      <translation>PR 125</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>silicone 200</source>
      <translation>silicone 200</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>%1 mm %2:1%3 sleeve</source>
      <translation>gaine %1 mm %2:1%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>An unconnected mate plugged in keeps the contacts straight (never a live one).</source>
      <translation>Une autre moitié non raccordée branchée dedans garde les contacts droits (jamais une sous tension).</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>UL 486A-486B</source>
      <translation>UL 486A-486B</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/wire_rating.py" />
      <source>ABYC E-11 105 °C</source>
      <translation>ABYC E-11 105 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/wire_rating.py" />
      <source>NFPA 70 310.17 75 °C</source>
      <translation>NFPA 70 310.17 75 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/wire_rating.py" />
      <source>NFPA 70 310.17 90 °C</source>
      <translation>NFPA 70 310.17 90 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Across, from the middle</source>
      <translation>En travers, depuis le milieu</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Against a touch (over 60 V)</source>
      <translation>Contre le contact (plus de 60 V)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Along, from the middle</source>
      <translation>En long, depuis le milieu</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Capacitors in the load</source>
      <translation>Condensateurs de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Clearance each side</source>
      <translation>Jeu de chaque côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Coldest place of use</source>
      <translation>Lieu d'emploi le plus froid</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Energy wanted</source>
      <translation>Énergie voulue</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>For whom</source>
      <translation>Pour qui</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Hottest place of use</source>
      <translation>Lieu d'emploi le plus chaud</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>In use it stands</source>
      <translation>En service il est</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It gets wet</source>
      <translation>Il sera mouillé</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It is dropped or shaken</source>
      <translation>Il tombe ou est secoué</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It must never cut out by itself</source>
      <translation>Il ne doit jamais couper de lui-même</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Length (round: diameter)</source>
      <translation>Longueur (rond : diamètre)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Load accepts up to</source>
      <translation>L'appareil accepte jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Load works down to</source>
      <translation>L'appareil marche dès</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Mass limit</source>
      <translation>Masse limite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Outline, corner by corner</source>
      <translation>Contour, coin par coin</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak comes again every</source>
      <translation>La pointe revient toutes les</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak current</source>
      <translation>Courant de pointe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak lasts</source>
      <translation>La pointe dure</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Promised for</source>
      <translation>Promis pour le</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Round</source>
      <translation>Rond</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Run time at steady current</source>
      <translation>Autonomie au courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Shape of the space</source>
      <translation>Forme de l'espace</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, height</source>
      <translation>Espace, hauteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, length (round: diameter)</source>
      <translation>Espace, longueur (rond : diamètre)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, width</source>
      <translation>Espace, largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Steady current</source>
      <translation>Courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>The board stands here</source>
      <translation>La carte est ici</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>What is there</source>
      <translation>Ce qui est là</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>after</source>
      <translation>après</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>box</source>
      <translation>boîte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>cylinder</source>
      <translation>cylindre</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>in a closed compartment</source>
      <translation>dans un logement fermé</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>insulated tools, gloves, covers, a second person near</source>
      <translation>outils isolés, gants, caches, une seconde personne à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>none yet</source>
      <translation>aucun encore</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>on a surface, open above</source>
      <translation>sur une surface, ouvert dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>on feet or hung up, air all round</source>
      <translation>sur pieds ou suspendu, air tout autour</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>outline</source>
      <translation>contour</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>outline seen from the end</source>
      <translation>contour vu du bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>work under licensed practice</source>
      <translation>travail sous pratique agréée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Lithium iron phosphate</source>
      <translation>Lithium fer phosphate</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Lithium-ion</source>
      <translation>Lithium-ion</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>constant current, then constant voltage until the current has fallen to a twentieth</source>
      <translation>courant constant, puis tension constante jusqu'à ce que le courant tombe à un vingtième</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>A balance plug beside the board</source>
      <translation>Une fiche d'équilibrage à côté de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>A fuse at each tap</source>
      <translation>Un fusible à chaque prise</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Adapters in the way</source>
      <translation>Adaptateurs en chemin</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Alloy</source>
      <translation>Alliage</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Board is connected</source>
      <translation>La carte est raccordée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Board lies</source>
      <translation>La carte est posée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Built by</source>
      <translation>Construit par</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>B− and B+ first, then the sense plug, load last</source>
      <translation>B− et B+ d'abord, puis la fiche de mesure, la charge en dernier</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>B− first, then the sense plug, then P−</source>
      <translation>B− d'abord, puis la fiche de mesure, puis P−</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells across the width</source>
      <translation>Cellules sur la largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells joined by</source>
      <translation>Cellules jointes par</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells measured now</source>
      <translation>Les cellules mesurent</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells stand or lie</source>
      <translation>Cellules debout ou couchées</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells with twice the welds</source>
      <translation>Cellules à soudures doublées</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charge current of the charger</source>
      <translation>Courant du chargeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charger's leads, wire (else the main wire)</source>
      <translation>Câbles du chargeur, fil (sinon le fil principal)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charger's plus and minus as the load's</source>
      <translation>Plus et moins du chargeur comme ceux de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Connector of the charger</source>
      <translation>Connecteur du chargeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Copper under the collecting strips</source>
      <translation>Cuivre sous les bandes collectrices</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Copper under the links</source>
      <translation>Cuivre sous les liaisons</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Drop allowed, both leads</source>
      <translation>Chute permise, les deux câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>First group stands plus up</source>
      <translation>Le premier groupe a le plus en haut</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Flux</source>
      <translation>Flux</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Foam over the sheet, thickness</source>
      <translation>Mousse sur la feuille, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Free length of a fuse wire</source>
      <translation>Longueur libre d'un fil fusible</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Free places</source>
      <translation>Places libres</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse after</source>
      <translation>Fusible après</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse holder, resistance</source>
      <translation>Porte-fusible, résistance</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse in the</source>
      <translation>Fusible dans le</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse in the charger's plus lead</source>
      <translation>Fusible dans le câble plus du chargeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse wire at each plus, bare copper</source>
      <translation>Fil fusible à chaque plus, cuivre nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Gap between cells</source>
      <translation>Écart entre les cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Ladder strip where two rows face</source>
      <translation>Bande en échelle où deux rangées se font face</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lattice</source>
      <translation>Réseau</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of cells</source>
      <translation>Couches de cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of collecting strips</source>
      <translation>Couches des bandes collectrices</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of series links</source>
      <translation>Couches des liaisons en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lead no hotter than</source>
      <translation>Câble pas plus chaud que</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads end in</source>
      <translation>Les câbles finissent en</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads lie</source>
      <translation>Les câbles sont posés</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads side by side, each pole</source>
      <translation>Câbles côte à côte, par pôle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Least peel force that is right</source>
      <translation>Plus petite force de pelage juste</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lip over each edge</source>
      <translation>Débord sur chaque arête</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Main wire</source>
      <translation>Fil principal</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Measured capacity of each cell</source>
      <translation>Capacité mesurée de chaque cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Measured resistance of each cell</source>
      <translation>Résistance mesurée de chaque cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Metal of two potentials apart by at least</source>
      <translation>Métal de deux potentiels distant d'au moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Minus leaves at</source>
      <translation>Le moins sort à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Order chosen by hand</source>
      <translation>Ordre choisi à la main</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Placed cells</source>
      <translation>Cellules placées</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Plus leaves at</source>
      <translation>Le plus sort à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Resistance of one joint, measured</source>
      <translation>Résistance d'une jonction, mesurée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second connector, in parallel</source>
      <translation>Second connecteur, en parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second minus lead at</source>
      <translation>Second câble moins à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second plus lead at</source>
      <translation>Second câble plus à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second sleeve across it</source>
      <translation>Seconde gaine en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sense wire</source>
      <translation>Fil de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Serial number</source>
      <translation>Numéro de série</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Serial of each cell</source>
      <translation>Numéro de série de chaque élément</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Service loop of each sense lead</source>
      <translation>Boucle de réserve de chaque fil de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sheet around the sides, thickness</source>
      <translation>Feuille autour des côtés, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sheet over the joints, thickness</source>
      <translation>Feuille sur les jonctions, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sleeve along the pack</source>
      <translation>Gaine le long du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Split in two blocks, gap</source>
      <translation>Partagé en deux blocs, écart</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Spot welder</source>
      <translation>Poste à souder par points</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strip for collecting</source>
      <translation>Bande pour collecter</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strip for series links</source>
      <translation>Bande pour les liaisons en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips drawn by hand</source>
      <translation>Bandes tracées à la main</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips judged by</source>
      <translation>Bandes jugées par</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips left out by hand</source>
      <translation>Bandes omises à la main</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips or cut plates</source>
      <translation>Bandes ou plaques découpées</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Tabs between collecting bar and cells</source>
      <translation>Pattes entre barre collectrice et cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Tape over the sheet, thickness</source>
      <translation>Ruban sur la feuille, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Thread of a cell's terminal</source>
      <translation>Filetage de la borne d'une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Turned over about its axis</source>
      <translation>Retourné autour de son axe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Weld pairs on each pad</source>
      <translation>Paires de points par pôle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Which lead first</source>
      <translation>Quel câble d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>a long strip in still air</source>
      <translation>une bande longue à l'air calme</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>as chosen</source>
      <translation>comme choisi</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>end to end, folded into a stick</source>
      <translation>bout à bout, plié en bâton</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>extra rosin flux, wiped off warm</source>
      <translation>flux à la colophane en plus, essuyé tiède</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>from minus to plus</source>
      <translation>du moins au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>in place between its cells</source>
      <translation>en place entre ses cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lead-free tin-silver-copper, melts at 217 to 227 °C</source>
      <translation>étain-argent-cuivre sans plomb, fond de 217 à 227 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>leaded 63/37, melts at 183 °C</source>
      <translation>63/37 au plomb, fond à 183 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lugs on studs</source>
      <translation>cosses sur goujons</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lying across</source>
      <translation>couchée en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lying along</source>
      <translation>couchée en long</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>minus lead</source>
      <translation>câble moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>negative first</source>
      <translation>moins d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>plates</source>
      <translation>plaques</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>plus lead</source>
      <translation>câble plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>positive first</source>
      <translation>plus d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>rosin core only</source>
      <translation>âme de colophane seule</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>sense plug first, then B−, then P−</source>
      <translation>la fiche de mesure d'abord, puis B−, puis P−</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>short</source>
      <translation>court</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>so that least is exposed</source>
      <translation>pour exposer le moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>standing</source>
      <translation>debout</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>the worse of both</source>
      <translation>le pire des deux</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>fully regulated lithium battery (%1); UN 38.3 tests; 30 % charge by air</source>
      <translation>batterie au lithium pleinement réglementée (%1) ; essais UN 38.3 ; 30 % de charge par avion</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>pack %1 Wh is over 100 Wh</source>
      <translation>le pack de %1 Wh dépasse 100 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>small lithium battery (cell %1 Wh ≤ 20 Wh, pack %2 Wh ≤ 100 Wh); UN 38.3 tests still apply</source>
      <translation>petite batterie au lithium (cellule %1 Wh ≤ 20 Wh, pack %2 Wh ≤ 100 Wh) ; les essais UN 38.3 s'appliquent quand même</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>medium: nickel to 0.2 mm</source>
      <translation>moyen : nickel jusqu'à 0,2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>screwed joint</source>
      <translation>jonction vissée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>small: nickel to 0.15 mm</source>
      <translation>petit : nickel jusqu'à 0,15 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>solder on factory tabs</source>
      <translation>soudure à l'étain sur pattes d'usine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>solder straight on the cell</source>
      <translation>soudure à l'étain directe sur la cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>soldered joint</source>
      <translation>jonction soudée à l'étain</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>spot welds</source>
      <translation>soudures par points</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>strong: nickel to 0.3 mm</source>
      <translation>fort : nickel jusqu'à 0,3 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>Conductor</source>
      <translation>Âme</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>Density</source>
      <translation>Densité</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>common</source>
      <translation>commun</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>copper</source>
      <translation>cuivre</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>fine-stranded</source>
      <translation>à brins fins</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>generic class value</source>
      <translation>valeur générique de la classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>many-pin host plug</source>
      <translation>prise multibroche de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>minus line</source>
      <translation>ligne moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>solid</source>
      <translation>massif</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>stranded</source>
      <translation>multibrin</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Rectangle, left edge</source>
      <translation>Rectangle, bord gauche</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Rectangle, upper edge</source>
      <translation>Rectangle, bord haut</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Shows</source>
      <translation>Montre</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Two points apart</source>
      <translation>Deux points distants</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>a side</source>
      <translation>de chaque côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>bottom face</source>
      <translation>face du dessous</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>something else</source>
      <translation>autre chose</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>top face</source>
      <translation>face du dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>bundled</source>
      <translation>en faisceau</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>free air</source>
      <translation>à l'air libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>in sleeve</source>
      <translation>sous gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>inside the pack's insulation</source>
      <translation>dans l'isolation du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>two together</source>
      <translation>deux ensemble</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face.py" />
      <source>%1 face</source>
      <translation>face %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>%1 × %2 mm outside</source>
      <translation>%1 × %2 mm dehors</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>Top</source>
      <translation>Dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_wires.py" />
      <source>to B%1</source>
      <translation>à B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>%1 °C, %2 mV</source>
      <translation>%1 °C, %2 mV</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>%1, contacts and fuse lose %2 mV at %3 A</source>
      <translation>%1, contacts et fusible perdent %2 mV à %3 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>both leads</source>
      <translation>les deux câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>lug at the load</source>
      <translation>cosse à l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>lug at the source</source>
      <translation>cosse à la source</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/live_paint.py" />
      <source>bare metal, V against its lowest</source>
      <translation>métal nu, V contre son plus bas</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 A/mm²%2</source>
      <translation>%1 A/mm²%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 at the end of a run</source>
      <translation>%1 à la fin d'une marche</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 empty, %2 full</source>
      <translation>%1 vide, %2 pleine</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 face, at cell %2</source>
      <translation>face du %1, à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 in place, %2 as a long strip</source>
      <translation>%1 en place, %2 comme bande longue</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mV in the whole loop</source>
      <translation>%1 mV dans toute la boucle</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mV, %2 mW</source>
      <translation>%1 mV, %2 mW</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mm of %2</source>
      <translation>%1 mm de %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 to %2 a group</source>
      <translation>%1 à %2 par groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 % off an even part</source>
      <translation>%1, à %2 % d'une part égale</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 layer%3</source>
      <translation>%1, couches : %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 mm from the middle</source>
      <translation>%1, à %2 mm du milieu</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, trips at %2</source>
      <translation>%1, coupe à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Against B0; each next tap is one group more.</source>
      <translation>Contre B0 ; chaque prise suivante est un groupe de plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cell %1, group %2</source>
      <translation>Cellule %1, groupe %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cut length</source>
      <translation>Longueur de coupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cuts off</source>
      <translation>Coupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Heat balance in still air, held to %1.</source>
      <translation>Bilan thermique à l'air calme, tenu à %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Joined by</source>
      <translation>Joint par</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Lead</source>
      <translation>Fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Reads now</source>
      <translation>Indique maintenant</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Solved on the real layout.</source>
      <translation>Calculé sur la disposition réelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Tap %1</source>
      <translation>Prise %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>down (bottom face)</source>
      <translation>en bas (face du dessous)</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>plus %1</source>
      <translation>plus %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>up (top face)</source>
      <translation>en haut (face du dessus)</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pocket.py" />
      <source>room for one cell</source>
      <translation>place pour une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/run_paint.py" />
      <source>temperature</source>
      <translation>température</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>+ end</source>
      <translation>+ bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>One end, heights × %1</source>
      <translation>Un bout, hauteurs × %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>Section through y = %1 mm</source>
      <translation>Coupe à y = %1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>in all %1 on each end</source>
      <translation>en tout %1 à chaque bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>board %1</source>
      <translation>carte %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>ring %1</source>
      <translation>anneau %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>+ and − are the ends you see on this face.</source>
      <translation>+ et − sont les bouts que l'on voit sur cette face.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>As it is handed over.</source>
      <translation>Comme il est remis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Colour: where the strips stand on the scale below; numbers at the ten that stand highest.</source>
      <translation>Couleur : où les bandes se situent sur l'échelle dessous ; chiffres aux dix plus hautes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Each sense lead on its face, by the rear long edge to the board.</source>
      <translation>Chaque fil de mesure sur sa face, par le grand bord arrière jusqu'à la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Each tap as it read; outlined ones are not read yet.</source>
      <translation>Chaque prise comme elle a été lue ; celles cernées ne sont pas encore lues.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Main leads at their true thickness.</source>
      <translation>Câbles principaux à leur vraie épaisseur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Number in the dark disc: group, from the negative end. Dashed: free place. Red: wrong here.</source>
      <translation>Nombre dans le disque sombre : groupe, depuis le moins. Tirets : place libre. Rouge : faux ici.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Outline: outer size with sheets and sleeves.</source>
      <translation>Contour : encombrement avec feuilles et gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Solid: done. Outlined: still open. Bright: the step at hand.</source>
      <translation>Plein : fait. Cerné : encore ouvert. Vif : le pas en cours.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>The pack as it stands, to scale; grid 10 mm.</source>
      <translation>Le pack tel qu'il est, à l'échelle ; grille 10 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>heat</source>
      <translation>chaleur</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>share of limit</source>
      <translation>part de la limite</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>temperature in place</source>
      <translation>température en place</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>what follows if it lets go</source>
      <translation>ce qui s'ensuit si elle lâche</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>why it is there</source>
      <translation>pourquoi c'est là</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>tray</source>
      <translation>bac</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>From the charger, %1, over %2</source>
      <translation>Du chargeur, %1, par %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>Outside the cells and strips it loses %1 and makes %2 W.</source>
      <translation>Hors des cellules et bandes il se perd %1, ce qui fait %2 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>Piece</source>
      <translation>Pièce</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>To the load, %1 steady</source>
      <translation>Vers l'appareil, %1 en continu</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>board %1 to %2</source>
      <translation>carte %1 à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>the same connector</source>
      <translation>le même connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>wet jacket</source>
      <translation>enveloppe mouillée</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>%1, minus at the foot</source>
      <translation>%1, moins au pied</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>two white</source>
      <translation>deux blancs</translation>
    </message>
    <message>
      <location filename="firmcell/core/practice/live_order.py" />
      <source>holder pack</source>
      <translation>pack en support</translation>
    </message>
    <message>
      <location filename="firmcell/core/practice/live_order.py" />
      <source>lead change</source>
      <translation>changement de câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/event_words.py" />
      <source>%1 right%2</source>
      <translation>%1 juste%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Black probe on</source>
      <translation>Pointe noire sur</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>It sparked</source>
      <translation>Il y a eu une étincelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Note</source>
      <translation>Note</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Peel force</source>
      <translation>Force de pelage</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Pulses</source>
      <translation>Impulsions</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Red probe on</source>
      <translation>Pointe rouge sur</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Setting</source>
      <translation>Réglage</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Strip lies flat, no burr, clear of the rim</source>
      <translation>La bande est à plat, sans bavure, loin du bord</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Test voltage</source>
      <translation>Tension d'essai</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Torn hole, diameter</source>
      <translation>Trou arraché, diamètre</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Tug held</source>
      <translation>A tenu la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Weld pairs made</source>
      <translation>Paires de points faites</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Welder</source>
      <translation>Poste à souder</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a lamp or 1 kΩ across the two points</source>
      <translation>une lampe ou 1 kΩ entre les deux points</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>another strip roll</source>
      <translation>autre rouleau de bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>electrodes dressed</source>
      <translation>électrodes ravivées</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>new electrodes</source>
      <translation>électrodes neuves</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the whole pack under one steady load</source>
      <translation>tout le pack sous une charge régulière</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A BMS that opens takes the power away in the middle of use.</source>
      <translation>Un BMS qui coupe ôte la puissance en plein usage.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A board for another count leaves groups unwatched or is destroyed.</source>
      <translation>Une carte pour un autre nombre laisse des groupes sans garde ou est détruite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Put a fuse at each tap</source>
      <translation>Mettre un fusible à chaque prise</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board %1 %2; %3 is asked of it.</source>
      <translation>La carte %1 %2 ; on lui demande %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board is for %1 groups; the pack has %2.</source>
      <translation>La carte est pour %1 groupes ; le pack en a %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board overheats, or trips under normal load.</source>
      <translation>La carte surchauffe, ou coupe en charge normale.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board sees the shift as a weak or strong group and cuts off early or late.</source>
      <translation>La carte prend ce décalage pour un groupe faible ou fort et coupe trop tôt ou trop tard.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The brief says it must never cut out by itself, and a BMS can open at any moment.</source>
      <translation>Le cahier dit qu'il ne doit jamais couper de lui-même, et un BMS peut couper à tout moment.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>There is no BMS: charge only with a balance charger, and set the load's cut-off at %1 or above.</source>
      <translation>Il n'y a pas de BMS : ne charger qu'avec un chargeur équilibreur, et régler la coupure de l'appareil à %1 ou plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Two sense leads that touch at the plug are a short of one group through wire as thin as a hair.</source>
      <translation>Deux fils de mesure qui se touchent à la fiche sont le court-circuit d'un groupe par un fil fin comme un cheveu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Two sense leads that touch carry about %1 and melt in %2 s: %3 A fuses at the taps prevent it.</source>
      <translation>Deux fils de mesure qui se touchent portent environ %1 et fondent en %2 s : des fusibles de %3 A aux prises l'empêchent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Under the steady load %1 reads %2 mV off its group's middle: more metal there, or join the lead elsewhere.</source>
      <translation>Sous la charge continue %1 s'écarte de %2 mV du milieu de son groupe : plus de métal là, ou raccorder le fil ailleurs.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>What opens first should be what can be reset, and nothing may be damaged before it does.</source>
      <translation>Ce qui s'ouvre d'abord doit pouvoir se réarmer, et rien ne doit souffrir avant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Without a board the pack relies on a balance charger and on the load's cut-off.</source>
      <translation>Sans carte le pack dépend d'un chargeur équilibreur et de la coupure de l'appareil.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>carries</source>
      <translation>porte</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Above it a touch can injure; local codes may ask for licensed work and for covers.</source>
      <translation>Au-dessus un contact peut blesser ; les règles locales peuvent exiger un travail agréé et des caches.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Below it the maker promises nothing: voltage breaks down under load, and a cell may be harmed.</source>
      <translation>Dessous le fabricant ne promet rien : la tension s'effondre en charge, et une cellule peut souffrir.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Charging a lithium cell that is too cold plates metal inside it, which stays and may short it.</source>
      <translation>Charger une cellule au lithium trop froide dépose du métal en elle, qui reste et peut la mettre en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Full, it gives %1: over the touch limit of %2 d.c.</source>
      <translation>Plein, il donne %1 : au-dessus de la limite de contact de %2 continu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It gets wet and the cells are nickel: a sealed sleeve needs a vent, or must not be sealed.</source>
      <translation>Il sera mouillé et les cellules sont au nickel : une gaine étanche a besoin d'un évent, ou ne doit pas être étanche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It is used down to %1; this cell is made to give current from %2 on.</source>
      <translation>Il sert jusqu'à %1 ; cette cellule est faite pour donner du courant à partir de %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It is used down to %1; this cell must not be charged below %2.</source>
      <translation>Il sert jusqu'à %1 ; cette cellule ne doit pas être chargée sous %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Nickel cells can give off hydrogen; a gas-tight sleeve collects it.</source>
      <translation>Des cellules au nickel peuvent dégager de l'hydrogène ; une gaine étanche au gaz le retient.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>A cell outside its window is damaged; charging it again may start a fire.</source>
      <translation>Une cellule hors de sa plage est abîmée ; la recharger peut mettre le feu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Above its continuous current a cell overheats and ages within weeks; it may vent.</source>
      <translation>Au-dessus de son courant continu une cellule surchauffe et vieillit en semaines ; elle peut dégazer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Charge with %1</source>
      <translation>Charger avec %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Charging too fast plates lithium or overheats the cell.</source>
      <translation>Charger trop vite dépose du lithium ou surchauffe la cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 at the peak; its limit is %2.</source>
      <translation>Chaque cellule donne %1 à la pointe ; sa limite est %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 steadily; its limit is %2.</source>
      <translation>Chaque cellule donne %1 en continu ; sa limite est %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Make it %1S%2P</source>
      <translation>En faire %1S%2P</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The cells measure %1; sound ones lie between %2 and %3.</source>
      <translation>Les cellules mesurent %1 ; les saines sont entre %2 et %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The charger gives %1; %2 %3.</source>
      <translation>Le chargeur donne %1 ; %2 %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The peak rating already allows for its short time.</source>
      <translation>La valeur de pointe tient déjà compte de sa brève durée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>A fuse outside these blows in use, comes too late, or burns on as an arc.</source>
      <translation>Un fusible hors de là saute en service, vient trop tard, ou continue de brûler en arc.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>A short in the leads is then limited only by the cells.</source>
      <translation>Un court-circuit dans les câbles n'est alors limité que par les cellules.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>At those currents the wire or strip is damaged before the fuse opens.</source>
      <translation>À ces courants le fil ou la bande souffre avant que le fusible n'ouvre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Between %1 and %2 the %3 may open later than the %4 wire stands.</source>
      <translation>Entre %1 et %2, %3 peut ouvrir plus tard que le fil (%4) ne tient.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>From %1 the %2 may open later than the collecting strip stands.</source>
      <translation>À partir de %1, %2 peut ouvrir plus tard que la bande collectrice ne tient.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>It blows, or ages a little at each plugging in and blows one day in use.</source>
      <translation>Il saute, ou vieillit un peu à chaque branchement et saute un jour en service.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Plugging in lets %1 A²s through the %2, which melts from %3 A²s: precharge with %4 Ω.</source>
      <translation>Le branchement fait passer %1 A²s par %2, qui fond à partir de %3 A²s : précharger par %4 Ω.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Put the fuse at the pack</source>
      <translation>Mettre le fusible au pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Strip that glows before the fuse opens burns what lies on it.</source>
      <translation>Une bande qui rougit avant que le fusible n'ouvre brûle ce qui est posé dessus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse holds %1, the wire carries %2.</source>
      <translation>Le fusible tient %1, le fil porte %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse is for %1 d.c.; the full pack gives %2 and would hold an arc.</source>
      <translation>Le fusible est pour %1 continu ; le pack plein donne %2 et entretiendrait un arc.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse is rated %1; this load, with its peak of %2, needs %3 of this kind so that it does not blow in use.</source>
      <translation>Le fusible est de %1 ; cet appareil, avec sa pointe de %2, demande %3 de ce genre pour ne pas le faire sauter en service.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>There is no fuse: a short drives about %1, which the wire withstands for %2 s.</source>
      <translation>Il n'y a pas de fusible : un court-circuit donne environ %1, que le fil supporte %2 s.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Use a %1</source>
      <translation>Prendre : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Use a %1 and %2</source>
      <translation>Prendre %1 et %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>%1 is %2 flat; it slides on from %3.</source>
      <translation>%1 fait %2 à plat ; elle s'enfile à partir de %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>%1 shrinks to %2 flat; the pack is %3, so it stays loose.</source>
      <translation>%1 rétrécit à %2 à plat ; le pack fait %3, elle reste donc lâche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>A sleeve that is forced on tears at the first corner; one that is loose protects nothing.</source>
      <translation>Une gaine forcée se déchire au premier coin ; une lâche ne protège rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Bare joints and rims are live; extra insulation weighs two or three grams.</source>
      <translation>Les jonctions et bords nus sont sous tension ; un isolant de plus pèse deux ou trois grammes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Carriers ask for it; the rating in watt-hours is marked on the case.</source>
      <translation>Les transporteurs le demandent ; les wattheures sont marqués sur l'enveloppe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>For transport this is a %1.</source>
      <translation>Pour le transport c'est une %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>One sleeve leaves both ends open; a second across it closes them.</source>
      <translation>Une gaine laisse les deux bouts ouverts ; une seconde en travers les ferme.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>One sleeve leaves the ends open, and it gets wet or shaken.</source>
      <translation>Une gaine laisse les bouts ouverts, et il sera mouillé ou secoué.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Strip edges wear through sleeve in use.</source>
      <translation>Les arêtes de bande usent la gaine en service.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The pack has no sleeve.</source>
      <translation>Le pack n'a pas de gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The second sleeve</source>
      <translation>La seconde gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The sheet over the joints is %1 mm; 0.10 mm is the least.</source>
      <translation>La feuille sur les jonctions fait %1 mm ; 0,10 mm est le minimum.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The sleeve</source>
      <translation>La gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Use %1 across</source>
      <translation>Prendre %1 en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Use 0.25 mm sheet</source>
      <translation>Prendre une feuille de 0,25 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 cells stand</source>
      <translation>%1 cellules sont</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 of groups %2 and %3 touch%4 the other group</source>
      <translation>%1 des groupes %2 et %3 touchent l'autre groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 the load sees %2 %3; it needs %4. Measure the cells.</source>
      <translation>%1 l'appareil voit %2 %3 ; il lui faut %4. Mesurer les cellules.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 too near to the edge of the space or a blocked place: %2, %3 is needed for clearance, sheet and sleeve. Find places anew, or move it.</source>
      <translation>%1 trop près du bord de l'espace ou d'une place bloquée : %2, il faut %3 pour le jeu, la feuille et la gaine. Chercher de nouveau des places, ou la déplacer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A cell pressed against the wall or a post is dented or rubs its wrap through.</source>
      <translation>Une cellule pressée contre la paroi ou un montant est cabossée ou use sa gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A full pack above what the load accepts destroys the load at first plugging in.</source>
      <translation>Un pack plein au-dessus de ce qu'accepte l'appareil le détruit au premier branchement.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A pack that is squeezed in presses on cells, wraps and joints.</source>
      <translation>Un pack forcé presse sur les cellules, gaines et jonctions.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Arrange the cells %1 across, %2</source>
      <translation>Disposer les cellules %1 en travers, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1 it may give as little as %2; %3 is wanted. The run on the Brief page works it out for the whole pack.</source>
      <translation>À %1 il peut ne donner que %2 ; %3 sont voulus. La marche à la page Cahier le calcule pour tout le pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1 the peak will pull the load down to %2 once the cells are worn; it needs %3.</source>
      <translation>À %1 la pointe fera tomber l'appareil à %2 une fois les cellules usées ; il lui faut %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1, full and rested, the peak of %2 pulls the load down to %3; it needs %4. Warm the pack first, or take more cells in parallel.</source>
      <translation>À %1, plein et reposé, la pointe de %2 fait tomber l'appareil à %3 ; il lui faut %4. Réchauffer d'abord le pack, ou prendre plus de cellules en parallèle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cell %1 stands</source>
      <translation>La cellule %1 est</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells of a class differ; until they are measured the pack may be one of the weaker ones.</source>
      <translation>Les cellules d'une classe diffèrent ; tant qu'elles ne sont pas mesurées, le pack peut être des plus faibles.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells without a link of their own send their current along the parallel strip.</source>
      <translation>Des cellules sans liaison propre envoient leur courant par la bande parallèle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cold cells resist more: a load that runs in summer may not start in winter.</source>
      <translation>Les cellules froides résistent plus : ce qui marche l'été peut ne pas démarrer l'hiver.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Fully charged it gives %1; the load accepts %2.</source>
      <translation>Pleinement chargé il donne %1 ; l'appareil accepte %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It delivers %1 to the load; %2 is wanted.</source>
      <translation>Il fournit %1 à l'appareil ; %2 sont voulus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It does not fit the space with the clearance asked for: %1.</source>
      <translation>Il ne tient pas dans l'espace avec le jeu demandé : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It weighs %1 without the insulation; the limit is %2.</source>
      <translation>Il pèse %1 sans l'isolation ; la limite est %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It will not run as long as asked.</source>
      <translation>Il ne marchera pas aussi longtemps que demandé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Only %1 of %2</source>
      <translation>Seulement %1 de %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Put each group in one column, %1 across</source>
      <translation>Mettre chaque groupe en une colonne, %1 en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The limit was set in the brief.</source>
      <translation>La limite a été fixée dans le cahier.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The load sees %1 %2; it needs %3.</source>
      <translation>L'appareil voit %1 %2 ; il lui faut %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The load switches off before the cells are empty.</source>
      <translation>L'appareil coupe avant que les cellules soient vides.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>With cells that resist as much as any of their class</source>
      <translation>Avec des cellules qui résistent autant qu'aucune de leur classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>at the peak with %1 left</source>
      <translation>à la pointe quand il reste %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>at the steady current with %1 left</source>
      <translation>au courant continu quand il reste %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>es</source>
      <translation>es</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 and a %2</source>
      <translation>%1 et %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 of the voltage is lost inside at the steady current: %2 W of heat in cells and strips.</source>
      <translation>%1 de la tension se perdent à l'intérieur au courant continu : %2 W de chaleur dans cellules et bandes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A lead this hot softens sleeve and connector, and burns the hand.</source>
      <translation>Un câble si chaud ramollit gaine et connecteur, et brûle la main.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>At the peak the leads lose %1; %2 is allowed.</source>
      <translation>À la pointe les câbles perdent %1 ; %2 sont permis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Cells, strips and leads all warm with the square of the current.</source>
      <translation>Cellules, bandes et câbles chauffent tous avec le carré du courant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>In the peak of %1 the contacts reach %2%3; %4 is what the body stands.</source>
      <translation>À la pointe de %1 les contacts atteignent %2%3 ; %4 est ce que le corps supporte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Overloaded contacts melt their housing, and then the poles can touch.</source>
      <translation>Des contacts surchargés fondent leur boîtier, et les pôles peuvent alors se toucher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Plugging in charges the load's capacitors with %1 J through the contacts: use a spark-limiting connector, or precharge through %2 Ω, %3 W.</source>
      <translation>Le branchement charge les condensateurs de l'appareil avec %1 J à travers les contacts : prendre un connecteur anti-étincelle, ou précharger par %2 Ω, %3 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector carries %1 at %2, limited by %3; %4 is drawn.</source>
      <translation>Le connecteur porte %1 à %2, limité par %3 ; %4 sont prélevés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The leads lose %1; %2 is allowed.</source>
      <translation>Les câbles perdent %1 ; %2 sont permis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The spark eats the contacts at each mating.</source>
      <translation>L'étincelle ronge les contacts à chaque branchement.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Voltage lost in the leads is lost to the load and warms the leads.</source>
      <translation>La tension perdue dans les câbles manque à l'appareil et chauffe les câbles.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>The bar ends that bear the lugs reach up to %1 past the cells, which the outer size does not count: leave that room, or bend them round the edge of the pack over insulation.</source>
      <translation>Les bouts de barre qui portent les cosses dépassent les cellules jusqu'à %1, que l'encombrement ne compte pas : laisser cette place, ou les plier autour de l'arête du pack sur un isolant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>The outer size counts cells, sheet and sleeve, not bars that stick out.</source>
      <translation>L'encombrement compte cellules, feuille et gaine, pas les barres qui dépassent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>A cell above its greatest temperature ages fast, and gives off gas where it goes on.</source>
      <translation>Une cellule au-dessus de sa plus haute température vieillit vite, et dégage du gaz si cela continue.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>A collecting strip carries more the nearer it is to the lead.</source>
      <translation>Une bande collectrice porte d'autant plus qu'elle est près du câble.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>After the peak %1 may be at %2; %3 is allowed.</source>
      <translation>Après la pointe %1 peut être à %2 ; %3 sont permis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>At %1 the strips do not settle at any temperature%2.</source>
      <translation>À %1 les bandes ne se fixent à aucune température%2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Cell %1 of group %2 carries %3 % %4 than its even part; %5 %6 off by more than %7 %.</source>
      <translation>La cellule %1 du groupe %2 porte %3 % de %4 que sa part égale ; %5 %6 de plus de %7 % d'écart.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Hot metal resists more and gets hotter still; there is no temperature at which it would stay.</source>
      <translation>Le métal chaud résiste plus et chauffe encore ; il n'y a pas de température où il resterait.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Hot strip ripples, sags on to the rim and melts the wrap; the rim is the other pole.</source>
      <translation>Une bande chaude ondule, s'affaisse sur le bord et fond la gaine ; le bord est l'autre pôle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The cell that carries most ages first and takes its whole group along.</source>
      <translation>La cellule qui porte le plus vieillit d'abord et entraîne tout son groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The end of the collecting strip at the %1 lead carries %2 of %3, %4 × %5.</source>
      <translation>Le bout de la bande collectrice au câble %1 porte %2 sur %3, %4 × %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The peak alone brings the strip past the cell's temperature limit.</source>
      <translation>La pointe seule porte la bande au-delà de la limite de température de la cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Use %1 layers</source>
      <translation>Prendre %1 couches</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>a collecting strip</source>
      <translation>une bande collectrice</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>more</source>
      <translation>plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>the series links</source>
      <translation>les liaisons en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 wide; a screw of %3 asks for %4.</source>
      <translation>%1 font %2 de large ; une vis %3 demande %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A round cell has no thread to screw into: weld it, or take cells with factory tabs.</source>
      <translation>Une cellule ronde n'a pas de filetage : la souder, ou prendre des cellules à pattes d'usine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Collecting strips</source>
      <translation>Bandes collectrices</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Join by %1</source>
      <translation>Joindre par %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Put a ring on every positive end</source>
      <translation>Mettre un anneau sur chaque bout positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Round the hole of a screw the current has only what is left of the bar, and the washer no seat.</source>
      <translation>Autour du trou d'une vis le courant n'a que ce qui reste de la barre, et la rondelle pas d'assise.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Series links</source>
      <translation>Liaisons en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Soldered straight on the cell: schools differ. With 70 W or more and a wide tip, under 3 s a joint; cells with factory tabs are safer.</source>
      <translation>Soudé à l'étain directement sur la cellule : les avis diffèrent. Avec 70 W ou plus et une panne large, moins de 3 s par jonction ; des cellules à pattes d'usine sont plus sûres.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip runs over the rim of every positive end (the metal there is %1 wide) and there is no ring between.</source>
      <translation>Une bande passe sur le bord de chaque bout positif (le métal y fait %1 de large) et il n'y a pas d'anneau entre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The can is negative right up to the rim; strip over the rim is positive.</source>
      <translation>Le boîtier est négatif jusqu'au bord ; la bande sur le bord est positive.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>What joins strip to a cell depends on what its terminals are made of, and on how much heat they lead inside.</source>
      <translation>Ce qui joint une bande à une cellule dépend de la matière de ses bornes, et de la chaleur qu'elles mènent dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>common practice, no source</source>
      <translation>pratique courante, sans source</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>A fuse behind the end of the lead is not in it.</source>
      <translation>Un fusible derrière le bout du câble n'est pas dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The fuse is to lie %1 mm from the pack; the lead is %2 mm long.</source>
      <translation>Le fusible doit être à %1 mm du pack ; le câble fait %2 mm de long.</translation>
    </message>
    <message>
      <location filename="firmcell/core/run/run_result.py" />
      <source>full</source>
      <translation>pleine</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Work plan</source>
      <translation>Plan de travail</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>%1: not read yet</source>
      <translation>%1 : pas encore lue</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>B%1 to B%2</source>
      <translation>B%1 à B%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>No tap is read yet. Black probe on B0, then B1, B2 … in order.</source>
      <translation>Aucune prise lue encore. Pointe noire sur B0, puis B1, B2 … dans l'ordre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>group %1 at B%2</source>
      <translation>groupe %1 à B%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>pin B%1</source>
      <translation>broche B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>strip B%1</source>
      <translation>bande B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>A lamp or 1 kΩ from each pin to the next: no reading falls by more than 3 %</source>
      <translation>Une lampe ou 1 kΩ de chaque broche à la suivante : aucune lecture ne baisse de plus de 3 %</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Each group read under one steady load: none sags more than the others</source>
      <translation>Chaque groupe lu sous une charge régulière : aucun ne chute plus que les autres</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Every strip tugged at every cell: none lifts</source>
      <translation>Chaque bande tirée à chaque cellule : aucune ne se soulève</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Groups counted on the pack itself: %1</source>
      <translation>Groupes comptés sur le pack lui-même : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Pin B0 against the pack's minus strip and pin %1 against its plus strip: nothing</source>
      <translation>Broche B0 contre la bande moins du pack et broche %1 contre sa bande plus : rien</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Red probe in the volt socket, proven on a cell</source>
      <translation>Pointe rouge dans la douille tension, éprouvée sur une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>The chemistry printed on every cell is that of the design</source>
      <translation>La chimie imprimée sur chaque cellule est celle du projet</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>The plug was out of the board at every reading</source>
      <translation>La fiche était hors de la carte à chaque lecture</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cell of another chemistry at this voltage</source>
      <translation>une cellule d'une autre chimie à cette tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cell that is not joined to its group</source>
      <translation>une cellule qui n'est pas jointe à son groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cold joint, a link that leaks, a tap on the other side of an open link</source>
      <translation>une soudure froide, une liaison qui fuit, une prise de l'autre côté d'une liaison ouverte</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a group too many, or one beyond the last tap</source>
      <translation>un groupe de trop, ou un au-delà de la dernière prise</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a lead held by a strand or by dirt, or one that floats and reads right by chance</source>
      <translation>un fil tenu par un brin ou par de la saleté, ou un fil en l'air qui lit juste par hasard</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a lead missing while the plug is in the board</source>
      <translation>un fil manque alors que la fiche est dans la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a plug on mirrored, read with the meter's probes exchanged</source>
      <translation>une fiche en miroir, lue avec les pointes inversées</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board B−</source>
      <translation>carte B−</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board P%1</source>
      <translation>carte P%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>source, %1</source>
      <translation>source, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/pack_wiring.py" />
      <source>fuse, pack side</source>
      <translation>fusible, côté pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/sense_wiring.py" />
      <source>NTC%1</source>
      <translation>NTC%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/sense_wiring.py" />
      <source>board NTC%1</source>
      <translation>carte NTC%1</translation>
    </message>
    <message>
      <location filename="firmcell/register/cells_csv.py" />
      <source>resistance</source>
      <translation>résistance</translation>
    </message>
    <message>
      <location filename="firmcell/shop.py" />
      <source>new pack</source>
      <translation>nouveau pack</translation>
    </message>
    <message>
      <location filename="firmcell/store/format_1.py" />
      <source>BMS retrofit</source>
      <translation>ajout d'un BMS</translation>
    </message>
    <message>
      <location filename="firmcell/store/format_1.py" />
      <source>cell with board</source>
      <translation>cellule avec carte</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_seal.py" />
      <source>firmcell-chain %1 %2%3</source>
      <translation>firmcell-chain %1 %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/store/units.py" />
      <source>%1 AWG</source>
      <translation>%1 AWG</translation>
    </message>
    <message>
      <location filename="firmcell/store/units.py" />
      <source>each</source>
      <translation>chacun</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 (middle of the lug %2 past its pad, drilled for %3).</source>
      <translation>%1 (milieu de la cosse %2 au-delà de son pôle, percé pour %3).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 (steady)</source>
      <translation>%1 (continu)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 A of %2 A (%3 %) between %4 and %5</source>
      <translation>%1 A sur %2 A (%3 %) entre %4 et %5</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 V, %2 groups of %3</source>
      <translation>%1 V, %2 groupes de %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the peak with %2 left</source>
      <translation>%1 à la pointe quand il reste %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the steady current with %2 left</source>
      <translation>%1 au courant continu quand il reste %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 carries %2 at %3; %4 is drawn (it would burn its insulation).</source>
      <translation>%1 porte %2 à %3 ; %4 sont prélevés (il brûlerait son isolant).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 carries %2 at %3; %4 is drawn (it would reach %5).</source>
      <translation>%1 porte %2 à %3 ; %4 sont prélevés (il atteindrait %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 columns</source>
      <translation>%1 colonnes</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 in %2 layers</source>
      <translation>%1 en %2 couches</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 iron or more, about %2; strip %3.</source>
      <translation>Fer de %1 ou plus, environ %2 ; dénuder %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 m each, %2, to %3</source>
      <translation>%1 m chacun, %2, vers %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 mm apart</source>
      <translation>à %1 mm</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 of %2 steps are not passed; the next is “%3”.</source>
      <translation>%1 pas sur %2 ne sont pas réussis ; le suivant est « %3 ».</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on the bottom (weld pairs)</source>
      <translation>%1 dessous (paires de points)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top (weld pairs)</source>
      <translation>%1 dessus (paires de points)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top, %2 on the bottom (weld pairs)</source>
      <translation>%1 dessus, %2 dessous (paires de points)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series link of %3, %4 long. %5 in all.</source>
      <translation>D'abord %1 bande parallèle, puis %2 liaison en série de %3, longue de %4. En tout %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series links of %3, %4 long.</source>
      <translation>D'abord %1 bande parallèle, puis %2 liaisons en série de %3, longues de %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series links of %3, %4 long. %5 in all.</source>
      <translation>D'abord %1 bande parallèle, puis %2 liaisons en série de %3, longues de %4. En tout %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series link of %3, %4 long.</source>
      <translation>D'abord %1 bandes parallèles, puis %2 liaison en série de %3, longue de %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series links of %3, %4 long.</source>
      <translation>D'abord %1 bandes parallèles, puis %2 liaisons en série de %3, longues de %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series links of %3, %4 long. %5 in all.</source>
      <translation>D'abord %1 bandes parallèles, puis %2 liaisons en série de %3, longues de %4. En tout %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 screwed joints in all.</source>
      <translation>En tout %1 jonctions vissées.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 screwed joints.</source>
      <translation>%1 jonctions vissées.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series link of %2, %3 long.</source>
      <translation>%1 liaison en série de %2, longue de %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series link of %2, %3 long. %4 in all.</source>
      <translation>%1 liaison en série de %2, longue de %3. En tout %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series links of %2, %3 long.</source>
      <translation>%1 liaisons en série de %2, longues de %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series links of %2, %3 long. %4 in all.</source>
      <translation>%1 liaisons en série de %2, longues de %3. En tout %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 soldered joints in all.</source>
      <translation>En tout %1 jonctions soudées à l'étain.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 soldered joints.</source>
      <translation>%1 jonctions soudées à l'étain.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 takes about %2 h from empty: end it by the clock and stay with it.</source>
      <translation>%1 demandent environ %2 h depuis vide : finir à l'horloge et rester à côté.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 weld pairs in all.</source>
      <translation>En tout %1 paires de points.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 · hold point</source>
      <translation>%1 · point d'arrêt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, %2 long. %3 in all.</source>
      <translation>%1, long de %2. En tout %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, each lead %2.</source>
      <translation>%1, chaque câble %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the half with shrouded female contacts.</source>
      <translation>%1, la moitié aux contacts femelles protégés.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the receptacle with female contacts.</source>
      <translation>%1, l'embase aux contacts femelles.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1; hold still until the shine goes dull</source>
      <translation>%1 ; ne pas bouger jusqu'à ce que l'éclat ternisse</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>A mate cannot hold them straight.</source>
      <translation>Une autre moitié ne peut les tenir droits.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>About %1 of work left, and %2 by the clock.</source>
      <translation>Encore environ %1 de travail, et %2 à l'horloge.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>About %1 of work left.</source>
      <translation>Encore environ %1 de travail.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Arrange the cells %1 across</source>
      <translation>Disposer les cellules %1 en travers</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At %1 %2 may blow before the board trips</source>
      <translation>À %1 %2 peut sauter avant que la carte ne coupe</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4, up to %5 by how cells of its class and still air differ; %6 is allowed.</source>
      <translation>À la fin d'une marche à %1 dans %2, la cellule %3 est à environ %4, jusqu'à %5 selon les écarts des cellules de sa classe et de l'air calme ; %6 sont permis.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4, up to %5 by how cells of its class and still air differ; %6 is allowed: run it shorter, cool it, or take more cells in parallel.</source>
      <translation>À la fin d'une marche à %1 dans %2, la cellule %3 est à environ %4, jusqu'à %5 selon les écarts des cellules de sa classe et de l'air calme ; %6 sont permis : le faire marcher moins longtemps, le refroidir, ou prendre plus de cellules en parallèle.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and %3, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Nu et sous tension maintenant : jusqu'à %1. Le plus dangereux : %2 et %3, à %4 mm, %5 ; un outil en travers donne environ %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and rim of cell %3, which is its minus, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Nu et sous tension maintenant : jusqu'à %1. Le plus dangereux : %2 et le bord de la cellule %3, qui est son moins, à %4 mm, %5 ; un outil en travers donne environ %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live: up to %1.</source>
      <translation>Nu et sous tension : jusqu'à %1.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live: up to %1. %2 and %3: %4.</source>
      <translation>Nu et sous tension : jusqu'à %1. %2 et %3 : %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Below 60 V it may be left out.</source>
      <translation>Sous 60 V on peut s'en passer.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Beside the main lead the collecting strip carries %1 of %2 (%3 as a long strip, %4 in place; judged by %5).</source>
      <translation>À côté du câble principal la bande collectrice porte %1 sur %2 (%3 comme bande longue, %4 en place ; jugée par : %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black on</source>
      <translation>Noir sur</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, red on %1, B2 … in order, at the free end of the sense plug. Enter each reading in Tests.</source>
      <translation>Pointe noire sur B0, rouge sur %1, B2 … dans l'ordre, au bout libre de la fiche de mesure. Entrer chaque lecture aux Essais.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, red on %1, B2 … in order, on the strips, through the flaps in the sheet. Enter each reading in Tests.</source>
      <translation>Pointe noire sur B0, rouge sur %1, B2 … dans l'ordre, sur les bandes, par les volets de la feuille. Entrer chaque lecture aux Essais.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, then B1, B2 … in order.</source>
      <translation>Pointe noire sur B0, puis B1, B2 … dans l'ordre.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Board's pad %1, printed B%2</source>
      <translation>Plage %1 de la carte, marquée B%2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bottom, turned over about the long axis: %1</source>
      <translation>Dessous, retourné autour du grand axe : %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bottom, turned over about the short axis: %1</source>
      <translation>Dessous, retourné autour du petit axe : %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Capacity %1</source>
      <translation>Capacité %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cell %1 minus</source>
      <translation>Cellule %1 moins</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cell %1 plus</source>
      <translation>Cellule %1 plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cells %1</source>
      <translation>Cellules %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Charge: a tenth of the capacity for 16 h, or fast charge ended by −ΔV 5 to 10 mV a cell or 1 K/min, with a time limit behind both.</source>
      <translation>Charger : un dixième de la capacité pendant 16 h, ou charge rapide arrêtée par −ΔV de 5 à 10 mV par cellule ou 1 K/min, avec une limite de temps derrière.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Check the order of pads against the wire list:</source>
      <translation>Comparer l'ordre des plages à la liste des fils :</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Check the order of pads against the wire list: %1</source>
      <translation>Comparer l'ordre des plages à la liste des fils : %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Collecting strip of B%1</source>
      <translation>Bande collectrice de B%1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Collecting strips carry %1</source>
      <translation>Les bandes collectrices portent %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Crimp a ring lug for %1 on the %2, sleeve it, and set it under the screw of %3 at about %4 (the cell's sheet goes before that). Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>Sertir une cosse à anneau pour %1 (%2), la gainer, et la mettre sous la vis : %3, à environ %4 (la notice de la cellule prime). Finir, gainer et couvrir avant de toucher l'autre conducteur.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Each cell end is roughened, fluxed, tinned in under 3 s and left to cool hand-warm before its strip comes on.</source>
      <translation>Chaque bout de cellule est dépoli, fluxé, étamé en moins de 3 s et refroidi à la tiédeur de la main avant que sa bande n'y vienne.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Each pole</source>
      <translation>Chaque pôle</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Elsewhere it may drive %1.</source>
      <translation>Ailleurs il peut donner %1.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Energy %1</source>
      <translation>Énergie %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Enter each reading in Tests.</source>
      <translation>Entrer chaque lecture aux Essais.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Expect: on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>Attendu : sur l'autre face, moins du groupe %1 au plus du groupe %2 : %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Feel or measure the strips near the leads, then load it steadily for a minute.</source>
      <translation>Tâter ou mesurer les bandes près des câbles, puis charger régulièrement une minute.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Find places in the Layout stage</source>
      <translation>Chercher des places à l'étape Disposition</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Find places in the Layout stage, or try another lattice or one cell fewer in parallel</source>
      <translation>Chercher des places à l'étape Disposition, ou essayer un autre réseau ou une cellule de moins en parallèle</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Finish, sleeve and cover it before the other conductor is touched</source>
      <translation>Finir, gainer et couvrir avant de toucher l'autre conducteur</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>First %1 on the pads, then the strip on it, welded through both</source>
      <translation>D'abord %1 sur les pôles, puis la bande dessus, soudée à travers les deux</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>First %1 on the pads, then the strip on it.</source>
      <translation>D'abord %1 sur les pôles, puis la bande dessus.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>From %1 to %2 neither board nor fuse protects the wire's insulation.</source>
      <translation>De %1 à %2 ni la carte ni le fusible ne protège l'isolant du fil.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Full %1</source>
      <translation>Pleine %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Insulation: from the inside out</source>
      <translation>Isolation : de l'intérieur vers l'extérieur</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Its contacts are loose: the cap goes on the wires before anything else; hold each contact in a jig while it is joined, then push it into the body until it latches, and tug.</source>
      <translation>Ses contacts sont libres : le capuchon va sur les fils avant tout ; tenir chaque contact dans un montage pendant la jonction, puis le pousser dans le corps jusqu'au déclic, et tirer.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Leaking, or smells</source>
      <translation>Qui fuit, ou sent</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Mass %1</source>
      <translation>Masse %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Measure each group from its minus to its plus, the pack on its long side so that both faces can be reached, then each joined pair of groups between its free ends on the other face.</source>
      <translation>Mesurer chaque groupe de son moins à son plus, le pack sur son grand côté pour atteindre les deux faces, puis chaque paire de groupes jointe entre ses bouts libres sur l'autre face.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Measure each group from its minus to its plus, the pack on its long side so that both faces can be reached, then each joined pair of groups through the flaps of the other face.</source>
      <translation>Mesurer chaque groupe de son moins à son plus, le pack sur son grand côté pour atteindre les deux faces, puis chaque paire de groupes jointe par les volets de l'autre face.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Minus and plus as the signs moulded on the body say.</source>
      <translation>Moins et plus selon les signes moulés sur le corps.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>No tap is read yet.</source>
      <translation>Aucune prise lue encore.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Nominal %1</source>
      <translation>Nominal %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Now: %1</source>
      <translation>Maintenant : %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>One quick test each</source>
      <translation>Un bref essai chacun</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Outside, mm %1</source>
      <translation>Dehors, mm %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Past the board nothing would ever switch the pack off.</source>
      <translation>En contournant la carte rien ne couperait jamais le pack.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Plug place %1, printed B%2</source>
      <translation>Place %1 de la fiche, marquée B%2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Say in Brief what is done against a touch before it is built.</source>
      <translation>Dire au cahier ce qui est fait contre le contact avant de le construire.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Series links carry %1</source>
      <translation>Les liaisons en série portent %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Series links carry %1 of %2 (%3 as a long strip, %4 in place; judged by %5).</source>
      <translation>Les liaisons en série portent %1 sur %2 (%3 comme bande longue, %4 en place ; jugées par : %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeve on the wire first, far back from the heat.</source>
      <translation>D'abord la gaine sur le fil, loin de la chaleur.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Solder the minus lead to the tail of the collecting strip B%1 at cell %2.</source>
      <translation>Souder le câble moins à la queue de la bande collectrice B%1 à la cellule %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Solder the plus lead to the tail of the collecting strip B%1 at cell %2.</source>
      <translation>Souder le câble plus à la queue de la bande collectrice B%1 à la cellule %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand each cell in its numbered place, in the holder or on the template printed at 1:1; group %1 with plus up, each next group the other way. Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Mettre chaque cellule à sa place numérotée, dans le support ou sur le gabarit imprimé à 1:1 ; groupe %1 le plus en haut, chaque suivant à l'inverse. Ruban ou support entre cellules voisines : deux gaines usées sont un court-circuit. Écrire + et − sur l'établi près des groupes et laisser les marques jusqu'à la fin.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand the cells %1 across</source>
      <translation>Mettre les cellules %1 en travers</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand the cells %1 across, %2, group by group as drawn; group %3 with plus up, each next group the other way. Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Mettre les cellules %1 en travers, %2, groupe par groupe comme dessiné ; groupe %3 le plus en haut, chaque suivant à l'inverse. Ruban ou support entre cellules voisines : deux gaines usées sont un court-circuit. Écrire + et − sur l'établi près des groupes et laisser les marques jusqu'à la fin.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Steady / peak %1</source>
      <translation>Continu / pointe %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Strip of B%1 at cell %2</source>
      <translation>Bande de B%1 à la cellule %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The %1 goes into this lead first.</source>
      <translation>D'abord va dans ce câble : %1.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The board trips at %1, %2 times the peak.</source>
      <translation>La carte coupe à %1, %2 fois la pointe.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The connector's minus lead is not joined here: it goes to the board's pad P−.</source>
      <translation>Le câble moins du connecteur ne se raccorde pas ici : il va au P− de la carte.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The free end of its minus lead goes to the board's pad P−, the other to the collecting strip.</source>
      <translation>Le bout libre de son câble moins va au P− de la carte, l'autre à la bande collectrice.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Washer and lock under each head, about %1 (the cell's sheet goes before that), then a paint mark over head and bar</source>
      <translation>Rondelle et frein sous chaque tête, environ %1 (la notice de la cellule prime), puis un trait de peinture sur tête et barre</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>about %1 each, those of one group within %2 before they are joined</source>
      <translation>environ %1 chacune, celles d'un groupe à %2 près avant d'être jointes</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>about %1 each, within %2: what is left a balance charge evens out</source>
      <translation>environ %1 chacune, à %2 près : le reste, une charge d'équilibrage le rattrape</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>above 0 to %1; bare numbers are %2</source>
      <translation>plus de 0 à %1 ; un nombre seul est en %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>above 0 to %1; bare numbers are %2; may be left empty</source>
      <translation>plus de 0 à %1 ; un nombre seul est en %2 ; peut rester vide</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>by group as drawn</source>
      <translation>par groupe comme dessiné</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>b− first, then the sense plug, then P−</source>
      <translation>B− d'abord, puis la fiche de mesure, puis P−</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>carry %1</source>
      <translation>portent %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cell %1 %2 at the end of a run, %3 K over the coolest; %4 is allowed; at the steady current it would settle at %5 if it went on for ever</source>
      <translation>cellule %1 à %2 à la fin d'une marche, %3 K au-dessus de la plus froide ; %4 sont permis ; au courant continu elle se fixerait à %5 s'il durait toujours</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cell is</source>
      <translation>cellule est</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cells are</source>
      <translation>cellules sont</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>charge to %1</source>
      <translation>charger à %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>charge with %1</source>
      <translation>charger avec %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>connector +</source>
      <translation>connecteur +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>connector −</source>
      <translation>connecteur −</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>d.c. power supply</source>
      <translation>alimentation continue</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>dead cell</source>
      <translation>cellule morte</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2</source>
      <translation>de %1 à %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; bare numbers are %3</source>
      <translation>de %1 à %2 ; un nombre seul est en %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; bare numbers are %3; may be left empty</source>
      <translation>de %1 à %2 ; un nombre seul est en %3 ; peut rester vide</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>highest voltage</source>
      <translation>plus haute tension</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>hold point</source>
      <translation>point d'arrêt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>insulation tester</source>
      <translation>contrôleur d'isolement</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>iron</source>
      <translation>fer</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>minus of cell %1</source>
      <translation>moins de la cellule %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>sur l'autre face, moins du groupe %1 au plus du groupe %2 : %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus of cell %1</source>
      <translation>plus de la cellule %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>sort the groups again, or try another lattice or one cell fewer in parallel</source>
      <translation>trier de nouveau les groupes, ou essayer un autre réseau ou une cellule de moins en parallèle</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>strip +</source>
      <translation>bande +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>strip −</source>
      <translation>bande −</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the long</source>
      <translation>grand</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too long by %1</source>
      <translation>trop long de %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too long by %1, too wide by %2. Find places in the Layout stage, or try another lattice or one cell fewer in parallel</source>
      <translation>trop long de %1, trop large de %2. Chercher des places à l'étape Disposition, ou essayer un autre réseau ou une cellule de moins en parallèle</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too wide by %1</source>
      <translation>trop large de %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>touching</source>
      <translation>au contact</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>transport and disposal apply.</source>
      <translation>transport et mise au rebut s'appliquent.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>wide tip</source>
      <translation>panne large</translation>
    </message>
  </context>
</TS>
