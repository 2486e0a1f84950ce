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
      <source>%n crimp(s)</source>
      <translation>
        <numerusform>%n sertissage</numerusform>
        <numerusform>%n sertissages</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n day(s)</source>
      <translation>
        <numerusform>%n jour</numerusform>
        <numerusform>%n jours</numerusform>
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
      <source>%n joint(s)</source>
      <translation>
        <numerusform>%n jonction</numerusform>
        <numerusform>%n jonctions</numerusform>
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
      <source>%n notch/notches</source>
      <translation>
        <numerusform>%n encoche</numerusform>
        <numerusform>%n encoches</numerusform>
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
      <source>%n pack(s)</source>
      <translation>
        <numerusform>%n pack</numerusform>
        <numerusform>%n packs</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n peel(s)</source>
      <translation>
        <numerusform>%n pelage</numerusform>
        <numerusform>%n pelages</numerusform>
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
      <source>%n step(s)</source>
      <translation>
        <numerusform>%n étape</numerusform>
        <numerusform>%n étapes</numerusform>
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
      <source>%n tool(s)</source>
      <translation>
        <numerusform>%n outil</numerusform>
        <numerusform>%n outils</numerusform>
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
      <location filename="firmcell/app/bench_commands.py" />
      <source>meter</source>
      <translation>multimètre</translation>
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
      <location filename="firmcell/app/bench_screen.py" />
      <source>· hold point</source>
      <translation>· point d'arrêt</translation>
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
      <source>main</source>
      <translation>principal</translation>
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
      <location filename="firmcell/app/canvas/painter.py" />
      <source>grid</source>
      <translation>grille</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/painter.py" />
      <source>wiring</source>
      <translation>câblage</translation>
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
      <source>wire</source>
      <translation>fil</translation>
    </message>
    <message>
      <location filename="firmcell/app/fields.py" />
      <source>from %1</source>
      <translation>de %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/fields.py" />
      <source>low</source>
      <translation>bas</translation>
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
      <location filename="firmcell/app/findings_box.py" />
      <source>yes</source>
      <translation>oui</translation>
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
      <location filename="firmcell/app/iron_clock.py" />
      <source>seconds</source>
      <translation>secondes</translation>
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
      <location filename="firmcell/app/job_commands.py" />
      <source>label</source>
      <translation>étiquette</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>%1: looking …</source>
      <translation>%1 : examen …</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>&amp;Find</source>
      <translation>&amp;Chercher</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Job</source>
      <translation>Travail</translation>
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
      <source>About %1 of work left%2.</source>
      <translation>Environ %1 de travail restant%2.</translation>
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
      <source>Parts</source>
      <translation>Pièces</translation>
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
      <source>Tools</source>
      <translation>Outils</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Used up</source>
      <translation>Consommé</translation>
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
      <source>no board, no sensor</source>
      <translation>pas de carte, pas de sonde</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>no board; nickel cells are charged in series, ended by time, −ΔV or temperature</source>
      <translation>pas de carte ; les cellules au nickel se chargent en série, fin par le temps, −ΔV ou la température</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>none: these are places to measure</source>
      <translation>aucune : ce sont des points de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>not at all</source>
      <translation>pas du tout</translation>
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
      <source>only the cells' own self-discharge</source>
      <translation>seulement l'autodécharge des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>reading</source>
      <translation>lecture</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>the charger must: one with a balance plug, every charge</source>
      <translation>c'est au chargeur : un chargeur à fiche d'équilibrage, à chaque charge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>the load must stop at %1 by itself, and every charge goes over the balance plug; check groups before each charge</source>
      <translation>l'appareil doit s'arrêter de lui-même à %1, et chaque charge passe par la fiche d'équilibrage ; contrôler les groupes avant chaque charge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>wires</source>
      <translation>fils</translation>
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
      <source>builder</source>
      <translation>constructeur</translation>
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
      <source>length</source>
      <translation>longueur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>no space given</source>
      <translation>aucun espace donné</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>rings</source>
      <translation>anneaux</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>sleeve</source>
      <translation>gaine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>stands</source>
      <translation>est debout</translation>
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
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>no space given in the brief</source>
      <translation>aucun espace donné dans le cahier</translation>
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
      <source>no size given</source>
      <translation>aucune taille donnée</translation>
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
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no table here for this size; the figure above stands alone</source>
      <translation>pas de table ici pour cette taille ; le chiffre ci-dessus est seul</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>one cell a group: the main fuse is its fuse</source>
      <translation>une cellule par groupe : le fusible principal est son fusible</translation>
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
      <source>flux</source>
      <translation>flux</translation>
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
      <translation>Avoir</translation>
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
      <source>Together %1.</source>
      <translation>En tout %1.</translation>
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
      <translation>Valeurs</translation>
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
      <source>%1; the list of instruments is in the Bench menu</source>
      <translation>%1 ; la liste des appareils de mesure est au menu Établi</translation>
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
      <source>Photos of the pack… (Ctrl+Shift+P)</source>
      <translation>Photos du pack… (Ctrl+Maj+P)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Read with the %1</source>
      <translation>Lire avec : %1</translation>
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
      <source>again</source>
      <translation>encore</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>at</source>
      <translation>à</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>between</source>
      <translation>entre</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>held</source>
      <translation>a tenu</translation>
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
      <source>strip:%1</source>
      <translation>strip:%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>tug</source>
      <translation>traction</translation>
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
      <source>pack</source>
      <translation>pack</translation>
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
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>welder</source>
      <translation>soudeuse</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>%1%2. Test: %3.</source>
      <translation>%1%2. Essai : %3.</translation>
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
      <translation>Prises par rapport à B0</translation>
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
      <location filename="firmcell/app/printing.py" />
      <source>must measure 100 mm; print at 100 %, not fitted to the page</source>
      <translation>doit mesurer 100 mm ; imprimer à 100 %, sans ajuster à la page</translation>
    </message>
    <message>
      <location filename="firmcell/app/printing.py" />
      <source>page %1 of %2 along, %3 of %4 down; ticks lie on each other</source>
      <translation>page %1 sur %2 en large, %3 sur %4 en bas ; les traits se superposent</translation>
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
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>%1 of %2</source>
      <translation>%1 sur %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>%1 to %2 mm</source>
      <translation>%1 à %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>back in a drawer</source>
      <translation>de retour dans un tiroir</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_rows.py" />
      <source>scrapped</source>
      <translation>mise au rebut</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>%1, %2, %3 timed, %4 discharged whole, %5 came back.</source>
      <translation>%1, %2, %3 chronométrés, %4 déchargés entièrement, %5 revenues.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Capacity</source>
      <translation>&amp;Capacité</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Joints</source>
      <translation>&amp;Jonctions</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Peel strength</source>
      <translation>Force de &amp;pelage</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>&amp;Times</source>
      <translation>&amp;Temps</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Across all jobs</source>
      <translation>Sur tous les travaux</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Came out</source>
      <translation>Sortie</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Capacity measured against predicted</source>
      <translation>Capacité mesurée et prévue</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Cells that came &amp;back</source>
      <translation>Cellules &amp;revenues</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Cells that came back by class</source>
      <translation>Cellules revenues par classe</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Cells that came out of jobs again</source>
      <translation>Cellules ressorties de travaux</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Class</source>
      <translation>Classe</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Day</source>
      <translation>Jour</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Energy, about</source>
      <translation>Énergie, environ</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>How much was read</source>
      <translation>Ce qui a été lu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>In all</source>
      <translation>En tout</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Its kind</source>
      <translation>Leur genre</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Joined by</source>
      <translation>Joint par</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Joints that were measured</source>
      <translation>Jonctions mesurées</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Learn from the jobs of a &amp;folder…</source>
      <translation>Apprendre des travaux d'un &amp;dossier…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Least</source>
      <translation>Moindre</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Longest</source>
      <translation>Plus long</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Lot</source>
      <translation>Lot</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Mean</source>
      <translation>Moyenne</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Measured</source>
      <translation>Mesuré</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Median</source>
      <translation>Médiane</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No cell came out of a job again.</source>
      <translation>Aucune cellule n'est ressortie d'un travail.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No joint was measured by four wires yet.</source>
      <translation>Aucune jonction n'a encore été mesurée à quatre fils.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No pack was discharged whole and watched yet (Bench, Watch a run).</source>
      <translation>Aucun pack n'a encore été déchargé entièrement sous surveillance (Établi, Surveiller une décharge).</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No peel was measured yet: the peel step of each job takes force or torn hole.</source>
      <translation>Aucun pelage n'a encore été mesuré : l'étape de pelage de chaque travail prend la force ou le trou arraché.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>No step was timed yet: steps that are passed in one sitting are.</source>
      <translation>Aucune étape n'a encore de temps : celles passées en une séance en ont un.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Of it</source>
      <translation>Dont</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Packs that were discharged whole</source>
      <translation>Packs déchargés entièrement</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Passed</source>
      <translation>Passé</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peel strength by setting</source>
      <translation>Force de pelage par réglage</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peels</source>
      <translation>Pelages</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peels, joints and capacity of jobs made before there was a register</source>
      <translation>Pelages, jonctions et capacité des travaux d'avant le registre</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Peels, joints, times, capacity, cells that came back</source>
      <translation>Pelages, jonctions, temps, capacité, cellules revenues</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Predicted</source>
      <translation>Prévu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Reading the register …</source>
      <translation>Lecture du registre …</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Resistance of joints by strip</source>
      <translation>Résistance des jonctions par bande</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Serial</source>
      <translation>Numéro de série</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Setting</source>
      <translation>Réglage</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Settings that were peeled</source>
      <translation>Réglages avec pelages</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Shortest</source>
      <translation>Plus court</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Time by step</source>
      <translation>Temps par étape</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Times of steps</source>
      <translation>Temps des étapes</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Torn hole</source>
      <translation>Trou arraché</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Welder</source>
      <translation>Poste à souder</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Went in</source>
      <translation>Entrée</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Why</source>
      <translation>Pourquoi</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>Worst</source>
      <translation>Pire</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>each</source>
      <translation>chacun</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>measured, Ah</source>
      <translation>mesuré, Ah</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>median, min</source>
      <translation>médiane, min</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>of those used, %</source>
      <translation>des employées, %</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>one joint, mΩ</source>
      <translation>une jonction, mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>peel</source>
      <translation>pelage</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>peel force, N</source>
      <translation>force de pelage, N</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/across_window.py" />
      <source>predicted, Ah</source>
      <translation>prévu, Ah</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>%1, about %2 of work</source>
      <translation>%1, environ %2 de travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Jobs that are planned; Space ticks one</source>
      <translation>&amp;Travaux au plan ; Espace en coche un</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;People</source>
      <translation>&amp;Personnes</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Reminders</source>
      <translation>&amp;Rappels</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Reminders (%1 due)</source>
      <translation>&amp;Rappels (%1 à faire)</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;Steps</source>
      <translation>É&amp;tapes</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>&amp;to</source>
      <translation>&amp;à</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Due</source>
      <translation>Échéance</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>How the plan stands</source>
      <translation>État du plan</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Jobs that are planned</source>
      <translation>Travaux au plan</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Of</source>
      <translation>De</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>People at the benches</source>
      <translation>Personnes aux établis</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Plan and reminders</source>
      <translation>Plan et rappels</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Saturday and S&amp;unday too</source>
      <translation>Samedi et &amp;dimanche aussi</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Steps of the days; Enter opens the job</source>
      <translation>Étapes des jours ; Entrée ouvre le travail</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Takes</source>
      <translation>Dure</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>The day</source>
      <translation>La journée</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Until</source>
      <translation>Jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>What is to be looked at again</source>
      <translation>Ce qui est à revoir</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>When</source>
      <translation>Quand</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Who</source>
      <translation>Qui</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>With</source>
      <translation>Avec</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Work &amp;from</source>
      <translation>Travail &amp;de</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/day_window.py" />
      <source>Write a &amp;calendar…</source>
      <translation>Écrire un &amp;calendrier…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;Came in or went…</source>
      <translation>&amp;Entrée ou sortie…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;Count it…</source>
      <translation>&amp;Compter…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;New part…</source>
      <translation>&amp;Nouvelle pièce…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;Read a table…</source>
      <translation>&amp;Lire un tableau…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>&amp;What it is…</source>
      <translation>Ce &amp;que c'est…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>No longer &amp;kept</source>
      <translation>Plus &amp;tenue</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>No part is in stock yet. Take in the rolls, bags and boxes of the shop: finished steps then take from them, and proposals use them first.</source>
      <translation>Aucune pièce n'est encore en stock. Entrer les rouleaux, sachets et boîtes de l'atelier : les étapes finies y puisent alors, et les propositions les prennent d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Parts in stock</source>
      <translation>Pièces en stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Price</source>
      <translation>Prix</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Supplier</source>
      <translation>Fournisseur</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>There</source>
      <translation>Présent</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/parts_tab.py" />
      <source>Write CS&amp;V…</source>
      <translation>Écrire CS&amp;V…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>From the peeled samples of all jobs. “Proven” is the share of good welds that these samples prove with 90 % confidence: few samples prove little, and a failure proves much against. Every job still peels its own samples.</source>
      <translation>D'après les échantillons pelés de tous les travaux. « Prouvé » est la part de bonnes soudures que ces échantillons prouvent avec 90 % de confiance : peu d'échantillons prouvent peu, et un échec prouve beaucoup contre. Chaque travail pèle toujours ses propres échantillons.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Held</source>
      <translation>A tenu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Last</source>
      <translation>Dernier</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Layers</source>
      <translation>Couches</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>No sample was peeled yet: the settings of each job's peel step are kept here.</source>
      <translation>Aucun échantillon n'a encore été pelé : les réglages de l'étape de pelage de chaque travail sont gardés ici.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Peeled</source>
      <translation>Pelé</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Proven</source>
      <translation>Prouvé</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/settings_tab.py" />
      <source>Pulses</source>
      <translation>Impulsions</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_state.py" />
      <source>%1 in stock, %2.</source>
      <translation>%1 en stock, %2.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_state.py" />
      <source>Register: %1</source>
      <translation>Registre : %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;How we work</source>
      <translation>&amp;Notre façon de faire</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;Parts in stock</source>
      <translation>&amp;Pièces en stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;Settings that held</source>
      <translation>&amp;Réglages qui ont tenu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>&amp;Tools</source>
      <translation>&amp;Outils</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>Opening the register …</source>
      <translation>Ouverture du registre …</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>Parts, tools, settings and ways</source>
      <translation>Pièces, outils, réglages et façons de faire</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>State of the register</source>
      <translation>État du registre</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shop_window.py" />
      <source>What the shop has</source>
      <translation>Ce que l'atelier a</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>%1
%2 still wanted</source>
      <translation>%1
%2 encore voulu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>&amp;Jobs it is for; Space ticks one</source>
      <translation>&amp;Travaux concernés ; Espace en coche un</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Buy</source>
      <translation>Acheter</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Cost</source>
      <translation>Coût</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>For</source>
      <translation>Pour</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>How it is cut</source>
      <translation>Comment couper</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Jobs that the list is for</source>
      <translation>Travaux de la liste</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Parts that the jobs want</source>
      <translation>Pièces que les travaux demandent</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Shopping list</source>
      <translation>Liste d'achats</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Wanted</source>
      <translation>Voulu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>What is to be bought</source>
      <translation>Ce qui est à acheter</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Write &amp;PDF…</source>
      <translation>Écrire &amp;PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>Write C&amp;SV…</source>
      <translation>Écrire C&amp;SV…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/shopping_window.py" />
      <source>little left</source>
      <translation>il en reste peu</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/things_tab.py" />
      <source>All that was written of it</source>
      <translation>Tout ce qui en a été écrit</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/things_tab.py" />
      <source>Take this entry &amp;back</source>
      <translation>Re&amp;prendre cette inscription</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>&amp;Checked…</source>
      <translation>&amp;Contrôlé…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>&amp;New tool…</source>
      <translation>&amp;Nouvel outil…</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>Called</source>
      <translation>Nommé</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>Checked</source>
      <translation>Contrôlé</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>It can</source>
      <translation>Il sait</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/tools_tab.py" />
      <source>No tool is told yet. With its welders a proposal knows which strip can be joined; with its meters the program says when one is to be checked.</source>
      <translation>Aucun outil n'est encore nommé. Avec les soudeuses une proposition sait quelle bande peut être jointe ; avec les multimètres le programme dit quand en contrôler un.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/ways_tab.py" />
      <source>The first design of a new job follows these, and takes the parts that are in stock, as long as no stop and no attention comes of it. Jobs that are there stay as they are.</source>
      <translation>Le premier dessin d'un nouveau travail les suit et prend les pièces en stock, tant que cela n'amène ni arrêt ni alerte. Les travaux présents restent tels quels.</translation>
    </message>
    <message>
      <location filename="firmcell/app/shop/ways_tab.py" />
      <source>no preference</source>
      <translation>pas de préférence</translation>
    </message>
    <message>
      <location filename="firmcell/app/sorting.py" />
      <source>days</source>
      <translation>jours</translation>
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
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>All that was written of the cell</source>
      <translation>Tout ce qui a été écrit de la cellule</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>Pick a cell, or scan its code.</source>
      <translation>Choisir une cellule, ou scanner son code.</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>Ta&amp;ke this entry back…</source>
      <translation>Re&amp;prendre cette inscription…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>Voltage at rest</source>
      <translation>Tension au repos</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/cell_card.py" />
      <source>at rest, V</source>
      <translation>au repos, V</translation>
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
      <location filename="firmcell/app/stock/match_window.py" />
      <source>%1S%2P of %3</source>
      <translation>%1S%2P de %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/match_window.py" />
      <source>the pack</source>
      <translation>le pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;At rest, V</source>
      <translation>Au &amp;repos, V</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;Capacity, Ah</source>
      <translation>&amp;Capacité, Ah</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;Resistance, mΩ</source>
      <translation>Ré&amp;sistance, mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>&amp;Serial</source>
      <translation>Numéro de &amp;série</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>Scan or type a serial, then Enter. Enter goes on from value to value; a value that is left empty is not written.</source>
      <translation>Scanner ou taper un numéro de série, puis Entrée. Entrée passe de valeur en valeur ; une valeur laissée vide n'est pas écrite.</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>Serial of the cell that is measured</source>
      <translation>Numéro de série de la cellule mesurée</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>What became of the reading</source>
      <translation>Ce que la lecture est devenue</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/reading_line.py" />
      <source>Whether Enter stops here</source>
      <translation>Si Entrée s'arrête ici</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>All cells</source>
      <translation>Toutes les cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>At rest, V</source>
      <translation>Au repos, V</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>In jobs</source>
      <translation>Dans des travaux</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>Lost, mV/day</source>
      <translation>Perte, mV/jour</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_rows.py" />
      <source>Scrapped</source>
      <translation>Au rebut</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>&amp;Labels</source>
      <translation>É&amp;tiquettes</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>&amp;Move…</source>
      <translation>&amp;Déplacer…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>&amp;New cells…</source>
      <translation>&amp;Nouvelles cellules…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Cells in stock</source>
      <translation>Cellules en stock</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Cells; Enter reads one</source>
      <translation>Cellules ; Entrée en lit une</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Drawers, jobs and scrap</source>
      <translation>Tiroirs, travaux et rebut</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Find cells</source>
      <translation>Trouver des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>For the &amp;drawers…</source>
      <translation>Pour les &amp;tiroirs…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>For the &amp;wraps of the cells…</source>
      <translation>Pour les &amp;gaines des cellules…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>No cell is in the register yet. Take new cells in, read a table of cells, or look round in the drawers of the demo farm.</source>
      <translation>Aucune cellule n'est encore au registre. Entrer des cellules neuves, lire un tableau de cellules, ou regarder les tiroirs de la ferme de démonstration.</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Not &amp;taken by the server: %1…</source>
      <translation>&amp;Non pris par le serveur : %1…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Not &amp;taken by the server…</source>
      <translation>&amp;Non pris par le serveur…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Read a &amp;table…</source>
      <translation>Lire un &amp;tableau…</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>Serial, class, lot, drawer or job; or scan a code</source>
      <translation>Numéro de série, classe, lot, tiroir ou travail ; ou scanner un code</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>The demo far&amp;m’s drawers</source>
      <translation>Les tiroirs de la ferme de dé&amp;mo</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/stock_window.py" />
      <source>no drawer told MM 1000</source>
      <translation>aucun tiroir dit MM 1000</translation>
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
      <source>sealant</source>
      <translation>mastic</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>sheet</source>
      <translation>feuille</translation>
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
      <location filename="firmcell/core/analysis/run_of_design.py" />
      <source>contacts</source>
      <translation>contacts</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/run_words.py" />
      <source>charger</source>
      <translation>chargeur</translation>
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
      <source>All live metal is covered in this step.</source>
      <translation>Tout le métal sous tension est couvert à cette étape.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>Elsewhere it may drive %1.</source>
      <translation>Ailleurs il peut donner %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>Nothing here is live as long as the source stays off.</source>
      <translation>Rien n'est sous tension ici tant que la source reste coupée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>rim of cell %1, which is its minus</source>
      <translation>bord de la cellule %1, qui est son moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>strip of B%1 at cell %2</source>
      <translation>bande de B%1 à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/moment.py" />
      <source>on</source>
      <translation>sur</translation>
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
      <location filename="firmcell/core/bench/places_told.py" />
      <source>Now</source>
      <translation>Maintenant</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>Record %1 first.</source>
      <translation>Inscrire d'abord : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>how it was found</source>
      <translation>l'état trouvé</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the look-over</source>
      <translation>l'examen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the polarity by meter</source>
      <translation>la polarité au multimètre</translation>
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
      <source>Cover</source>
      <translation>Couvrir</translation>
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
      <location filename="firmcell/core/bench/standing.py" />
      <source>Seal</source>
      <translation>Étancher</translation>
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
      <location filename="firmcell/core/bench/two_places.py" />
      <source>nothing: both are at one potential (under %1 either way)</source>
      <translation>rien : les deux sont au même potentiel (moins de %1 dans un sens ou l'autre)</translation>
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
      <source>for %1</source>
      <translation>pour %1</translation>
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
      <location filename="firmcell/core/changes/by_hand.py" />
      <source>Turn %1</source>
      <translation>Tourner %1</translation>
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
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1 is never charged by what is not known: measure the charger's open voltage, find out how it ends, or use another.</source>
      <translation>%1 ne se charge jamais avec de l'inconnu : mesurer la tension à vide du chargeur, trouver comment il finit, ou en prendre un autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1 is never charged without voltage control: this charge ends by %2. It would go on into cells that are full, until they vent.%3</source>
      <translation>%1 ne se charge jamais sans contrôle de tension : cette charge finit par %2. Elle continuerait dans des cellules pleines, jusqu'au dégazage.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1 is not full at a voltage: it falls when full. A charger that waits for one goes on into full cells, or never fills them.</source>
      <translation>%1 n'est pas plein à une tension : elle baisse quand c'est plein. Un chargeur qui en attend une continue dans des cellules pleines, ou ne les remplit jamais.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1, %2 a cell; %3 is full. It overcharges every cell.</source>
      <translation>%1, %2 par cellule ; %3 est plein. Il surcharge chaque cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>%1; even an empty pack has %2. It charges nothing.</source>
      <translation>%1 ; même un pack vide a %2. Il ne charge rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>; metal hydride bears less of it than cadmium</source>
      <translation>; l'hydrure métallique en supporte moins que le cadmium</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>After full %1 goes on until the clock ends it (%2, %3 times the capacity): a pack put in again when full gets all of that as heat.</source>
      <translation>Une fois plein %1 continue jusqu'à ce que l'horloge l'arrête (%2, %3 fois la capacité) : un pack remis plein reçoit tout cela en chaleur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>At %1 the drop of %2 may not be seen (%3 and more shows it), and no clock is behind it.</source>
      <translation>À %1 la baisse de %2 peut ne pas se voir (%3 et plus la montre), et aucune horloge n'est derrière.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>How the host charges is not entered: no charge in it before that is known.</source>
      <translation>Comment l'appareil charge n'est pas inscrit : pas de charge dedans avant de le savoir.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It begins with %1; the cells take %2.</source>
      <translation>Il commence par %1 ; les cellules prennent %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It does not fill the pack: near full nothing flows from %1.</source>
      <translation>Il ne remplit pas le pack : près du plein rien ne passe de %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It ends at %1 a cell: about %2 of the capacity, which the cells like.</source>
      <translation>Il finit à %1 par cellule : environ %2 de la capacité, ce que les cellules aiment.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It ends by warmth: its sensor must lie on one of the new cells, in the middle of the pack, and the first charge is watched to its end.</source>
      <translation>Il finit par la chaleur : sa sonde doit être sur une des cellules neuves, au milieu du pack, et la première charge se surveille jusqu'au bout.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It gives %1; the cells take %2.</source>
      <translation>Il donne %1 ; les cellules prennent %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It goes on holding the pack at full: take the pack off when it is full.</source>
      <translation>Il tient le pack plein : ôter le pack quand il est plein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>It goes up to %1</source>
      <translation>Il monte à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Its clock ends after %1: an empty pack is then about %2 full.</source>
      <translation>Son horloge finit après %1 : un pack vide est alors plein à %2 environ.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Its current is not entered: measure it into a pack that is half empty.</source>
      <translation>Son courant n'est pas inscrit : le mesurer dans un pack à moitié vide.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Its voltage is not entered: measure it with no pack on it.</source>
      <translation>Sa tension n'est pas inscrite : la mesurer sans pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Measure %1: how warm the pack gets when full is not known. Do not leave it alone till then.</source>
      <translation>Mesurer %1 : on ne sait pas combien le pack chauffe une fois plein. Ne pas le laisser seul d'ici là.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Neither it nor a board sees each group: one may go past full while the sum is right. Balance it elsewhere.</source>
      <translation>Ni lui ni une carte ne voit chaque groupe : l'un peut dépasser le plein alors que la somme est juste. Équilibrer ailleurs.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>No clock is behind it: stay by it.</source>
      <translation>Aucune horloge derrière : rester à côté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Nothing ends it: %1 goes on into a full pack, until it is hot. It needs a clock of %2 h, or another charger.</source>
      <translation>Rien ne l'arrête : %1 continue dans un pack plein, jusqu'à ce qu'il soit brûlant. Il lui faut une horloge de %2 h, ou un autre chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Nothing ends it: %1 goes on. Unplug it after %2 h%3.</source>
      <translation>Rien ne l'arrête : %1 continue. Le débrancher après %2 h%3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>Only a clock ends %1: put it in empty, never twice in a row.</source>
      <translation>Seule une horloge arrête %1 : le mettre vide, jamais deux fois de suite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>That it sees the drop must be proven: watch the first charge to its end.%1</source>
      <translation>Qu'il voie la baisse doit être prouvé : surveiller la première charge jusqu'au bout.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>The board's cut-off is the last line, and no charger.</source>
      <translation>La coupure de la carte est la dernière ligne, pas un chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>The cells are not known: no charge before their chemistry is, by which the voltage goes.</source>
      <translation>Les cellules ne sont pas connues : pas de charge avant leur chimie, dont dépend la tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>The cells are not known: no charge in the host before their chemistry and capacity are.</source>
      <translation>Les cellules ne sont pas connues : pas de charge dans l'appareil avant leur chimie et leur capacité.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>What ends it is not known, and %1 is too much for a full pack: find out what ends it, or use another charger.</source>
      <translation>Ce qui l'arrête n'est pas connu, et %1 est trop pour un pack plein : trouver ce qui l'arrête, ou prendre un autre chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>What ends it is not known: %1 goes on until somebody unplugs it. First charge watched; feel the pack every half hour.</source>
      <translation>Ce qui l'arrête n'est pas connu : %1 continue jusqu'à ce qu'on débranche. Première charge surveillée ; tâter le pack chaque demi-heure.</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>its current (a meter in series, the pack half full)</source>
      <translation>son courant (multimètre en série, pack à moitié plein)</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>its open voltage and its resistor</source>
      <translation>sa tension à vide et sa résistance</translation>
    </message>
    <message>
      <location filename="firmcell/core/charging/in_host.py" />
      <source>nothing</source>
      <translation>rien</translation>
    </message>
    <message>
      <location filename="firmcell/core/geometry/packing.py" />
      <source>free</source>
      <translation>libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/__init__.py" />
      <source>A %1 does not begin with a pack that is there; these do: %2.</source>
      <translation>%1 ne commence pas par un pack présent ; ceux-ci oui : %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Energy</source>
      <translation>Énergie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Heat at %1</source>
      <translation>Chaleur à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Leads lose at %1</source>
      <translation>Perte des câbles à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Runs at %1</source>
      <translation>Tient à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Sag at %1</source>
      <translation>Chute à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Wire left</source>
      <translation>Fil restant</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Wire warms to</source>
      <translation>Le fil chauffe à</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>%1, red on the pack's plus</source>
      <translation>%1, rouge sur le plus du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A pull on the connector moves no joint</source>
      <translation>Tirer sur le connecteur ne bouge aucune jonction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A sheet under the board, tape or glue so that it cannot slide; sense leads flat, none across an edge of strip; the covers of the strips back.</source>
      <translation>Une feuille sous la carte, ruban ou colle pour qu'elle ne glisse pas ; fils de mesure à plat, aucun sur une arête de bande ; les couvertures des bandes remises.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A slip here shorts the pack: what it drives stands below.</source>
      <translation>Un faux geste ici met le pack en court-circuit : ce qu'il donne est dit dessous.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Fix board and leads</source>
      <translation>Fixer la carte et les fils</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>From strip to strip, %1. A board evens out little: groups that differ by more than %2 are charged one by one first.</source>
      <translation>De bande en bande, %1. Une carte équilibre peu : les groupes qui diffèrent de plus de %2 sont d'abord chargés un à un.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Joint smooth, no bare metal</source>
      <translation>Jonction lisse, aucun métal nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Look at its joint on the strip and at the connector, tug both, cover the connector.</source>
      <translation>Regarder sa jonction sur la bande et au connecteur, tirer sur les deux, couvrir le connecteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Main %1: cut in the board</source>
      <translation>%1 principal : y couper la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Measure %1 on the strips</source>
      <translation>Mesurer %1 sur les bandes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Never cut towards a cell. Under the sleeve every strip is live.</source>
      <translation>Ne jamais couper vers une cellule. Sous la gaine chaque bande est sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No bare metal anywhere</source>
      <translation>Aucun métal nu nulle part</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No joint loose</source>
      <translation>Aucune jonction lâche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No wrap cut</source>
      <translation>Aucune gaine entaillée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>One conductor at a time; the other end covered.</source>
      <translation>Un conducteur à la fois ; l'autre bout couvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>One cut, %1 from the pack, the other lead covered; the %2 goes in, each end sleeved before the next.</source>
      <translation>Une coupe, à %1 du pack, l'autre câble couvert ; %2 s'y met, chaque bout gainé avant le suivant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Open the sleeve</source>
      <translation>Ouvrir la gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Over %1 V: gloves and covers.</source>
      <translation>Au-dessus de %1 V : gants et couvertures.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Photograph both faces before anything moves. Measure plus to minus, and find which end is negative: B0 belongs there, whichever end one began building with.</source>
      <translation>Photographier les deux faces avant que rien ne bouge. Mesurer plus à moins, et trouver quel bout est négatif : c'est là que va B0, quel que soit le bout par lequel on a commencé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Record the pack as it is</source>
      <translation>Noter le pack tel qu'il est</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Sheet under it</source>
      <translation>Feuille dessous</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Sheets whole or renewed</source>
      <translation>Feuilles entières ou refaites</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Slit it along a side where no lead and no strip lies, blade flat and short, and peel it off whole if it will go on again. Look at every joint, sheet and wrap: what is rippled, browned or cut is mended first.</source>
      <translation>La fendre le long d'un côté sans fil ni bande, lame à plat et courte, et l'ôter entière si elle doit resservir. Regarder chaque jonction, feuille et gaine : ce qui est ondulé, bruni ou entaillé se répare d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>Strips covered again but for the taps</source>
      <translation>Bandes couvertes de nouveau sauf aux prises</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The %1 lead %2</source>
      <translation>Le câble %1 %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The %1 lead is live against everything on the pack.</source>
      <translation>Le câble %1 est sous tension contre tout le pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The pack is live and cannot be switched off.</source>
      <translation>Le pack est sous tension et ne se coupe pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>The pack's %1 lead comes off the collecting strip, %2, one conductor at a time, the %3 lead covered. The old %4 lead waits, covered: it goes to P%5 last, when the taps are proven.</source>
      <translation>Le câble %1 du pack s'ôte de la bande collectrice, %2, un conducteur à la fois, le câble %3 couvert. L'ancien câble %4 attend, couvert : il va à P%5 en dernier, quand les prises sont prouvées.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>all groups within %1</source>
      <translation>tous les groupes à %1 près</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>and a wire for the board's B%1 goes on that strip, its other end covered until the sense leads are on</source>
      <translation>et un fil pour le B%1 de la carte va sur cette bande, son autre bout couvert jusqu'à ce que les fils de mesure soient posés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>and that strip goes to the board's B%1</source>
      <translation>et cette bande va au B%1 de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>gets its fuse</source>
      <translation>reçoit son fusible</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>smooth joint, tug holds</source>
      <translation>soudure lisse, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>the group</source>
      <translation>le groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Cap on the wire before its contact</source>
      <translation>Capuchon sur le fil avant son contact</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Fire plan ready: sand or water by, a non-burning bench, nobody asleep near it.</source>
      <translation>Plan en cas de feu prêt : sable ou eau à portée, un établi qui ne brûle pas, personne ne dort à côté.</translation>
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
      <source>%1 %2; with board, strap and sleeve the cell is %3.</source>
      <translation>%1 %2 ; avec carte, languette et gaine la cellule fait %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 at the outside ends, red on the positive</source>
      <translation>%1 aux bouts extérieurs, rouge sur le bout positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 long, %2 thick; %3 added</source>
      <translation>%1 de long, %2 d'épaisseur ; %3 en plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1 mm thick, %2 mm long at most</source>
      <translation>%1 mm d'épaisseur, %2 mm de long au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, cut %2</source>
      <translation>%1, coupé à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, cut %2. Hot air from the middle outwards, low heat, cell held by a cool end.</source>
      <translation>%1, coupée à %2. Air chaud du milieu vers les bouts, peu de chaleur, la cellule tenue par un bout froid.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, red on the positive end</source>
      <translation>%1, rouge sur le bout positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1; the board adds %2 mm</source>
      <translation>%1 ; la carte ajoute %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A BMS for one cell goes under one cell; more cells want a board that watches each group.</source>
      <translation>Un BMS d'une cellule va sous une cellule ; plus de cellules veulent une carte qui surveille chaque groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A board under the cell is for one round cell; this job has %1S%2P.</source>
      <translation>Une carte sous la cellule est pour une cellule ronde ; ce travail a %1S%2P.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A cell that is too long bends the holder's springs, or does not go in at all.</source>
      <translation>Une cellule trop longue plie les ressorts du support, ou n'y entre pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A new insulator ring on the positive end. On the negative end an insulator disc, with a hole for the board's B− tab.</source>
      <translation>Un anneau isolant neuf sur le bout positif. Sur le bout négatif un disque isolant, avec un trou pour la patte B− de la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A sleeve that does not grip leaves the strap to rub through.</source>
      <translation>Une gaine qui ne serre pas laisse la languette s'user à travers.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>A strap that touches the rim shorts the cell: ring and tape under it all the way.</source>
      <translation>Une languette qui touche le bord met la cellule en court-circuit : anneau et ruban dessous sur toute la longueur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Always live inside: never cut or pierce the sleeve.</source>
      <translation>Toujours sous tension dedans : ne jamais couper ni percer la gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Becomes</source>
      <translation>Devient</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Board adds</source>
      <translation>La carte ajoute</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Both ends lip over the edge alike</source>
      <translation>Les deux bouts dépassent autant sur l'arête</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>B− tab to the cell's negative, first</source>
      <translation>Patte B− au moins de la cellule, d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Cell with its board</source>
      <translation>Cellule avec sa carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Charger takes it and ends</source>
      <translation>Le chargeur la prend et termine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Disc covers the can to its edge</source>
      <translation>Le disque couvre le godet jusqu'au bord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Dispose of a dented, leaking or rusty cell; it gets no board.</source>
      <translation>Éliminer une cellule cabossée, qui fuit ou rouillée ; elle ne reçoit pas de carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Glasses on: sparks, and sharp strip when peeling.</source>
      <translation>Lunettes : étincelles, et bande coupante en pelant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Goes into the holder without force</source>
      <translation>Entre dans le support sans forcer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Hot air tool, no flame; stop when the sleeve lies.</source>
      <translation>Air chaud, pas de flamme ; arrêter quand la gaine épouse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>It opens and it comes back</source>
      <translation>Elle coupe et revient</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Lay the strap (%1 × %2 mm) on polyimide tape along the wrap, tape over it, and over the ring to the nub. Join it to the board's B+ first, then weld it to the positive: that is the moment it is live.</source>
      <translation>Poser la languette (%1 × %2 mm) sur du ruban polyimide le long de la gaine, du ruban par-dessus, et sur l'anneau jusqu'au téton. La joindre d'abord au B+ de la carte, puis la souder au plus : c'est là qu'elle est sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Look at the cell and measure it</source>
      <translation>Regarder la cellule et la mesurer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Never solder on the cell. Electrodes must not touch each other.</source>
      <translation>Ne jamais braser sur la cellule. Les électrodes ne doivent pas se toucher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>No stock sleeve slides over %1 and shrinks on to it.</source>
      <translation>Aucune gaine courante ne passe sur %1 et ne s'y rétreint.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>No wrinkle over the strap</source>
      <translation>Pas de pli sur la languette</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Not a bare short: a board that fails to open leaves the cell in it.</source>
      <translation>Pas de court-circuit franc : une carte qui ne coupe pas y laisse la cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Opened and came back</source>
      <translation>A coupé et est revenue</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Order</source>
      <translation>Ordre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Peel sample welds</source>
      <translation>Peler des soudures d'essai</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Ring centred, nub clear inside it</source>
      <translation>Anneau centré, téton libre dedans</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Ring centred, positive exposed</source>
      <translation>Anneau centré, plus découvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Ring on the positive, disc on the negative</source>
      <translation>Anneau sur le plus, disque sur le moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Short load: briefly more than %1 through a resistor, not a bare short; the board opens, and comes back when the load is off or a charger is on. Then once into holder and charger.</source>
      <translation>Charge brève : un instant plus de %1 par une résistance, pas un court-circuit franc ; la carte coupe, et revient quand la charge est ôtée ou qu'un chargeur est mis. Puis une fois dans le support et le chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Some boards sleep until they see a charger: touch a charger of the cell's voltage to P+ and P− for a moment.</source>
      <translation>Certaines cartes dorment jusqu'à voir un chargeur : toucher un instant P+ et P− avec un chargeur à la tension de la cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Still fits</source>
      <translation>Va toujours</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Strap covered everywhere</source>
      <translation>Languette couverte partout</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Strap up the side, then to the positive</source>
      <translation>Languette le long du flanc, puis au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The can is negative right up to the rim beside the positive.</source>
      <translation>Le godet est le moins jusqu'au bord à côté du plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The cell as it becomes, to scale; the positive end at the right.</source>
      <translation>La cellule telle qu'elle devient, à l'échelle ; le bout positif à droite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The charger takes</source>
      <translation>Le chargeur prend</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The holder is wide enough for</source>
      <translation>Le support est assez large pour</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The holder takes</source>
      <translation>Le support prend</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The two electrodes must never touch each other.</source>
      <translation>Les deux électrodes ne doivent jamais se toucher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Voltage, wrap, both ends. With its board it will be %1 long and %2 thick: try holder and charger with a dummy of that size first.</source>
      <translation>Tension, gaine, les deux bouts. Avec sa carte elle aura %1 de long et %2 d'épaisseur : essayer d'abord support et chargeur avec un gabarit de cette taille.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Wake the board and measure it</source>
      <translation>Réveiller la carte et la mesurer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld</source>
      <translation>Souder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld strip like the board's tab and the strap (%1 mm) on scrap or a dead cell, with the setting that you will use, and peel. A good weld leaves a nugget and tears a hole in the strip. %2 of %3 must hold.</source>
      <translation>Souder une bande comme la patte de la carte et la languette (%1 mm) sur des chutes ou une cellule morte, au réglage prévu, et peler. Une bonne soudure laisse un noyau et arrache un trou dans la bande. %2 sur %3 doivent tenir.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld the B− tab of %1 to the middle of the can's bottom. The board's B+ stays free and covered.</source>
      <translation>Souder la patte B− de %1 au milieu du fond du godet. Le B+ de la carte reste libre et couvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Wrap whole along the side where the strap runs</source>
      <translation>Gaine intacte là où passe la languette</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>a sleeve that slides on and grips</source>
      <translation>une gaine qui passe et serre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>every peeled weld leaves a nugget or a torn hole</source>
      <translation>chaque soudure pelée laisse un noyau ou un trou arraché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>flat width is half the circumference; stock sizes are generic</source>
      <translation>la largeur à plat est la demi-circonférence ; tailles courantes génériques</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>holder %1, its width %2, charger %3</source>
      <translation>support %1, sa largeur %2, chargeur %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>insulator disc for %1</source>
      <translation>disque isolant pour %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>insulator ring for %1</source>
      <translation>rondelle isolante pour %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>no stock size</source>
      <translation>pas de taille courante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>not entered</source>
      <translation>non inscrit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>ring and disc, B− to the can, strap to B+, strap to the positive last, sleeve, trip test</source>
      <translation>anneau et disque, B− au godet, languette à B+, languette au plus en dernier, gaine, essai de coupure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap</source>
      <translation>sangle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap %1 × %2 mm</source>
      <translation>languette %1 × %2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap flat, nowhere near the rim</source>
      <translation>languette à plat, nulle part près du bord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>sum of lengths, largest cell of the class</source>
      <translation>somme des longueurs, plus grande cellule de la classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>the board</source>
      <translation>la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>tug holds, tab flat</source>
      <translation>tient la traction, patte à plat</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>⌀ %1 × %2 mm at most; the board adds %3</source>
      <translation>⌀ %1 × %2 mm au plus ; la carte ajoute %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cooling.py" />
      <source>What was heated cools</source>
      <translation>Ce qui a chauffé refroidit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>crimp tool</source>
      <translation>pince à sertir</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>heat gun</source>
      <translation>pistolet à air chaud</translation>
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
      <source>%1 is late by %2: done %3.</source>
      <translation>%1 est en retard de %2 : fini %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1 … %2 (%3 steps)</source>
      <translation>%1 … %2 (%3 étapes)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1%2 first</source>
      <translation>%1%2 d’abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1: “%2” takes about %3, longer than a day; it is planned from the morning on.</source>
      <translation>%1 : « %2 » dure environ %3, plus qu'un jour ; c'est prévu dès le matin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>, done %1 at %2.</source>
      <translation>, fini %1 à %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>; not all of it is done within 90 days.</source>
      <translation>; tout n'en est pas fini en 90 jours.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>Nothing is left to do in these jobs.</source>
      <translation>Il n'y a plus rien à faire dans ces travaux.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>watched</source>
      <translation>surveillé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_works.py" />
      <source>re-sleeve-judge</source>
      <translation>re-sleeve-judge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>A job of the kind “%1” %2: it has no %3.</source>
      <translation>Un travail du genre « %1 » %2 : il n'a pas de %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>drawing of its faces</source>
      <translation>dessin de ses faces</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>has no pack of its own</source>
      <translation>n'a pas de pack à lui</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>label of a pack</source>
      <translation>étiquette de pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>lays no strips</source>
      <translation>ne pose pas de bandes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>lays out no cells</source>
      <translation>ne dispose pas de cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>list of cell places</source>
      <translation>liste des places de cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>list of pieces of strip</source>
      <translation>liste des morceaux de bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>places to find</source>
      <translation>places à trouver</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>sense leads to judge</source>
      <translation>fils de mesure à juger</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>tables of cells, strips and taps</source>
      <translation>tableaux de cellules, bandes et prises</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>template of its faces</source>
      <translation>gabarit de ses faces</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/handed_out.py" />
      <source>wires no BMS</source>
      <translation>ne câble pas de BMS</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>%1 from B%2 to B%3, red on B%4</source>
      <translation>%1 de B%2 à B%3, rouge sur B%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>%1, group by group as drawn. Write + and − beside every clip before anything is wired.</source>
      <translation>%1, groupe par groupe comme dessiné. Écrire + et − à côté de chaque clip avant tout câblage.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>%1: by the host's pin list, each pin checked by continuity to its place and against its neighbours.</source>
      <translation>%1 : d'après la liste des broches de l'appareil, chaque broche contrôlée par continuité vers sa place et contre ses voisines.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A cell the wrong way round is a short through its neighbours: look, then push it in.</source>
      <translation>Une cellule à l'envers est un court-circuit par ses voisines : regarder, puis la pousser.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A clip that is too warm loses its spring, then its grip, and arcs.</source>
      <translation>Un clip trop chaud perd son ressort, puis sa prise, et fait des arcs.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A dented, leaking or rusty cell does not go in.</source>
      <translation>Une cellule cabossée, qui fuit ou rouillée n'y entre pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>A host that counts charge shows nonsense at first: charge it full and run it down in use, three or four times, and look each time where it says empty.</source>
      <translation>Un appareil qui compte la charge dit n'importe quoi au début : le charger à plein et le vider à l'usage, trois ou quatre fois, et regarder chaque fois où il dit vide.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Between plus and minus, and each to the case, every holder empty and the board unplugged.</source>
      <translation>Entre plus et moins, et de chacun au boîtier, tous les supports vides et la carte débranchée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Cell%1 %2%3, plus as marked. Then B%4 to B%5.</source>
      <translation>Cellule%1 %2%3, plus comme marqué. Puis B%4 à B%5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Cells of one group must be close: they even out the moment both are in.</source>
      <translation>Les cellules d'un groupe doivent être proches : elles s'égalisent dès que les deux sont en place.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Charges to full in the host</source>
      <translation>Se charge à plein dans l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Clips lose more than welds do, and it is lost as heat at the cell's ends.</source>
      <translation>Les clips perdent plus que les soudures, et c'est de la chaleur aux bouts des cellules.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Continuity from every clip to its pad</source>
      <translation>Continuité de chaque clip à sa pastille</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Each clip carries %1 of %2.</source>
      <translation>Chaque clip porte %1 sur %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Each clip to its place in the plug and to its pad as printed; each main lead from its clip to board or connector.</source>
      <translation>Chaque clip à sa place dans la fiche et à sa pastille comme imprimé ; chaque câble principal de son clip à la carte ou au connecteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Every clip reaches its place</source>
      <translation>Chaque clip atteint sa place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Every pin to its place</source>
      <translation>Chaque broche à sa place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Fix the holders, mark plus and minus</source>
      <translation>Fixer les supports, repérer plus et moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Group %1: cells in, read it</source>
      <translation>Groupe %1 : cellules dedans, le lire</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Insulation of the empty harness</source>
      <translation>Isolement du faisceau vide</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Let the host learn the pack</source>
      <translation>Laisser l'appareil apprendre le pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Measure all %1 cells</source>
      <translation>Mesurer toutes les %1 cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Measure the cell</source>
      <translation>Mesurer la cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>No cell in any holder until the harness has been measured.</source>
      <translation>Aucune cellule dans un support avant d'avoir mesuré le faisceau.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>No clip reaches another group's place</source>
      <translation>Aucun clip n'atteint la place d'un autre groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>No pin to its neighbour</source>
      <translation>Aucune broche vers sa voisine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Pin 1 found by its mark, not by colour</source>
      <translation>Broche 1 trouvée à sa marque, pas à la couleur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Plus and minus of the connector not joined</source>
      <translation>Plus et moins du connecteur non joints</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Shown charge follows use after a few cycles</source>
      <translation>La charge affichée suit l'usage après quelques cycles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Solder parallel and series links of %1 while every holder is empty. Clips hold heat: quick, with a hot iron, so that the plastic keeps its shape.</source>
      <translation>Braser les liaisons parallèle et série de %1 tant que chaque support est vide. Les clips gardent la chaleur : vite, au fer chaud, pour que le plastique garde sa forme.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>The clips lose %1 mV at the steady current, %2 W at each cell.</source>
      <translation>Les clips perdent %1 mV au courant continu, %2 W à chaque cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Voltage of every %1, every wrap and both ends.</source>
      <translation>Tension de chacune : %1, chaque gaine et les deux bouts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Wire the clips, no cell near</source>
      <translation>Câbler les clips, aucune cellule à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>class value of the clips</source>
      <translation>valeur de classe des clips</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>more than %1 MΩ</source>
      <translation>plus de %1 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>smooth joints, clips not bent, plastic not soft</source>
      <translation>soudures lisses, clips non pliés, plastique non ramolli</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>two clips a cell in the way</source>
      <translation>deux clips par cellule sur le chemin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>%1 goes on after full, %2</source>
      <translation>%1 continue une fois plein, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Charged elsewhere by the passport, watched</source>
      <translation>Chargé ailleurs d'après le passeport, surveillé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>First charge in the host, watched</source>
      <translation>Première charge dans l'appareil, surveillée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Host's charger marked, or taken out</source>
      <translation>Chargeur de l'appareil marqué, ou ôté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>It ended as it should</source>
      <translation>Elle s'est terminée comme il faut</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>It should be full after about %1 h from empty.</source>
      <translation>Il devrait être plein après environ %1 h depuis vide.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>May charge it</source>
      <translation>Peut le charger</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>No cell more than hand-warm</source>
      <translation>Aucune cellule plus que tiède à la main</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>No charge in this host</source>
      <translation>Pas de charge dans cet appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Not in this host: %1 Charge the pack elsewhere, by its passport, and mark the host's charger so that nobody uses it.</source>
      <translation>Pas dans cet appareil : %1 Charger le pack ailleurs, d'après son passeport, et marquer le chargeur de l'appareil pour que personne ne s'en serve.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Dehors ou sur un support qui ne brûle pas, eau ou sable à portée. Un pack qui gonfle, siffle, sent ou chauffe de lui-même va dehors et y reste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>REFUSED, see the findings</source>
      <translation>REFUSÉ, voir les constats</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Stay with it to the end and feel the cells every half hour.%1</source>
      <translation>Rester là jusqu'à la fin et tâter les cellules chaque demi-heure.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>The host's charger</source>
      <translation>Le chargeur de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Voltage an hour later as expected</source>
      <translation>Tension une heure après comme attendu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>after about %1 h from empty</source>
      <translation>après environ %1 h depuis vide</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>begins with %1; %2</source>
      <translation>commence par %1 ; %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>never: it ends at about %1</source>
      <translation>jamais : il finit à environ %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>not known until it is entered: no charge in the host till then</source>
      <translation>inconnu tant que ce n'est pas inscrit : pas de charge dans l'appareil jusque-là</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>nothing after full</source>
      <translation>rien une fois plein</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>watched only, until it is measured</source>
      <translation>surveillé seulement, tant que ce n'est pas mesuré</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>yes, with what the findings say</source>
      <translation>oui, avec ce que disent les constats</translation>
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
      <source>%1 at the plus ends</source>
      <translation>%1 aux bouts plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 first, then</source>
      <translation>%1 d'abord, puis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1%2, %3 long%4.</source>
      <translation>%1%2, %3 de long%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1%2, %3 long, slotted or punched for this pitch: a pair of welds astride each slot.</source>
      <translation>%1%2, %3 de long, fendue ou poinçonnée pour ce pas : une paire de points à cheval sur chaque fente.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1: %2 face up</source>
      <translation>%1 : %2 vers le haut</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1; hold still until the shine goes dull.</source>
      <translation>%1 ; ne pas bouger jusqu'à ce que l'éclat devienne mat.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1minus of group %2 to plus of group %3: %4</source>
      <translation>%1moins du groupe %2 à plus du groupe %3 : %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>(middle of the lug %1 past its pad%2)</source>
      <translation>(milieu de la cosse à %1 au-delà de sa plage%2)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, %1 tail for the main lead at cell %2</source>
      <translation>, queue de %1 pour le câble principal à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, drilled for M%1</source>
      <translation>, percée pour M%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, the pack on its long side so that both faces can be reached</source>
      <translation>, le pack sur son grand côté pour atteindre les deux faces</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, then each joined pair of groups</source>
      <translation>, puis chaque paire de groupes joints</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, welded through both</source>
      <translation>, soudée à travers les deux</translation>
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
      <source>A tab that touches the rim of a positive end shorts the cell: ring first.</source>
      <translation>Une patte qui touche le bord d'un bout positif met cette cellule en court-circuit : l'anneau d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>A wire that melts throws hot copper: nothing that burns lies over it.</source>
      <translation>Un fil qui fond projette du cuivre chaud : rien qui brûle par-dessus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>At each plus the plate has a window: off the pack, solder a bare copper wire of %1 mm to the plate beside each; on the cells, solder its other end to the plus in under 3 s. %2 of it stay free between the two joints, in an arc, clear of everything: shorter it does not melt when it should, longer it melts in use.</source>
      <translation>À chaque plus la plaque a une fenêtre : hors du pack, braser à côté de chacune un fil de cuivre nu de %1 mm sur la plaque ; sur les cellules, braser son autre bout au plus en moins de 3 s. %2 en restent libres entre les deux soudures, en arc, loin de tout : plus court il ne fond pas quand il faut, plus long il fond à l'usage.</translation>
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
      <source>Each cell end is roughened, fluxed, tinned in under 3 s and left to cool hand-warm before its strip comes on. %1; hold still until the shine goes dull.</source>
      <translation>Chaque bout de cellule est dépoli, fluxé, étamé en moins de 3 s et laissé tiédir avant que sa bande ne s'y pose. %1 ; ne pas bouger jusqu'à ce que l'éclat devienne mat.</translation>
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
      <source>Every tab firm on its cell, bent clear of the rim, roughened, fluxed and tinned; the ends of %1 likewise. %2.</source>
      <translation>Chaque patte ferme sur sa cellule, pliée loin du bord, dépolie, fluxée et étamée ; de même les bouts de %1. %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Faces bright and wiped</source>
      <translation>Faces brillantes et essuyées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>First %1 on the pads, then the strip on it%2.</source>
      <translation>D'abord %1 sur les plages, puis la bande dessus%2.</translation>
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
      <source>It is a bar: first, off the pack, solder a tab of %1 to it for each cell and let it cool, a sheet under the bar with a hole at each cell. Then weld the tabs to the cells, and only the tabs.</source>
      <translation>C'est une barre : d'abord, hors du pack, y braser une patte de %1 par cellule et laisser refroidir, une feuille sous la barre avec un trou à chaque cellule. Puis souder les pattes aux cellules, et rien que les pattes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>It reads one cell</source>
      <translation>Cela lit une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Lay sheet over all joints of this face before anything else is joined, with a flap over each tap point: it is read and the sense lead is joined through the flap.</source>
      <translation>Poser une feuille sur toutes les jonctions de cette face avant de joindre autre chose, avec un volet sur chaque prise : on y mesure et le fil de mesure s'y raccorde.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Look over and tin the tabs</source>
      <translation>Revoir et étamer les pattes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Measure across the %1 face</source>
      <translation>Mesurer à travers la face %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Measure each group from its minus to its plus</source>
      <translation>Mesurer chaque groupe de son moins à son plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No filings on the cells: brush them off away from the pack.</source>
      <translation>Pas de limaille sur les cellules : la brosser loin du pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No iron rests on anything that leads straight into a pouch: a clip between iron and cell takes the heat.</source>
      <translation>Aucun fer ne reste sur ce qui mène droit dans un sachet : une pince entre fer et cellule prend la chaleur.</translation>
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
      <source>One joint at a time; the iron's tip across two tabs is a short.</source>
      <translation>Une jonction à la fois ; la panne du fer sur deux pattes est un court-circuit.</translation>
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
      <source>Tabs and strip tinned</source>
      <translation>Pattes et bande étamées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Tabs clear of the rim</source>
      <translation>Pattes loin du bord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>The bridge to the other block is flexible insulated wire.</source>
      <translation>Le pont vers l'autre bloc est un fil souple isolé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>The plate lies over the cell's rim, which is its minus: ring and sheet stay under it, and no wire may sag to it.</source>
      <translation>La plaque passe sur le bord de la cellule, qui est son moins : anneau et feuille restent dessous, et aucun fil ne doit y pendre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Then %1 drawn by hand.</source>
      <translation>Puis %1 dessiné à la main.</translation>
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
      <source>Twice the weld pairs on %1 %2: joints that matter.</source>
      <translation>Deux fois plus de paires de points sur %1 %2 : des jonctions qui comptent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Washer and lock under each head, %1 (the cell's sheet goes before that), then a paint mark over head and bar.</source>
      <translation>Rondelle et frein sous chaque tête, %1 (la fiche de la cellule passe avant), puis un trait de peinture sur tête et barre.</translation>
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
      <source>a second</source>
      <translation>une deuxième</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>about %1 N·m</source>
      <translation>environ %1 N·m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>all %1 cells of the group read %2</source>
      <translation>les %1 cellules du groupe lisent %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>as the cell's sheet says</source>
      <translation>comme le dit la fiche de la cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>between its free ends on the other face</source>
      <translation>entre ses bouts libres sur l'autre face</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>every tap point is live against every other, under its flap</source>
      <translation>chaque prise est sous tension contre chaque autre, sous son volet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>from the minus of the one to the plus of the other</source>
      <translation>du moins de l'un au plus de l'autre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>in %1 layers</source>
      <translation>en %1 couches</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>on the other face,</source>
      <translation>sur l'autre face,</translation>
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
      <source>through the flaps of the other face</source>
      <translation>par les volets de l'autre face</translation>
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
      <source>and water by</source>
      <translation>et de l'eau à portée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>basin of water</source>
      <translation>bassine d'eau</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>cable cutter</source>
      <translation>coupe-câble</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>calliper</source>
      <translation>pied à coulisse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>camera</source>
      <translation>appareil photo</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>caps of the connector: on the wires before any contact</source>
      <translation>capuchons du connecteur : sur les fils avant tout contact</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>clamp or jig</source>
      <translation>serre-joint ou montage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>covered</source>
      <translation>couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>covers for free ends, one for each</source>
      <translation>capuchons pour bouts libres, un chacun</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>crimping tool with its dies</source>
      <translation>pince à sertir avec ses mâchoires</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>hot air</source>
      <translation>air chaud</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>insulation tester, or meter of MΩ</source>
      <translation>contrôleur d'isolement, ou multimètre en MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>marker</source>
      <translation>marqueur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>or water by</source>
      <translation>ou de l'eau à portée</translation>
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
      <source>sand or a great deal of water, outdoors or on a bench that does not burn</source>
      <translation>sable ou beaucoup d'eau, dehors ou sur un établi qui ne brûle pas</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>scale to 0.1 g</source>
      <translation>balance à 0,1 g</translation>
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
      <source>soldering iron, wide tip</source>
      <translation>fer à souder, panne large</translation>
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
      <translation>bâton de bois pour presser la bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 from the joint; %2</source>
      <translation>%1 de la jonction ; %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 of each wire; the change takes %2</source>
      <translation>%1 de chaque fil ; l'échange prend %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 of wire are wanted: heat sink or wet cloth</source>
      <translation>il faut %1 de fil : pince thermique ou linge mouillé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 wire</source>
      <translation>fil %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 with red on plus</source>
      <translation>%1, rouge sur plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1, %2 from the pack: cut, strip, sleeves on, join the pack's side first and sleeve it, then the load's side. %3</source>
      <translation>%1, à %2 du pack : couper, dénuder, enfiler les gaines, joindre d'abord le côté du pack et le gainer, puis celui de l'appareil. %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1, %2, clamped so that it cannot skid. %3 %4 W iron, wide tip, %5, %6.%7 Covers for two wire ends.%8</source>
      <translation>%1, %2, bridé pour ne pas glisser. %3 Fer de %4 W, panne large, %5, %6.%7 Capuchons pour deux bouts de fil.%8</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>, and mark both sides of the old body</source>
      <translation>, et repérer les deux côtés de l'ancien corps</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A cell or pouch tab that is heated through its lead is harmed where nobody sees it.</source>
      <translation>Une cellule ou une patte de sachet chauffée par son fil est abîmée là où personne ne le voit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A joint that warms more than its neighbour is done again.</source>
      <translation>Une jonction qui chauffe plus que sa voisine est refaite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A lead that is too short is pulled on, and the pull lands on the pack's joints.</source>
      <translation>On tire sur un fil trop court, et la traction arrive sur les jonctions du pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A minute under load</source>
      <translation>Une minute en charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A probe tip that slips across shorts the pack.</source>
      <translation>Une pointe qui glisse en travers met le pack en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A sleeve that shrinks where it waits does not slide over the joint any more, and one begins again.</source>
      <translation>Une gaine qui se rétreint là où elle attend ne passe plus sur la jonction, et on recommence.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>A slip that bridges both shorts the pack: about %1.</source>
      <translation>Un faux geste qui ponte les deux met le pack en court-circuit : environ %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Balance plug covered and tied out of the way</source>
      <translation>Fiche d'équilibrage couverte et attachée à l'écart</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Body not distorted</source>
      <translation>Corps non déformé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Both joints alike</source>
      <translation>Les deux jonctions pareilles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Both joints tugged once more</source>
      <translation>Traction refaite sur les deux jonctions</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cap on the wires, or at hand for the first</source>
      <translation>Capuchon sur les fils, ou à portée pour le premier</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Charger unplugged</source>
      <translation>Chargeur débranché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Clamp a heat sink on the wire: the pack's end would warm by %1 K.</source>
      <translation>Une pince thermique sur le fil : le bout du pack chaufferait de %1 K.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Connector clamped</source>
      <translation>Connecteur bridé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Connector no warmer than the hand bears</source>
      <translation>Connecteur pas plus chaud que la main ne supporte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cover the %1 contact with polyimide tape, then lift the %2 wire out of its cup and trim the end. The %3 wire is %4.</source>
      <translation>Couvrir le contact %1 de ruban polyimide, puis lever le fil %2 de son fût et en rogner le bout. Le fil %3 est %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Covers for both wire ends at hand</source>
      <translation>Capuchons pour les deux bouts à portée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cut %1 from its end, behind the old body. The %2 wire is %3. Cover the end at once, fold the other back.</source>
      <translation>Couper %1 de son bout, derrière l'ancien corps. Le fil %2 est %3. Couvrir le bout aussitôt, replier l'autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Cut the %1 wire only</source>
      <translation>Ne couper que le fil %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Everything within reach before the first cut</source>
      <translation>Tout à portée avant la première coupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Find plus with the meter and mark it</source>
      <translation>Trouver le plus au multimètre et le repérer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Hot air away from the cells.</source>
      <translation>Air chaud loin des cellules.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Iron hot, tip tinned</source>
      <translation>Fer chaud, panne étamée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Its polarity, cup and pins decide how it comes off.</source>
      <translation>Sa polarité, son fût et ses broches décident comment il s'ôte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Jig for the contacts at hand</source>
      <translation>Gabarit pour les contacts à portée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Key fits one way only</source>
      <translation>Le détrompeur ne va que dans un sens</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Left</source>
      <translation>Reste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Live</source>
      <translation>Sous tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Live now: the %1 wire's end, against the %2 wire and everything joined to it.</source>
      <translation>Sous tension à présent : le bout du fil %1, contre le fil %2 et tout ce qui y est joint.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Load it with about %1 and feel the connector and both joints.</source>
      <translation>Charger d'environ %1 et tâter le connecteur et les deux jonctions.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Load unplugged</source>
      <translation>Appareil débranché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Load's half: plus by its marking</source>
      <translation>Moitié de l'appareil : plus d'après son marquage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Mate unconnected</source>
      <translation>Autre moitié raccordée à rien</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Mated without force</source>
      <translation>Enfichée sans forcer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Measure at %1. Tie tape marked + to the wire that is plus, at the pack%2. Colours of wires are no proof.</source>
      <translation>Mesurer : %1. Attacher un ruban marqué + au fil qui est le plus, au pack%2. La couleur des fils ne prouve rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Never both wires in one cut: the cutter itself is the short.</source>
      <translation>Jamais les deux fils d'un seul coup : la pince elle-même est le court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>No bare metal outside the sleeve</source>
      <translation>Aucun métal nu hors de la gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Nothing conducting under the work</source>
      <translation>Rien de conducteur sous l'ouvrage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Nothing on the pack</source>
      <translation>Rien sur le pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Only the %1 wire is free</source>
      <translation>Seul le fil %1 est libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Pack at storage charge</source>
      <translation>Pack à la charge de stockage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Pack's end</source>
      <translation>Bout du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Polarity by meter before the first mating</source>
      <translation>Polarité au multimètre avant le premier branchement</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Push it into the place marked %1 until it latches, and tug.</source>
      <translation>Le pousser dans la place marquée %1 jusqu'au déclic, et tirer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Rings and watch off</source>
      <translation>Bagues et montre ôtées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Rings, watch and bracelets off. Fire plan ready: sand or water by, a non-burning bench.</source>
      <translation>Ôter bagues, montre et bracelets. Plan en cas de feu prêt : sable ou eau à portée, un établi qui ne brûle pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve and cup want %1 of wire (the sleeve waits %2 from the joint); %3 are left: clamp a heat sink between, or hold it back with a wet cloth.</source>
      <translation>Gaine et fût veulent %1 de fil (la gaine attend à %2 de la jonction) ; il en reste %3 : une pince thermique entre, ou la retenir avec un linge mouillé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve grips wire and cup</source>
      <translation>La gaine serre le fil et le fût</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve on the wire first, %1 back. Strip %2, tin wire and cup apart, cup half full; heat %3, about %4 s, then the wire in. Hold until it is solid. %5Sign moulded on the body decides, not its colour. %6</source>
      <translation>D'abord la gaine sur le fil, %1 en arrière. Dénuder %2, étamer fil et fût à part, fût à moitié plein ; chauffer %3, environ %4 s, puis le fil dedans. Tenir jusqu'à ce que ce soit pris. %5Le signe moulé sur le corps décide, pas sa couleur. %6</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve the %1 joint</source>
      <translation>Gainer la jonction %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeve waits</source>
      <translation>Gaine en attente</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Sleeves cut and at hand</source>
      <translation>Gaines coupées et à portée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Solder the %1 wire to the contact marked %2</source>
      <translation>Braser le fil %1 au contact marqué %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Soldering warms the pack's end of the lead by up to %1 K%2: clamp a heat sink on the wire, use a stronger iron for a shorter time, or crimp.</source>
      <translation>Le brasage chauffe le bout du pack jusqu'à %1 K%2 : une pince thermique sur le fil, un fer plus fort moins longtemps, ou sertir.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Take the cover off the %1 wire and trim %2 of tarnished strand. The %3 wire is %4.</source>
      <translation>Ôter le capuchon du fil %1 et rogner %2 de brins ternis. Le fil %3 est %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Take the mate out. Red probe into the contact marked +, black into −, without touching both with one probe.</source>
      <translation>Ôter l'autre moitié. Pointe rouge dans le contact marqué +, noire dans −, sans toucher les deux d'une même pointe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The %1 wire is covered</source>
      <translation>Le fil %1 est couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The change takes %1; %2 are left and %3 must be reached: unsolder instead, or splice longer wire on first.</source>
      <translation>L'échange prend %1 ; il reste %2 et il faut atteindre %3 : dessouder à la place, ou épisser d'abord un fil plus long.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The free end is covered until it is worked</source>
      <translation>Le bout libre est couvert jusqu'à son tour</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The fuse into the %1 wire</source>
      <translation>Le fusible dans le fil %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The fuse itself stays out of its holder until the connector is on.</source>
      <translation>Le fusible lui-même reste hors de son porte-fusible jusqu'à ce que le connecteur soit posé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The iron can bridge both contacts of the old connector, which are live to each other.</source>
      <translation>Le fer peut ponter les deux contacts de l'ancien connecteur, qui sont sous tension l'un contre l'autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The iron must not bridge both contacts: they are live to each other.</source>
      <translation>Le fer ne doit pas ponter les deux contacts : ils sont sous tension l'un contre l'autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The load's half is changed dead, with its own capacitors discharged. Check its plus by the load's marking, not by the old plug. Pull on the bodies, never on the wires.</source>
      <translation>La moitié de l'appareil se change hors tension, ses propres condensateurs déchargés. Contrôler son plus d'après le marquage de l'appareil, pas d'après l'ancienne fiche. Tirer sur les corps, jamais sur les fils.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The mate in the new connector must be connected to nothing.</source>
      <translation>L'autre moitié dans le nouveau connecteur ne doit être raccordée à rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The mate on the load, then mate once</source>
      <translation>L'autre moitié sur l'appareil, puis enficher une fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>The other contact %1:</source>
      <translation>L'autre contact %1 :</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Two bare ends of a live pack: never both uncovered.</source>
      <translation>Deux bouts nus d'un pack sous tension : jamais les deux découverts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Uncover the %1 wire only</source>
      <translation>Ne découvrir que le fil %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Unplug load and charger. The pack stays live whatever is done: it cannot be switched off. Bring it to storage charge first: what a slip can do is less then.</source>
      <translation>Débrancher appareil et chargeur. Le pack reste sous tension quoi qu'on fasse : il ne se coupe pas. Le mettre d'abord à la charge de stockage : un faux geste fait alors moins.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Unsolder the %1 wire only</source>
      <translation>Ne dessouder que le fil %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Unsoldering %1 keeps the iron %2 from the other live contact: cut instead, or cover that one with polyimide tape first.</source>
      <translation>Dessouder %1 tient le fer à %2 de l'autre contact sous tension : couper à la place, ou couvrir d'abord celui-là de ruban polyimide.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>What is changed</source>
      <translation>Ce qui est changé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Which connector comes off is not entered.</source>
      <translation>Quel connecteur s'ôte n'est pas inscrit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle.</source>
      <translation>Essuyer le flux tiède, glisser la gaine sur tout le métal nu, rétreindre depuis le milieu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>Wipe flux while warm, slide the sleeve over all bare metal, shrink from the middle. Only then the %1 wire.</source>
      <translation>Essuyer le flux tiède, glisser la gaine sur tout le métal nu, rétreindre depuis le milieu. Alors seulement le fil %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>already in the new connector, sleeved</source>
      <translation>déjà dans le nouveau connecteur, gainé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>always: up to %1, a slip drives about %2</source>
      <translation>toujours : jusqu'à %1, un faux geste donne environ %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>at a pouch tab</source>
      <translation>à une patte de sachet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>both joints smooth, tug holds, no bare metal</source>
      <translation>les deux soudures lisses, tiennent la traction, pas de métal nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>conduction along copper, half-infinite rod (Carslaw and Jaeger)</source>
      <translation>conduction le long du cuivre, barre semi-infinie (Carslaw et Jaeger)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>cover it, and keep this one in its jig.</source>
      <translation>le couvrir, et garder celui-ci dans son gabarit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>is empty</source>
      <translation>est vide</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>is live</source>
      <translation>est sous tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>keep the mate in and the iron on this side.</source>
      <translation>garder l'autre moitié en place et le fer de ce côté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>lead-change-mark</source>
      <translation>lead-change-mark</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>lengths of the lead</source>
      <translation>longueurs du câble</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>sleeve that goes on before the contact</source>
      <translation>gaine qui se met avant le contact</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>still whole in the old connector and covered</source>
      <translation>encore entier dans l'ancien connecteur et couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the bare ends, one uncovered at a time</source>
      <translation>les bouts nus, un découvert à la fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the cup first</source>
      <translation>le fût d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the old connector</source>
      <translation>l'ancien connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>the same as before, %1</source>
      <translation>le même qu'avant, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>there is room</source>
      <translation>il y a la place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>two pieces of %1, %2 each</source>
      <translation>deux morceaux de %1, %2 chacun</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>warms by at most %1 K while soldering</source>
      <translation>chauffe d'au plus %1 K au brasage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>what is entered</source>
      <translation>ce qui est inscrit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>wire and cup together</source>
      <translation>fil et fût ensemble</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>wire bottomed in the cup, strands in outline, insulation up to the cup, body not distorted</source>
      <translation>fil au fond du fût, brins visibles, isolant jusqu'au fût, corps non déformé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1 carries %2, %3 at the peak; %4 and %5 flow.</source>
      <translation>%1 porte %2, %3 en pointe ; il passe %4 et %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1 does not go into the cup of %2: it takes %3.</source>
      <translation>%1 n'entre pas dans le fût de %2 : il prend %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1 wire %2: %3 bullet</source>
      <translation>fil %1 %2 : %3 fiche ronde</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>%1, %2. %3 Strip %4, tin, cup about half full, then the wire in; %5 W iron, about %6 s. Hold the bullet in a hole in a block of metal, its side hole towards the iron hand.%7</source>
      <translation>%1, %2. %3 Dénuder %4, étamer, fût à peu près à moitié plein, puis le fil dedans ; fer de %5 W, environ %6 s. Tenir la fiche ronde dans un trou d'un bloc de métal, son trou latéral vers la main du fer.%7</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>, the other way round than on the controller</source>
      <translation>, à l'inverse du variateur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A charged controller sparks and can hurt as a pack does.</source>
      <translation>Un variateur chargé fait une étincelle et peut blesser comme un pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A connector that can be reversed or pulled apart under load is no switch.</source>
      <translation>Un connecteur qui s'inverse ou se tire en charge n'est pas un interrupteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A motor that is turned gives voltage; bare males on the live side touch each other.</source>
      <translation>Un moteur que l'on tourne donne une tension ; des mâles nus côté sous tension se touchent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>A motor with bare windings for leads: enamel is burnt or scraped off first, or the joint only looks good.</source>
      <translation>Un moteur dont les fils de bobinage servent de câbles : le vernis se brûle ou se gratte d'abord, sinon la soudure n'a que l'air bonne.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets</source>
      <translation>Fiches bananes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets on the %1</source>
      <translation>Fiches rondes sur : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets on the motor</source>
      <translation>Fiches rondes au moteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets to the motor</source>
      <translation>Fiches rondes vers le moteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Continuity and no shorts, still dead</source>
      <translation>Continuité et aucun court-circuit, encore hors tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Each wire %1 %2 than the one before%3, so that no two joints lie side by side and mated wires are of one length.</source>
      <translation>Chaque fil %1 %2 que le précédent%3, pour que deux jonctions ne soient jamais côte à côte et que les fils enfichés aient même longueur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Female bullets on the controller</source>
      <translation>Fiches femelles sur le contrôleur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Females covered to their mouth, males down to the contact. Shrink from the middle.</source>
      <translation>Femelles couvertes jusqu'à la bouche, mâles jusqu'au contact. Rétreindre depuis le milieu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>First power, nothing on the shaft</source>
      <translation>Première mise sous tension, rien sur l'arbre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input</source>
      <translation>Entrée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input %1: into the contact marked %2</source>
      <translation>Entrée %1 : dans le contact marqué %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input minus on −</source>
      <translation>Entrée moins sur −</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input plus on +</source>
      <translation>Entrée plus sur +</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input plus to the contact marked +, minus to −; not to each other once the capacitors have settled. Each motor wire to the other through the winding, none to the motor's case.</source>
      <translation>Entrée plus vers le contact marqué +, moins vers − ; pas l'un vers l'autre une fois les condensateurs calmés. Chaque fil du moteur vers l'autre par le bobinage, aucun vers la carcasse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Input reads under 2 V</source>
      <translation>Entrée sous 2 V</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Motor cannot turn by itself</source>
      <translation>Le moteur ne peut tourner tout seul</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Motor wires joined through the winding, alike</source>
      <translation>Fils du moteur joints par le bobinage, pareils</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No bare metal when mated</source>
      <translation>Aucun métal nu une fois enfiché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No bullets are chosen for the motor's wires.</source>
      <translation>Aucune fiche ronde n'est choisie pour les fils du moteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No motor wire to the case</source>
      <translation>Aucun fil du moteur à la carcasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No smoke, no smell, no heat</source>
      <translation>Ni fumée, ni odeur, ni chaleur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>No two joints side by side</source>
      <translation>Pas deux jonctions côte à côte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Nothing on the shaft, nobody near it.</source>
      <translation>Rien sur l'arbre, personne à côté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Pack is off the bench</source>
      <translation>Le pack n'est plus sur l'établi</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Pack unplugged, capacitors empty</source>
      <translation>Pack débranché, condensateurs vides</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Plug the pack in, keep the hand by the plug.%1 Turn slowly.</source>
      <translation>Brancher le pack, garder la main à la fiche.%1 Faire tourner lentement.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Plus and minus exchanged here destroys the controller at the first plugging in.</source>
      <translation>Plus et moins échangés ici détruisent le variateur au premier branchement.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Plus and minus not joined</source>
      <translation>Plus et moins non joints</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Side by side and bare at the same length they touch when a sleeve slips.</source>
      <translation>Côte à côte et nues à la même longueur, elles se touchent quand une gaine glisse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Sleeve every bullet</source>
      <translation>Gainer chaque fiche ronde</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Sleeve on the wire first, far back (%1).</source>
      <translation>D'abord la gaine sur le fil, loin en arrière (%1).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Sleeves overlap all bare metal</source>
      <translation>Les gaines couvrent tout le métal nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The connector below is the pack's; its mate goes on the controller's input. All of it is done dead.</source>
      <translation>Le connecteur ci-dessous est celui du pack ; son autre moitié va à l'entrée du variateur. Tout se fait hors tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The controller drives the motor: its bullets should be the female, covered ones.</source>
      <translation>Le variateur mène le moteur : ses fiches rondes devraient être les femelles, couvertes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The controller's input connector can be mated backwards: mark it, or take a keyed one.</source>
      <translation>Le connecteur d'entrée du variateur s'enfiche à l'envers : le repérer, ou en prendre un à détrompeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The half that mates with %1 on the pack. %2 The controller's %3 by its own marking, into the contact whose sign moulded on the body is %4. %5 W iron, about %6 s, sleeve on first.</source>
      <translation>La moitié qui va avec %1 sur le pack. %2 Le %3 du variateur d'après son propre marquage, dans le contact dont le signe moulé sur le corps est %4. Fer de %5 W, environ %6 s, la gaine d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The load's capacitors spark (%1 J): precharge through %2 Ω.</source>
      <translation>Les condensateurs de l'appareil font une étincelle (%1 J) : précharger par %2 Ω.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The motor's wires are cut to one length: it looks neat, and their joints lie side by side.</source>
      <translation>Les fils du moteur sont coupés à une longueur : c'est net, et leurs jonctions sont côte à côte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>The sleeve slides over the bullet afterwards (%1); try that with a bare bullet first.</source>
      <translation>La gaine se glisse sur la fiche après (%1) ; l'essayer d'abord avec une fiche nue.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Turns the right way</source>
      <translation>Tourne dans le bon sens</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Turns the right way, or two of three wires exchanged</source>
      <translation>Tourne dans le bon sens, sinon deux des trois fils échangés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Unplug the pack and take it away from the bench. Measure across the controller's input: its capacitors hold their voltage for minutes. Discharge them through a resistor, not with a screwdriver.</source>
      <translation>Débrancher le pack et l'ôter de l'établi. Mesurer à l'entrée du variateur : ses condensateurs gardent leur tension des minutes. Les décharger par une résistance, pas au tournevis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Use %1</source>
      <translation>Prendre %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>controller</source>
      <translation>variateur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>female</source>
      <translation>femelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>male</source>
      <translation>mâle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>motor</source>
      <translation>moteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>to the motor</source>
      <translation>vers le moteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>wire bottomed in the cup, bullet's outside free of solder</source>
      <translation>fil au fond du fût, dehors de la fiche sans étain</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>wire bottomed, sleeve over all bare metal</source>
      <translation>fil au fond, gaine sur tout le métal nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>A lead is as strong as the weaker of its ends.</source>
      <translation>Un câble vaut le plus faible de ses bouts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>A short of the source</source>
      <translation>Un court-circuit de la source</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>An adapter is plugged in by whoever finds it, with whatever it fits.</source>
      <translation>Un adaptateur est branché par qui le trouve, avec ce sur quoi il va.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>At the far end the contacts of %1 are not covered: live as soon as the near end is plugged in.</source>
      <translation>Au bout éloigné les contacts de %1 ne sont pas protégés : sous tension dès que le bout proche est branché.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Both ends of the adapter are alike: choose the connector at the far end.</source>
      <translation>Les deux bouts de l'adaptateur sont pareils : choisir le connecteur du bout éloigné.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Ends</source>
      <translation>Bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Halves</source>
      <translation>Moitiés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>It joins two packs: the same kind, within %1 of each other before the second is plugged in (1 V apart drives about %2 from one into the other), and a fuse in each branch.</source>
      <translation>Il joint deux packs : du même genre, à %1 l'un de l'autre avant de brancher le second (1 V d'écart fait passer environ %2 de l'un à l'autre), et un fusible dans chaque branche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Of the ends, %1 can be mated backwards: mark plus on both halves, or take a keyed one.</source>
      <translation>Parmi les bouts, %1 peut s'enficher à l'envers : repérer le plus sur les deux moitiés, ou en prendre un à détrompeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>The charger's end is bare bullets: with the pack's end plugged in first they are live and may touch. Charger first, always; better a covered plug.</source>
      <translation>Le bout du chargeur est en fiches rondes nues : le bout du pack branché d'abord, elles sont sous tension et peuvent se toucher. Le chargeur d'abord, toujours ; mieux, une fiche protégée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>The connector below is that of the near end: the one at the source, or at the pack of a charge lead. A branch of a Y may have to carry all of the current.</source>
      <translation>Le connecteur ci-dessous est celui du bout proche : celui de la source, ou du pack pour un câble de charge. Une branche d'un Y peut avoir à porter tout le courant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>The lead and its ends</source>
      <translation>Le câble et ses bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Two packs on one lead are one parallel group, joined at whatever voltage each happens to have.</source>
      <translation>Deux packs sur un câble font un groupe parallèle, joint à la tension que chacun a par hasard.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>Whatever is plugged in first decides what is bare and live.</source>
      <translation>Ce qui est branché d'abord décide de ce qui est nu et sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>class values, as for the near end</source>
      <translation>valeurs de classe, comme pour le bout proche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>drives %1</source>
      <translation>donne %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>near: %1; far: %2</source>
      <translation>proche : %1 ; éloigné : %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>the load's wires</source>
      <translation>les fils de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead.py" />
      <source>wires that are there</source>
      <translation>fils présents</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1 beside them, each traced and numbered at both ends.</source>
      <translation>%1 à côté, chacun suivi et numéroté aux deux bouts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1 of %2, %3 m each, all of one length.%4%5</source>
      <translation>%1 de %2, %3 m chacun, tous de même longueur.%4%5</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2 each</source>
      <translation>%1, %2 chacun</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2 from the near end, both joints sleeved; the fuse itself in last of all.</source>
      <translation>%1, à %2 du bout proche, les deux jonctions gainées ; le fusible lui-même tout à la fin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2. %3 Check with the meter that this wire is the one in the near end's %4, then strip %5, tin both, %6 W iron, about %7 s.</source>
      <translation>%1, %2. %3 Contrôler au multimètre que ce fil est celui du %4 au bout proche, puis dénuder %5, étamer les deux, fer de %6 W, environ %7 s.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>%1, %2. %3 Strip %4, tin wire and cup apart; %5 W iron, about %6 s.%7</source>
      <translation>%1, %2. %3 Dénuder %4, étamer fil et fût à part ; fer de %5 W, environ %6 s.%7</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>A charged load sparks and can hurt as a pack does.</source>
      <translation>Un appareil chargé fait une étincelle et peut blesser comme un pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Bodies not distorted</source>
      <translation>Corps non déformés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Both ends no warmer than the hand bears</source>
      <translation>Les deux bouts pas plus chauds que la main ne supporte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Both joints sleeved</source>
      <translation>Les deux jonctions gainées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Both wires of this pole go into the one cup, twisted together; if they do not fit, splice them first.</source>
      <translation>Les deux fils de ce pôle vont dans le même fût, torsadés ; s'ils n'entrent pas, les épisser d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Caps of both connectors too.</source>
      <translation>Les capuchons des deux connecteurs aussi.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Caps on</source>
      <translation>Capuchons posés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Charger's end was in first</source>
      <translation>Le bout du chargeur était branché d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Continuity from end to end, nothing across</source>
      <translation>Continuité d'un bout à l'autre, rien en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Cut, trace and mark the wires</source>
      <translation>Couper, suivre et repérer les fils</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Each core traced by continuity</source>
      <translation>Chaque conducteur suivi par continuité</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Each joint sleeved</source>
      <translation>Chaque jonction gainée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Each number to its number</source>
      <translation>Chaque numéro à son numéro</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Far end%1</source>
      <translation>Bout éloigné%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Far end%1, %2: into the contact marked %3</source>
      <translation>Bout éloigné%1, %2 : dans le contact marqué %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>From here on the far end is live: a probe that slips across shorts the source.</source>
      <translation>À partir d'ici le bout éloigné est sous tension : une pointe qui glisse en travers met la source en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Holder closes</source>
      <translation>Le porte-fusible ferme</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>It loses under %1</source>
      <translation>Il perd moins de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Its capacitors spark (%1 J): precharge through %2 Ω.</source>
      <translation>Ses condensateurs font une étincelle (%1 J) : précharger par %2 Ω.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Load it with about %1; feel both ends and every joint.</source>
      <translation>Charger d'environ %1 ; tâter les deux bouts et chaque jonction.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Mates at both ends without force</source>
      <translation>S'enfiche aux deux bouts sans forcer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Minus to minus</source>
      <translation>Moins au moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Near end</source>
      <translation>Bout proche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Near end, %1: into the contact marked %2</source>
      <translation>Bout proche, %1 : dans le contact marqué %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Never the pack's end into a pack while the other end lies open.</source>
      <translation>Jamais le bout du pack dans un pack tant que l'autre bout est à l'air.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>No bare metal outside a sleeve</source>
      <translation>Aucun métal nu hors d'une gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>None joined to another, by continuity</source>
      <translation>Aucun joint à un autre, par continuité</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Nothing across, wiggled</source>
      <translation>Rien en travers, même en remuant</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Nothing plugged in</source>
      <translation>Rien de branché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Number to number, each joint in a sleeve of its own, staggered along the lead.</source>
      <translation>Numéro à numéro, chaque jonction dans sa propre gaine, décalées le long du câble.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Outer sleeve on</source>
      <translation>Gaine extérieure posée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Pack's end reads plus on +, or continuity checked twice</source>
      <translation>Le bout du pack lit plus sur +, ou continuité contrôlée deux fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Pieces of one length</source>
      <translation>Morceaux de même longueur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plug the near end into its source and read the far end: red into the contact marked +.</source>
      <translation>Brancher le bout proche à sa source et lire le bout éloigné : rouge dans le contact marqué +.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus and minus exchanged destroy the load at once.</source>
      <translation>Plus et moins échangés détruisent l'appareil aussitôt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus and minus exchanged here are found by whatever is plugged in first.</source>
      <translation>Plus et moins échangés ici, c'est ce qu'on branche d'abord qui le découvre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus marked at both ends</source>
      <translation>Plus repéré aux deux bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus of each end joined to plus</source>
      <translation>Plus de chaque bout joint au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus to plus and minus to minus at every end, by the signs on the bodies; none across. Wiggle the wires at both ends meanwhile.</source>
      <translation>Plus au plus et moins au moins à chaque bout, d'après les signes sur les corps ; rien en travers. Remuer les fils aux deux bouts pendant ce temps.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Plus wire marked by the load's own marking</source>
      <translation>Fil plus repéré d'après le marquage de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Polarity by meter, charger first</source>
      <translation>Polarité au multimètre, le chargeur d'abord</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Polarity by meter, through the lead</source>
      <translation>Polarité au multimètre, à travers le câble</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Read the pack's connector first: plus where this half has plus. Then plug in, hand by the plug. %1</source>
      <translation>Lire d'abord le connecteur du pack : plus là où cette moitié a le plus. Puis brancher, la main à la fiche. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeve for each joint on its wire</source>
      <translation>Gaine de chaque jonction sur son fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeves and caps on the wires, now</source>
      <translation>Gaines et capuchons sur les fils, maintenant</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeves grip wire and cup</source>
      <translation>Les gaines serrent fil et fût</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Sleeves on every wire, for both ends: %1.%2%3 Push them to the middle, away from the heat.</source>
      <translation>Des gaines sur chaque fil, pour les deux bouts : %1.%2%3 Les pousser au milieu, loin de la chaleur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Slide the sleeves over, shrink them</source>
      <translation>Glisser les gaines, les rétreindre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Splice %1: wire into wire</source>
      <translation>Épissure %1 : fil dans fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Strip %1 of both, push the strands into each other, bind them flat, solder right round until it has run through. The other conductor's splice lies %2 further along, so that the two never lie side by side. Then %3 over it, shrunk.</source>
      <translation>Dénuder %1 des deux, pousser les brins les uns dans les autres, les lier à plat, braser tout autour jusqu'à ce que l'étain traverse. L'épissure de l'autre conducteur est %2 plus loin, pour que les deux ne soient jamais côte à côte. Puis %3 par-dessus, rétreint.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The %1</source>
      <translation>%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The charger's end first, always: with the pack's end in first the plugs at the charger are bare and live. Then read the pack's end: red into the contact marked +. Some chargers give nothing without a pack: then continuity, checked twice, is what there is.</source>
      <translation>Le bout du chargeur d'abord, toujours : le bout du pack branché d'abord, les fiches du chargeur sont nues et sous tension. Puis lire le bout du pack : rouge dans le contact marqué +. Certains chargeurs ne donnent rien sans pack : il ne reste alors que la continuité, contrôlée deux fois.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The cores look alike: trace each by continuity and mark both its ends, before anything is joined.</source>
      <translation>Les conducteurs se ressemblent : suivre chacun par continuité et repérer ses deux bouts, avant de rien joindre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The fuse's holder in its lead</source>
      <translation>Le porte-fusible dans son fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The load unplugged and empty</source>
      <translation>L'appareil débranché et vide</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The outer sleeve over everything goes on first of all.</source>
      <translation>La gaine extérieure qui couvre tout se met la toute première.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>The wires that are there are dead</source>
      <translation>Les fils présents sont hors tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Unplug it from its pack. Its capacitors hold their voltage for minutes: measure, and empty them through a resistor. Find its plus by its own marking, not by the old plug, and mark that wire.</source>
      <translation>Le débrancher de son pack. Ses condensateurs gardent leur tension des minutes : mesurer, et les vider par une résistance. Trouver son plus d'après son propre marquage, pas d'après l'ancienne fiche, et repérer ce fil.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Unplugged at their other end, where nothing can be plugged in meanwhile. A pack's own leads are never spliced both at once: one conductor at a time, the other covered.</source>
      <translation>Débranchés à l'autre bout, où rien ne peut être branché entre-temps. Les câbles d'un pack ne s'épissent jamais tous deux à la fois : un conducteur à la fois, l'autre couvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Unplugged, and kept so</source>
      <translation>Débranché, et laissé ainsi</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Wipe flux while warm; over all bare metal, from the middle of each.%1</source>
      <translation>Essuyer le flux tiède ; sur tout le métal nu, chacune depuis son milieu.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>Wires of a pack stay live: then it is a lead change, one conductor at a time.</source>
      <translation>Les fils d'un pack restent sous tension : c'est alors un échange de câbles, un conducteur à la fois.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>a sleeve</source>
      <translation>une gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>no strand stands out, smooth all round, tug holds</source>
      <translation>aucun brin ne dépasse, lisse tout autour, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>sleeve that passes the contact and grips the wire</source>
      <translation>gaine qui passe le contact et serre le fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>the half that mates with %1</source>
      <translation>la moitié qui va avec %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>the half that the charger takes</source>
      <translation>la moitié que le chargeur reçoit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>the halves that mate with %1</source>
      <translation>les moitiés qui vont avec %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>up to %1 with red on plus</source>
      <translation>jusqu'à %1, rouge sur plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/made_up_lead_steps.py" />
      <source>wire bottomed in the cup, insulation up to the cup, tug holds</source>
      <translation>fil au fond du fût, isolant jusqu'au fût, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>%1 side by side as one,</source>
      <translation>%1 côte à côte comme une seule,</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>, those of one group within %1 before they are joined</source>
      <translation>, celles d'un groupe à %1 près avant d'être jointes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>, within %1: what is left a balance charge evens out</source>
      <translation>, à %1 près : ce qui reste, une charge d'équilibrage l'égalise</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A dented, leaking or rusty cell does not go into a pack.</source>
      <translation>Une cellule cabossée, qui fuit ou rouillée n'entre dans aucun pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A tab that has cracked or torn at a weld is made new, not bent back.</source>
      <translation>Une patte fendue ou arrachée à une soudure se refait, ne se redresse pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A tab that slides over the rim of a positive end shorts that cell: see the disc in place before each fold.</source>
      <translation>Une patte qui glisse sur le bord d'un bout positif met cette cellule en court-circuit : voir le disque en place avant chaque pli.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Below %1 V it may be left out.</source>
      <translation>Sous %1 V on peut s'en passer.</translation>
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
      <source>Disc on each positive end, the tab through its middle</source>
      <translation>Disque sur chaque bout positif, la patte en son milieu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each fold smooth, no crack, no weld lifted</source>
      <translation>Chaque pli lisse, pas de fente, pas de soudure levée</translation>
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
      <source>Fold the cells end to end</source>
      <translation>Plier les cellules bout à bout</translation>
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
      <source>One tab after the other, from the minus end: %1a disc of insulation on each positive end round its tab, then swing the next cell over until the ends face each other, the tab bent once over a rod of about 1 mm, never back and never twice. A turn of tape over each fold, a flap over the bend of a tab that a sense lead is joined to; then tape along the whole. Folded, it is about %2 long.</source>
      <translation>Une patte après l'autre, depuis le bout moins : %1un disque isolant sur chaque bout positif autour de sa patte, puis faire pivoter la cellule suivante jusqu'à ce que les bouts se fassent face, la patte pliée une fois sur une tige d'environ 1 mm, jamais en arrière ni deux fois. Un tour de ruban sur chaque pli, un volet sur le pli d'une patte qui porte un fil de mesure ; puis du ruban tout du long. Plié, il fait environ %2 de long.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Press an insulator ring on every positive end, centred, metal of the nub clear inside it.</source>
      <translation>Presser un anneau isolant sur chaque bout positif, centré, le métal du téton libre dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Reads %1 from end to end, as before folding</source>
      <translation>Lit %1 d'un bout à l'autre, comme avant de plier</translation>
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
      <source>Stand each cell in its numbered place, in the holder or on the template printed at 1:1;</source>
      <translation>Mettre chaque cellule à sa place numérotée, dans le support ou sur le gabarit imprimé à 1:1 ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Stand the cells %1 across, %2 columns, group by group as drawn;</source>
      <translation>Mettre les cellules par %1 de front, %2 colonnes, groupe par groupe comme dessiné ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Straight, and %1 long within 3 mm</source>
      <translation>Droit, et %1 de long à 3 mm près</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Du ruban ou un support entre cellules voisines : deux gaines usées sont un court-circuit. Écrire + et − à côté des groupes sur l'établi et laisser les marques jusqu'à la fin.</translation>
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
      <source>all with %1 up.</source>
      <translation>toutes le %1 en haut.</translation>
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
      <source>group 1 with %1 up, each next group the other way.</source>
      <translation>groupe 1 le %1 en haut, chaque groupe suivant à l'inverse.</translation>
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
      <source>%1 with spares, in the money of the shop%2</source>
      <translation>%1 avec réserve, dans la monnaie de l'atelier%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>; %1 without a price</source>
      <translation>; %1 sans prix</translation>
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
      <source>plate %1 of the sheet of %2</source>
      <translation>plaque %1 de la feuille de %2</translation>
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
      <source>%1 for %2 s</source>
      <translation>%1 pendant %2 s</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 in air of %2 if it runs for ever</source>
      <translation>%1 dans un air à %2 si cela dure toujours</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 mV at the steady current</source>
      <translation>%1 mV au courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 of %2 steps are not passed; the next is “%3”. %4</source>
      <translation>%1 étapes sur %2 ne sont pas passées ; la suivante est « %3 ». %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 of %2 steps passed%3, %4 rework%5.</source>
      <translation>%1 pas réussis sur %2%3, reprises : %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 recorded.</source>
      <translation>%1 noté.</translation>
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
      <source>%1, %2 m each</source>
      <translation>%1, %2 m chacun</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, link %2, %3</source>
      <translation>%1, maillon %2, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, up to %2</source>
      <translation>%1, jusqu'à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1: %2 screws at %3 N·m.</source>
      <translation>%1 : %2 vis à %3 N·m.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1; no cell above %2</source>
      <translation>%1 ; aucune cellule au-dessus de %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>0 (reference)</source>
      <translation>0 (référence)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>; the first</source>
      <translation>; la première</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Un pack qui gonfle, siffle, sent ou chauffe de lui-même va dehors et y reste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>A short drives</source>
      <translation>Un court-circuit donne</translation>
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
      <source>In use</source>
      <translation>À l'usage</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Insulation %1: %2 MΩ at %3 V.</source>
      <translation>Isolement %1 : %2 MΩ à %3 V.</translation>
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
      <source>The design on screen is not saved yet.</source>
      <translation>Le dessin à l'écran n'est pas encore enregistré.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Transport</source>
      <translation>Transport</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Up to %1: over the touch limit of %2 d.c.; covers on, licensed practice where asked.</source>
      <translation>Jusqu'à %1 : au-dessus de la limite de contact de %2 en continu ; couvertures posées, gens du métier agréés là où c'est exigé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Voltage</source>
      <translation>Tension</translation>
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
      <source>charge %1up to %2 A</source>
      <translation>charge %1jusqu'à %2 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>discharge %1 A</source>
      <translation>décharge %1 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>none; balance charger only</source>
      <translation>aucune ; chargeur équilibreur seulement</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>not signed</source>
      <translation>non signé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>of the short plan</source>
      <translation>du plan court</translation>
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
      <source>to %1 V,</source>
      <translation>à %1 V,</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>up to %1</source>
      <translation>jusqu'à %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>%1 m each</source>
      <translation>%1 m chacun</translation>
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
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Up to</source>
      <translation>Jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>one cell</source>
      <translation>une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 N·m for M%2</source>
      <translation>%1 N·m pour M%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 by its duty</source>
      <translation>%1 d'après sa durée de marche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 is for M%2; the stud at the %3 is M%4.</source>
      <translation>%1 est pour M%2 ; le goujon : %3, M%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1 takes %2 to %3; the wire has %4.</source>
      <translation>%1 prend %2 à %3 ; le fil a %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1, %2: crimp the lug</source>
      <translation>%1, %2 : sertir la cosse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1. Strip %2 (barrel and 1 mm; mark it with tape), roll the insulation off, nick no strand. All strands in with a twist, seen in the witness hole. Die or indent for %3 mm², %4. Then the %5 over barrel and insulation: it is shrunk enough when glue shows at both ends.</source>
      <translation>%1. Dénuder %2 (fût et 1 mm ; repérer au ruban), rouler l'isolant, n'entailler aucun brin. Tous les brins dedans en tournant, vus dans le trou témoin. Matrice ou poinçon pour %3 mm², %4. Puis %5 sur fût et isolant : assez rétreinte quand la colle sort aux deux bouts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1: lugs flat on its studs, torque as printed on it, cover on. The %2 itself stays out, or open.</source>
      <translation>%1 : cosses à plat sur ses goujons, couple imprimé dessus, capot posé. %2 lui-même reste dehors, ou ouvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>%1; it warms to %2, %3 after the peak</source>
      <translation>%1 ; il chauffe à %2, %3 après la pointe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>, the second insulation over all that lies ahead of the %1, before the end is crimped.</source>
      <translation>, le deuxième isolant sur tout ce qui précède %1, avant de sertir le bout.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>A barrel too wide lets strands move, one too narrow costs strands; a hole too large does not clamp.</source>
      <translation>Un fût trop large laisse bouger les brins, un trop étroit en coûte ; un trou trop grand ne serre pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>A conductor no hotter than %1 carries nothing in air of %2.</source>
      <translation>Un conducteur à %1 au plus ne porte rien dans un air à %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>At the load</source>
      <translation>À l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>At the source</source>
      <translation>À la source</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Both conductors together lose under %1</source>
      <translation>Les deux conducteurs ensemble perdent moins de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Both lugs on the %1</source>
      <translation>Les deux cosses sur : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Both studs clean and bright</source>
      <translation>Les deux goujons propres et brillants</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Choose a lug in Leads first.</source>
      <translation>Choisir d'abord une cosse dans Câbles.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Clipped</source>
      <translation>Fixé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Clips</source>
      <translation>Colliers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Clips and covers sit</source>
      <translation>Colliers et capots en place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cover on</source>
      <translation>Capot posé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cut each conductor where its stud or %1 is: a heavy cable half through, let go, then through, so that the cut stays square. Sleeves on</source>
      <translation>Couper chaque conducteur là où est son goujon ou %1 : un gros câble à moitié, relâcher, puis jusqu'au bout, pour que la coupe reste droite. Gaines dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cut in place, slide everything on</source>
      <translation>Couper sur place, tout enfiler</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Cuts square, no strand lost</source>
      <translation>Coupes droites, aucun brin perdu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Drop and heat under load</source>
      <translation>Chute et chaleur en charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Each conductor to the other and to the frame, both ends free.</source>
      <translation>Chaque conducteur contre l'autre et contre le châssis, les deux bouts libres.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>From the load towards the source, grommets in every hole through sheet. Clips %1. Plus and minus beside each other.</source>
      <translation>De l'appareil vers la source, des passe-fils dans chaque trou de tôle. Colliers %1. Plus et moins côte à côte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Fuse, load side</source>
      <translation>Fusible, côté appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Fuse, source side</source>
      <translation>Fusible, côté source</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Grommets in every hole</source>
      <translation>Passe-fils dans chaque trou</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Join</source>
      <translation>Joindre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lay</source>
      <translation>Poser</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lay a string where the cable will run, away from edges, heat and moving parts, no bend under %1 inside. Planned: %2 m of %3, each conductor.</source>
      <translation>Poser une ficelle là où passera le câble, loin des arêtes, de la chaleur et des pièces mobiles, aucun coude sous %1 à l'intérieur. Prévu : %2 m de %3, chaque conducteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Length is within %1 m</source>
      <translation>Longueur à %1 m près</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Load end</source>
      <translation>Bout à l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Load it with about %1; measure from source stud to load stud along each conductor, then feel every lug.</source>
      <translation>Charger d'environ %1 ; mesurer du goujon de la source à celui de l'appareil le long de chaque conducteur, puis tâter chaque cosse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lug flat on the stud, nothing between, washer and nut on top. Torque: %1; what the part says goes before it.</source>
      <translation>Cosse à plat sur le goujon, rien entre, rondelle et écrou dessus. Couple : %1 ; ce que dit la pièce passe avant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lug flat, torque reached</source>
      <translation>Cosse à plat, couple atteint</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lugs</source>
      <translation>Cosses</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Lugs flat, torque reached</source>
      <translation>Cosses à plat, couple atteint</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Measure the insulation before it is live</source>
      <translation>Mesurer l'isolement avant la mise sous tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Measure the way with a string</source>
      <translation>Mesurer le chemin à la ficelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>No bend too tight</source>
      <translation>Aucun coude trop serré</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>No lug is chosen at the %1.</source>
      <translation>Aucune cosse choisie : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>No lug warmer than the cable</source>
      <translation>Aucune cosse plus chaude que le câble</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Nothing chafes</source>
      <translation>Rien ne frotte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Nothing protects that piece: chafed through, it burns until the source is empty.</source>
      <translation>Rien ne protège ce morceau : usé à travers, il brûle jusqu'à ce que la source soit vide.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Nothing sharp or hot on the way</source>
      <translation>Rien de coupant ni de chaud en chemin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Polarity at the load, then the %1 in</source>
      <translation>Polarité à l'appareil, puis %1 en place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Put a second insulation on it</source>
      <translation>Y mettre un deuxième isolant</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Route</source>
      <translation>Chemin</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Second insulation on</source>
      <translation>Deuxième isolant posé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeve on each conductor</source>
      <translation>Gaine sur chaque conducteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeves for the first end go on before it is crimped. The other end is crimped where the cable lies.</source>
      <translation>Les gaines du premier bout se mettent avant de le sertir. L'autre bout se sertit là où le câble est posé.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeves on each conductor</source>
      <translation>Gaines sur chaque conducteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Sleeves on, then the load's end at the bench</source>
      <translation>Gaines posées, puis le bout de l'appareil à l'établi</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Small spark at most</source>
      <translation>Une petite étincelle au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source disconnected</source>
      <translation>Source débranchée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source disconnected: the clamp on its minus comes off first and goes on last.</source>
      <translation>Source débranchée : la pince de son moins s'ôte la première et se remet la dernière.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source end</source>
      <translation>Bout à la source</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Source, duty and ends</source>
      <translation>Source, durée de marche et bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Spanner insulated: from plus to frame it drives %1.</source>
      <translation>Clé isolée : du plus au châssis elle fait passer %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>The %1 is out, or open</source>
      <translation>%1 est dehors, ou ouvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>The %1 stays out, or open, and goes in this lead within %2 of the stud.</source>
      <translation>%1 reste dehors, ou ouvert, et se met dans ce câble à moins de %2 du goujon.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>The wire between source and fuse has no second insulation.</source>
      <translation>Le fil entre source et fusible n'a pas de deuxième isolant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Thinnest</source>
      <translation>La plus mince</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Through the grommets, lay and clip it</source>
      <translation>Par les passe-fils, poser et fixer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Too thin it cooks its insulation, or the load gets too little.</source>
      <translation>Trop mince il cuit son isolant, ou l'appareil reçoit trop peu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>With the %1 out the load end reads nothing. Put it in; red on the plus lug.</source>
      <translation>Avec %1 dehors, le bout à l'appareil ne lit rien. Le mettre ; rouge sur la cosse plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>barrel and stud as stamped</source>
      <translation>fût et goujon comme estampillé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>before the end is crimped.</source>
      <translation>avant de sertir le bout.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>carries %1 of %2 by its duty (it would reach %3)</source>
      <translation>porte %1 sur %2 d'après sa durée de marche (il atteindrait %3)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>choose a lug</source>
      <translation>choisir une cosse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>conductor in the witness hole, tug holds%1</source>
      <translation>conducteur dans le trou témoin, tient la traction%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>drop</source>
      <translation>chute</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>every %1, first %2 from the lug</source>
      <translation>tous les %1, le premier à %2 de la cosse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>every %1, the first %2 from each lug</source>
      <translation>tous les %1, le premier à %2 de chaque cosse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>from stud to stud</source>
      <translation>de goujon à goujon</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>heat balance by duty; drop at working temperature, both conductors</source>
      <translation>bilan thermique par durée de marche ; chute à la température de service, les deux conducteurs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>loses %1 V of the %2 allowed</source>
      <translation>perd %1 V sur %2 permis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>no lug chosen</source>
      <translation>aucune cosse choisie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>one full crimp</source>
      <translation>un sertissage complet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>reaches %1 at the peak</source>
      <translation>atteint %1 en pointe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>so that nothing hangs</source>
      <translation>pour que rien ne pende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>strip %1, %2, die %3 mm², %4%5%6</source>
      <translation>dénuder %1, %2, matrice %3 mm², %4%5%6</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>torque as printed</source>
      <translation>couple comme imprimé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>two crimps, the first next to the palm (some make one, in the middle)</source>
      <translation>deux sertissages, le premier près de la plage (certains en font un, au milieu)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>what is printed on the part</source>
      <translation>ce qui est imprimé sur la pièce</translation>
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
      <source>B1, B2 … in order</source>
      <translation>B1, B2 … dans l'ordre</translation>
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
      <source>Black probe on B0, red on %1, %2. Enter each reading in Tests.</source>
      <translation>Pointe noire sur B0, rouge sur %1, %2. Inscrire chaque lecture dans Essais.</translation>
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
      <source>Charge ended by −ΔV or temperature, and by no voltage</source>
      <translation>Charge finie par −ΔV ou température, et par aucune tension</translation>
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
      <source>Check the order of pads against the wire list: %1.</source>
      <translation>Contrôler l'ordre des pastilles sur la liste des fils : %1.</translation>
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
      <source>Each free end is live against all the others: uncover one at a time.</source>
      <translation>Chaque bout libre est sous tension contre tous les autres : en découvrir un à la fois.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every group within 0.02 V of %1</source>
      <translation>Chaque groupe à 0,02 V de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every pad soldered as listed</source>
      <translation>Chaque pastille brasée comme listée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every sense lead on the pad that the wire list names</source>
      <translation>Chaque fil de mesure sur la pastille que dit la liste</translation>
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
      <source>Foam back in its place</source>
      <translation>Mousse remise en place</translation>
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
      <source>No bridge between pads</source>
      <translation>Aucun pont entre pastilles</translation>
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
      <source>Read the %1</source>
      <translation>Lire : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the cell group at its taps</source>
      <translation>Lire le groupe à ses prises</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the whole pack on its strips</source>
      <translation>Lire tout le pack sur ses bandes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Second sleeve across: %1, %2 mm.</source>
      <translation>Deuxième gaine en travers : %1, %2 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Sense plug sits and reads as listed</source>
      <translation>La fiche de mesure est en place et lit comme la liste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Solder one at a time, in this order: %1.</source>
      <translation>Braser un à la fois, dans cet ordre : %1.</translation>
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
      <source>Then the wire of B%1 to the board's B%2.</source>
      <translation>Puis le fil de B%1 au B%2 de la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>These read right and are not: %1. One quick test each; readings under a load are entered in Tests.</source>
      <translation>Ceux-ci lisent juste et ne le sont pas : %1. Un bref essai chacun ; les lectures en charge s'entrent aux Essais.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>This board does not balance: read the groups full, and charge low ones one by one</source>
      <translation>Cette carte n'équilibre pas : lire les groupes pleins, et charger les bas un à un</translation>
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
      <source>at the free end of the sense plug</source>
      <translation>au bout libre de la fiche de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>at the free ends of the sense leads, uncovered one at a time</source>
      <translation>aux bouts libres des fils de mesure, découverts un à la fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>each step %1, total %2</source>
      <translation>chaque degré %1, total %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>is a fast charge: only with a charger that ends it by −ΔV or temperature; stay with it</source>
      <translation>est une charge rapide : seulement avec un chargeur qui la finit par −ΔV ou température ; rester à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>lip of about %1 at each end</source>
      <translation>débord d'environ %1 à chaque bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>on the strips, through the flaps in the sheet</source>
      <translation>sur les bandes, par les volets de la feuille</translation>
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
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>soldered to the board</source>
      <translation>brasés à la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>takes about %1 h from empty: end it by the clock and stay with it</source>
      <translation>dure environ %1 h depuis vide : finir à l'horloge et rester à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>the sense leads</source>
      <translation>les fils de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>the sense plug</source>
      <translation>la fiche de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1 mm flat</source>
      <translation>%1 mm à plat</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1 mm thick, %2 mm long</source>
      <translation>%1 mm d'épaisseur, %2 mm de long</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1, cut %2 mm, %3</source>
      <translation>%1, coupée à %2 mm, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1, cut %2, equally far over both ends.%3 Hot air, low, moving, from the middle outwards, the cell held by a cool end.</source>
      <translation>%1, coupée à %2, autant sur les deux bouts.%3 Air chaud, faible, en bougeant, du milieu vers les bouts, la cellule tenue par un bout froid.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>; %1 m for %2 cells</source>
      <translation>; %1 m pour %2 cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A cell that is forced in tears its new sleeve at the first spring.</source>
      <translation>Une cellule forcée déchire sa gaine neuve au premier ressort.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A dent, a wet or white place, rust that can be felt: %1.</source>
      <translation>Une bosse, un endroit mouillé ou blanc, de la rouille que l'on sent : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A new insulator ring, pressed on and centred; the old one only if it is whole and still sticks. The nub stands clear in its hole.</source>
      <translation>Un anneau isolant neuf, pressé et centré ; l'ancien seulement s'il est entier et colle encore. Le téton reste libre dans son trou.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A re-sleeve is for round cells one by one; this job has %1S%2P of %3 cells.</source>
      <translation>Le regainage est pour cellules rondes une à une ; ce travail a %1S%2P de cellules %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>A sleeve that does not grip slides off its lips.</source>
      <translation>Une gaine qui ne serre pas glisse de ses lèvres.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>All round and at both ends, in good light.</source>
      <translation>Tout autour et aux deux bouts, à bonne lumière.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Both lips lie over the edge alike</source>
      <translation>Les deux lèvres dépassent autant sur l'arête</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Can not scored</source>
      <translation>Godet non rayé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cell %1 of %2: mark it, read it, try it</source>
      <translation>Cellule %1 sur %2 : marquer, lire, essayer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cell %1 of %2: measure, look, decide</source>
      <translation>Cellule %1 sur %2 : mesurer, regarder, décider</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cell no more than hand-warm</source>
      <translation>Cellule tiède au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Cells of one class differ by tenths of a millimetre, and so do what they are bought as and what they are.</source>
      <translation>Les cellules d'une classe diffèrent de dixièmes de millimètre, comme ce pour quoi on les achète et ce qu'elles sont.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Clear the bench</source>
      <translation>Dégager l'établi</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Dented, leaking, rusted, warm, or under %1: %2.</source>
      <translation>Cabossée, qui fuit, rouillée, chaude, ou sous %1 : %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Each of the %1 cells, one after the other.</source>
      <translation>Chacune des %1 cellules, l'une après l'autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Flat cells have no ring and no lips; their wrap is another job.</source>
      <translation>Les cellules plates n'ont ni anneau ni lèvres ; leur gaine est un autre travail.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>From here on the whole can is bare and negative.</source>
      <translation>À partir d'ici tout le godet est nu et négatif.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>From the tear, with fingers or blunt tweezers.%1</source>
      <translation>Depuis la déchirure, aux doigts ou avec une pince à bouts ronds.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Goes into its holder without force</source>
      <translation>Entre dans son support sans forcer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Hot air, no flame: the cell must stay cool enough to hold. Stop when the sleeve lies.</source>
      <translation>Air chaud, pas de flamme : la cellule doit rester assez froide pour être tenue. Arrêter quand la gaine épouse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>It gets no sleeve: tape both ends, put it outdoors in sand in a metal box, and take it to a collection point for batteries; never into household waste</source>
      <translation>Elle ne reçoit pas de gaine : ruban sur les deux bouts, dehors dans du sable dans une boîte de métal, et la porter à un point de collecte de piles ; jamais aux ordures ménagères</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Look at the bare can</source>
      <translation>Regarder le godet nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Mark it, read it, try it</source>
      <translation>Marquer, lire, essayer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Marked: rating, plus, date</source>
      <translation>Marqué : valeurs, plus, date</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>New sleeve on a cell</source>
      <translation>Gaine neuve sur une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No blade: through the wrap it scores the can, and across the positive's rim it shorts the cell.</source>
      <translation>Pas de lame : à travers la gaine elle raye le godet, et en travers du bord du plus elle met la cellule en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No dent</source>
      <translation>Pas de bosse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No rust that can be felt</source>
      <translation>Pas de rouille que l'on sente</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>No wrinkle, no bubble</source>
      <translation>Ni pli ni bulle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Not warm</source>
      <translation>Pas chaude</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nothing conducting under the cell: wood or a dry mat. New sleeve and ring laid out; rings and watch off.</source>
      <translation>Rien de conducteur sous la cellule : du bois ou un tapis sec. Gaine et anneau neufs prêts ; bagues et montre ôtées.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nothing conducting within reach of the can</source>
      <translation>Rien de conducteur à portée du godet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nothing wet or white</source>
      <translation>Rien de mouillé ni de blanc</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Nub clear all round</source>
      <translation>Téton libre tout autour</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Rating, a plus at the positive end, and the date on the sleeve. Voltage again, then into its holder: it goes in and out without force.</source>
      <translation>Valeurs, un plus au bout positif et la date sur la gaine. La tension encore, puis dans son support : elle entre et sort sans forcer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Ring centred, positive bare</source>
      <translation>Anneau centré, plus découvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Ring on the positive end</source>
      <translation>Anneau sur le bout positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Ring whole and stuck down</source>
      <translation>Anneau entier et collé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Sleeve cut, ring ready</source>
      <translation>Gaine coupée, anneau prêt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Slide it on, shrink it</source>
      <translation>L'enfiler, la rétreindre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Tear the old wrap off</source>
      <translation>Déchirer l'ancienne gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The bare can is %1 %2; %3 is %4 with its wrap: is it that cell?</source>
      <translation>Le godet nu fait %1 %2 ; %3 fait %4 avec sa gaine : est-ce bien cette cellule ?</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The can under the sleeve is negative up to the rim of the positive end.</source>
      <translation>Le godet sous la gaine est négatif jusqu'au bord du bout positif.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The cell is %1. %2.</source>
      <translation>La cellule est %1. %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>The cell with its new sleeve, cut along its axis; the positive end at the right.</source>
      <translation>La cellule avec sa gaine neuve, coupée selon l'axe ; le bout positif à droite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Voltage, both ends, and what shows through the tear. A torn wrap is replaced now: the bare can is negative up to the rim of the positive. A weak cell stays weak; a sleeve does not cure it.</source>
      <translation>Tension, les deux bouts, et ce que montre la déchirure. Une gaine déchirée se remplace maintenant : le godet nu est négatif jusqu'au bord du plus. Une cellule faible le reste ; une gaine ne la guérit pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>What is wrong inside does not get better under a new sleeve; it only cannot be seen any more.</source>
      <translation>Ce qui est faux dedans ne s'améliore pas sous une gaine neuve ; on ne le voit plus, c'est tout.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>With its sleeve the cell is %1 %2; the holder takes %3.</source>
      <translation>Avec sa gaine la cellule fait %1 %2 ; le support prend %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Without the ring a strip or a spring shorts nub and rim.</source>
      <translation>Sans l'anneau une bande ou un ressort met téton et bord en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Wrap off, nothing of it left under the ring</source>
      <translation>Gaine ôtée, rien n'en reste sous l'anneau</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>Write its number on it.</source>
      <translation>Y écrire son numéro.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>as before, %1, red on the positive end</source>
      <translation>comme avant, %1, rouge sur le bout positif</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>bare size as measured, or the largest of the class, and the sleeve's wall</source>
      <translation>taille nue mesurée, ou la plus grande de la classe, et la paroi de la gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>leaking</source>
      <translation>qui fuit</translation>
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
      <source>warm</source>
      <translation>chaude</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>warm by itself</source>
      <translation>chaude d'elle-même</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>⌀ %1 × %2 mm at most</source>
      <translation>⌀ %1 × %2 mm au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/readings.py" />
      <source>%1, red on %2, black on %3</source>
      <translation>%1, rouge sur %2, noir sur %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/readings.py" />
      <source>%1: nothing joins its probes</source>
      <translation>%1 : rien ne joint ses pointes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>%1 comes out, %2 goes in.</source>
      <translation>%1 sort, %2 entre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>%1 long with metal on both ends, %2 wide, at worst</source>
      <translation>%1 de long avec métal aux deux bouts, %2 de large, au pire</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>%1 wants %2 (%3, at worst%4); there are %5.</source>
      <translation>%1 veut %2 (%3, au pire%4) ; il y a %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>, strip on both ends and %1 to spare</source>
      <translation>, bande aux deux bouts et %1 de jeu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A gain in capacity is welcome; a lower discharge rating is not noticed until it gets hot.</source>
      <translation>Un gain de capacité est bienvenu ; un courant de décharge plus faible ne se remarque que quand cela chauffe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A motor, a lamp or a capacitor that was made for the old voltage takes the new one for as long as it lasts.</source>
      <translation>Un moteur, une lampe ou un condensateur faits pour l'ancienne tension prennent la nouvelle tant qu'ils durent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A pack that is squeezed wears its wraps through, and metal that touches a lid is live outside.</source>
      <translation>Un pack serré use ses gaines, et du métal qui touche un couvercle met le dehors sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>A weld that did not go through lets go in use, under current.</source>
      <translation>Une soudure qui n'a pas traversé lâche à l'usage, sous courant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Every number of the pack comes from its cells.</source>
      <translation>Chaque chiffre du pack vient de ses cellules.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Full, the new pack has %1; the old had %2: %3 %4. What the host stands must be known and written down.</source>
      <translation>Plein, le nouveau pack a %1 ; l'ancien avait %2 : %3 %4. Ce que l'appareil supporte doit être connu et noté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>How the host charges is not entered: current, what ends it, its clock.%1</source>
      <translation>Comment l'appareil charge n'est pas inscrit : courant, ce qui l'arrête, son horloge.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Never charged in its host. %1</source>
      <translation>Jamais chargé dans son appareil. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Old cells were chosen together with their charger.</source>
      <translation>Les anciennes cellules ont été choisies avec leur chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Old pack</source>
      <translation>Ancien pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Old tabs of %1 mm are more than the welder joins (%2 mm).</source>
      <translation>D'anciennes pattes de %1 mm sont plus que ce que joint la soudeuse (%2 mm).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>One cell takes</source>
      <translation>Une cellule prend</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The new cells are reclaimed; %1 of %2 are tested. Capacity, resistance and a week's rest of each come first.</source>
      <translation>Les cellules neuves sont récupérées ; %1 sur %2 sont testées. D'abord capacité, résistance et une semaine de repos de chacune.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The old cells gave %1 steadily, the new ones give %2: what the host draws must be known.</source>
      <translation>Les anciennes cellules donnaient %1 en continu, les neuves donnent %2 : ce que tire l'appareil doit être connu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The room for one cell: what came out above, what goes in below; to scale.</source>
      <translation>La place d'une cellule : en haut ce qui est sorti, en bas ce qui entre ; à l'échelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The thickness of the old tabs is not entered.</source>
      <translation>L'épaisseur des anciennes pattes n'est pas inscrite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>The weakest cell of a series decides when the pack is empty, and is driven backwards after that.</source>
      <translation>La cellule la plus faible d'une série décide quand le pack est vide, et s'inverse ensuite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Weld a thin tab to the cell, solder the old one to it</source>
      <translation>Souder une patte mince à la cellule, y braser l'ancienne</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>What comes out</source>
      <translation>Ce qui sort</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>What goes in, and what stays</source>
      <translation>Ce qui entre et ce qui reste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>Which new cells go in is not chosen.</source>
      <translation>Quelles cellules neuves entrent n'est pas choisi.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>class values of old and new cell</source>
      <translation>valeurs de classe de l'ancienne et de la nouvelle cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>full voltage of both packs;</source>
      <translation>tension pleine des deux packs ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit.py" />
      <source>largest of the class, nub and strip included, against the room as measured</source>
      <translation>la plus grande de la classe, téton et bande compris, contre la place mesurée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>%1, red on plus</source>
      <translation>%1, rouge sur plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>A part the wrong way round works against the others and is driven backwards.</source>
      <translation>Une partie à l'envers travaille contre les autres et est inversée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>A wire torn inside is live at both ends.</source>
      <translation>Un fil cassé à l'intérieur est sous tension aux deux bouts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>An insulator ring on every positive end, centred, metal of the nub clear inside it.</source>
      <translation>Un anneau isolant sur chaque bout positif, centré, le métal du téton libre dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>An old pack may still be live; treat it so.</source>
      <translation>Un ancien pack peut être encore sous tension ; le traiter ainsi.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Bare end of a live wire: cover it at once, one at a time.</source>
      <translation>Bout nu d'un fil sous tension : le couvrir aussitôt, un à la fois.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Black on the minus of its first group, red on the plus of its last.</source>
      <translation>Noir sur le moins de son premier groupe, rouge sur le plus du dernier.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Board hangs by no wire</source>
      <translation>La carte ne pend à aucun fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Board's slot and way round recorded</source>
      <translation>Logement et sens de la carte notés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Both positions of the switch read right</source>
      <translation>Les deux positions du commutateur lisent juste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Both voltages of the switch.</source>
      <translation>Les deux tensions du commutateur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Close it: keys line up, every screw back</source>
      <translation>Fermer : détrompeurs en face, chaque vis remise</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Cut or lift one joint at a time; the other end covered.</source>
      <translation>Couper ou lever une jonction à la fois ; l'autre bout couvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Each cell where its forerunner stood, %1, by the photo and the marks on the bench; a drop of glue holds them. Key shapes of the frame to their sides. Dry-fit the strip: angle, length.</source>
      <translation>Chaque cellule là où était l'ancienne, %1, d'après la photo et les marques sur l'établi ; une goutte de colle les tient. Détrompeurs du cadre de leur côté. Essayer la bande à sec : angle, longueur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Each part read</source>
      <translation>Chaque partie lue</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Each part reads what its groups add up to</source>
      <translation>Chaque partie lit la somme de ses groupes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Ends marked on the case</source>
      <translation>Bouts repérés sur le boîtier</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every cell's direction as found, first time</source>
      <translation>Sens de chaque cellule comme trouvé, première fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every cell's direction as found, second time</source>
      <translation>Sens de chaque cellule comme trouvé, deuxième fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every cell's plus marked in the photo or on a sketch</source>
      <translation>Plus de chaque cellule sur la photo ou un croquis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every free end covered</source>
      <translation>Chaque bout libre couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every function</source>
      <translation>Chaque fonction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every group read</source>
      <translation>Chaque groupe lu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every recorded screw is back</source>
      <translation>Chaque vis notée est remise</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every screw recorded and kept</source>
      <translation>Chaque vis notée et gardée</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every side and both ends, before a screw is turned, with a rule or the known size of the case in the picture. Mark which end is which on the case.</source>
      <translation>Chaque côté et les deux bouts, avant de tourner une vis, avec une règle ou la taille connue du boîtier dans l'image. Repérer sur le boîtier quel bout est lequel.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every side photographed</source>
      <translation>Chaque côté photographié</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Every wire recorded</source>
      <translation>Chaque fil noté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Faults recorded, or none seen</source>
      <translation>Défauts notés, ou aucun vu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Flatten the old tabs</source>
      <translation>Aplatir les anciennes pattes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Foam and pads where they were, wires in their loops, none across an edge. Shake it over a white sheet: no clipping, no bead of solder.</source>
      <translation>Mousse et coussins à leur place, fils dans leurs boucles, aucun sur une arête. Secouer au-dessus d'une feuille blanche : pas une chute, pas une bille d'étain.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Frame the right way round</source>
      <translation>Cadre dans le bon sens</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Free the wires, keep the pads</source>
      <translation>Libérer les fils, garder les coussins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Get under a tab with a thin blade, roll it off with pliers, or snip it and leave a stub on the cell.</source>
      <translation>Passer une lame mince sous une patte, la rouler à la pince, ou la couper en laissant un moignon sur la cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Glasses on: steel tabs spring, and a snipped end flies.</source>
      <translation>Lunettes : les pattes d'acier font ressort, et un bout coupé vole.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Hammer them flat on a hard block without thinning them; file the nuggets off.%1</source>
      <translation>Les aplatir au marteau sur un bloc dur sans les amincir ; limer les noyaux.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Hot air for glue only until it is hand-warm: the cells are behind it.</source>
      <translation>Air chaud seulement pour la colle, jusqu'à tiède : les cellules sont derrière.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>It does what it did</source>
      <translation>Il fait ce qu'il faisait</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Keys line up</source>
      <translation>Détrompeurs en face</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Label and last look</source>
      <translation>Étiquette et dernier coup d'œil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Leads and board whole</source>
      <translation>Fils et carte entiers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Lid on without pressing on cells or wires; a lid that springs has a wire under it.</source>
      <translation>Couvercle posé sans appuyer sur cellules ou fils ; un couvercle qui fait ressort a un fil dessous.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Lift the tabs off the old cells</source>
      <translation>Lever les pattes des anciennes cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Measure all %1 new cells, mark plus</source>
      <translation>Mesurer les %1 cellules neuves, repérer le plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Measure its thickness.</source>
      <translation>Mesurer leur épaisseur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Measure the new cell, mark plus</source>
      <translation>Mesurer la cellule neuve, repérer le plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>New cells</source>
      <translation>Cellules neuves</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>New cells, capacity, voltage, date and who did it, on the case; old cells to the collection point, ends taped.</source>
      <translation>Cellules neuves, capacité, tension, date et qui l'a fait, sur le boîtier ; anciennes cellules au point de collecte, bouts sous ruban.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No bare metal that was covered before</source>
      <translation>Aucun métal nu qui était couvert avant</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No can cut</source>
      <translation>Aucun godet entaillé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No loose metal</source>
      <translation>Aucun métal libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No place warmer than another</source>
      <translation>Aucun endroit plus chaud qu'un autre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>No wire torn</source>
      <translation>Aucun fil arraché</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Not thinned, not cracked</source>
      <translation>Ni amincies, ni fendues</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nothing rattles, nothing is squeezed</source>
      <translation>Rien ne branle, rien n'est pincé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nothing stands out that did not</source>
      <translation>Rien ne dépasse qui ne dépassait pas</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nothing wet, rusty or swollen; if so, it stops here</source>
      <translation>Rien de mouillé, rouillé ou gonflé ; sinon on s'arrête là</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Nuggets and burrs off</source>
      <translation>Noyaux et bavures ôtés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Old cells on their way to collection</source>
      <translation>Anciennes cellules parties à la collecte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Old cells' ends taped, set apart for disposal</source>
      <translation>Bouts des anciennes cellules sous ruban, mises à part</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>One cell at a time, from the pole inwards.</source>
      <translation>Une cellule à la fois, du pôle vers l'intérieur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>One cell the wrong way is a dead short as soon as the strip touches.</source>
      <translation>Une cellule à l'envers est un court-circuit franc dès que la bande touche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>One record each: every wire (colour, from, to, length, way), the board's slot, long and short side and keys of the frame, glue, foam, and each fault seen: rippled strip, browned wrap, rust, wire floating in its solder, cut insulation. Photograph again, open.</source>
      <translation>Une inscription chacun : chaque fil (couleur, de, à, longueur, chemin), le logement de la carte, côtés long et court et détrompeurs du cadre, colle, mousse, et chaque défaut vu : bande ondulée, gaine brunie, rouille, fil flottant dans son étain, isolant coupé. Photographier encore, ouvert.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Open it; warm the glue, never force</source>
      <translation>L'ouvrir ; chauffer la colle, ne jamais forcer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Pads and foam back</source>
      <translation>Coussins et mousse remis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Pads and foam kept</source>
      <translation>Coussins et mousse gardés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Pads back, no loose metal</source>
      <translation>Coussins remis, aucun métal libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Parts apart and covered</source>
      <translation>Parties séparées et couvertes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Photograph every side, mark it</source>
      <translation>Photographier chaque côté, le repérer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Plus of each part where drawn</source>
      <translation>Plus de chaque partie là où c'est dessiné</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Polarity of every cell, voltage of every group</source>
      <translation>Polarité de chaque cellule, tension de chaque groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Read each part before the parts are joined</source>
      <translation>Lire chaque partie avant de les joindre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Reading at its contacts, then in the host: every function once, then a minute at full load; feel the pack.%1</source>
      <translation>Lecture à ses contacts, puis dans l'appareil : chaque fonction une fois, puis une minute à pleine charge ; tâter le pack.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Reclaimed: capacity, resistance and a week's rest of each are known, and like goes with like.</source>
      <translation>Récupérées : capacité, résistance et une semaine de repos de chacune sont connus, et les semblables vont ensemble.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Record everything before it moves</source>
      <translation>Tout noter avant que cela ne bouge</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Red on the end that should be plus, %1. Write + and − beside each on the bench and in the photo, and read each group. A dead cell tells its polarity by the shape of its end and by its neighbours only: say so in the record.</source>
      <translation>Rouge sur le bout qui devrait être le plus, %1. Écrire + et − à côté de chacun sur l'établi et sur la photo, et lire chaque groupe. Une cellule morte ne dit sa polarité que par la forme de son bout et par ses voisines : le dire au registre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Roll each tab off with pliers, or snip it; keep one of each as a pattern.</source>
      <translation>Rouler chaque patte à la pince, ou la couper ; en garder une de chaque comme modèle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Screws first: type, count and where each is kept. Glue gives way to warm air; a lid that is prised tears the wires behind it.</source>
      <translation>Les vis d'abord : sorte, nombre et où chacune est gardée. La colle cède à l'air tiède ; un couvercle forcé arrache les fils derrière.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Separate the %1 parts first</source>
      <translation>Séparer d'abord les %1 parties</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Set the cells %1, directions checked twice</source>
      <translation>Placer les cellules : %1, sens contrôlés deux fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Sides and keys of the frame recorded</source>
      <translation>Côtés et détrompeurs du cadre notés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Take out</source>
      <translation>Sortir</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>The can is negative right up to the rim: a blade or a tab that slips there shorts the cell.</source>
      <translation>Le godet est négatif jusqu'au bord : une lame ou une patte qui y glisse met la cellule en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>The joint between the parts first: then the fewest live contacts are together. Read each part alone.</source>
      <translation>La jonction entre les parties d'abord : il y a alors le moins de contacts sous tension ensemble. Lire chaque partie seule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Through the flap of its tap point. %1</source>
      <translation>Par le volet de son point de prise. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Unplugged from host and charger</source>
      <translation>Débranché de l'appareil et du chargeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Voltage of every %1, every wrap and both ends looked at, a + on each sleeve. Length over everything and diameter of the largest.%2</source>
      <translation>Tension de chacune : %1, chaque gaine et les deux bouts regardés, un + sur chaque gaine. Longueur hors tout et diamètre de la plus grosse.%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Wires in their loops</source>
      <translation>Fils dans leurs boucles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>Wires out of their loops, pads and foam peeled and kept in order, board out of its slot on its wires.</source>
      <translation>Fils hors de leurs boucles, coussins et mousse décollés et gardés en ordre, carte sortie de son logement au bout de ses fils.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>about %1 each, within %2</source>
      <translation>environ %1 chacune, à %2 près</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>as they stood</source>
      <translation>comme elles étaient</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>group %1</source>
      <translation>groupe %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>groups %1 to %2</source>
      <translation>groupes %1 à %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>in the frame</source>
      <translation>dans le cadre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>top</source>
      <translation>dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>%1 of it want their second reading at rest.</source>
      <translation>%1 d'entre elles veulent leur deuxième lecture au repos.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>%1 of it wants its second reading at rest.</source>
      <translation>%1 d'entre elles veut sa deuxième lecture au repos.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>Check the %1 against something known.</source>
      <translation>Contrôler %1 sur quelque chose de connu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>If it lies unused: measure it, and charge it up to half.</source>
      <translation>S'il ne sert pas : le mesurer, et le charger à moitié.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>If it lies unused: measure it; nickel that was empty wants a slow full charge.</source>
      <translation>S'il ne sert pas : le mesurer ; du nickel resté vide veut une charge complète lente.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>Look through the jacket for rust, bubbles and damp; put what is seen into the job.</source>
      <translation>Regarder par l'enveloppe rouille, bulles et humidité ; mettre ce qu'on voit dans le travail.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>Test its capacity again, and measure every group.</source>
      <translation>Retester sa capacité, et mesurer chaque groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>The %1 was not right when it was checked: mend it or put it away.</source>
      <translation>%1 n'était pas juste au contrôle : le réparer ou le ranger.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>cells without a drawer</source>
      <translation>cellules sans tiroir</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>drawer %1</source>
      <translation>tiroir %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/reminders.py" />
      <source>overdue by %1</source>
      <translation>en retard de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>, %1 in the money of the shop</source>
      <translation>, %1 dans la monnaie de l'atelier</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>; %1 without a price.</source>
      <translation>; %1 sans prix.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>From %1: %2; %3 left</source>
      <translation>De %1 : %2 ; reste %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>Its leads ask for an iron of %1 W; the shop's strongest has %2 W.</source>
      <translation>Ses câbles demandent un fer de %1 W ; le plus fort de l'atelier a %2 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>Nothing must be bought: all of it is there.</source>
      <translation>Rien à acheter : tout est là.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>To be bought for it: %1%2 (Workshop, Shopping list).</source>
      <translation>À acheter pour cela : %1%2 (Atelier, Liste d'achats).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>no supplier told</source>
      <translation>aucun fournisseur dit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>the %1 m %2</source>
      <translation>%1 m de %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/shopping.py" />
      <source>the %1 m bought</source>
      <translation>les %1 m achetés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1 Entered as right, because: %2</source>
      <translation>%1 Inscrit comme juste, car : %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1 Find out what the host stands, or enter why it is right; it is recorded.</source>
      <translation>%1 Trouver ce que l'appareil supporte, ou inscrire pourquoi c'est juste ; c'est noté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1, %2 each. Sleeves on both, for the plug (%3) and for the contacts.</source>
      <translation>%1, %2 chacun. Des gaines sur les deux, pour la fiche (%3) et pour les contacts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>%1, red on the contact marked +</source>
      <translation>%1, rouge sur le contact marqué +</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A block of %1, wood or card, with the plug and a turn of wire: it goes in and out without force, and the lid closes.</source>
      <translation>Un bloc de %1, bois ou carton, avec la fiche et un tour de fil : il entre et sort sans forcer, et le couvercle ferme.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A higher voltage than the host had, entered as right: %1</source>
      <translation>Une tension plus haute qu'avant dans l'appareil, inscrite comme juste : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A host made for throw-away cells runs them until they are flat; lithium cells do not come back from that.</source>
      <translation>Un appareil fait pour des piles jetables les vide à plat ; les cellules au lithium n'en reviennent pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A motor or a lamp made for the old cells takes a higher voltage as more current, heat and wear, or not at all.</source>
      <translation>Un moteur ou une lampe faits pour les anciennes piles prennent une tension plus haute en plus de courant, de chaleur et d'usure, ou pas du tout.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A pull on the plug moves no joint</source>
      <translation>Tirer sur la fiche ne bouge aucune jonction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>A sprung contact made for small cells glows at the current of a larger pack.</source>
      <translation>Un contact à ressort fait pour de petites piles rougit au courant d'un pack plus gros.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>All %1 cells out. Plus and minus written beside the two contacts that lead on into the host.</source>
      <translation>Les %1 cellules dehors. Plus et moins écrits à côté des deux contacts qui mènent dans l'appareil.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>At %1 the old cells gave %2, the pack gives %3: about %4 %5.</source>
      <translation>À %1 les anciennes piles donnaient %2, le pack donne %3 : environ %4 %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Both contacts marked</source>
      <translation>Les deux contacts repérés</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Cells out</source>
      <translation>Cellules dehors</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Cells out, mark the two contacts that stay</source>
      <translation>Cellules dehors, repérer les deux contacts qui restent</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Clean %1 bright, hook the wire through or round it, tin and solder: hot and short. Plastic that softens lets the contact lean; hold it with pliers until it is cold.</source>
      <translation>Nettoyer %1 à vif, crocheter le fil dedans ou autour, étamer et braser : chaud et court. Le plastique ramolli laisse pencher le contact ; le tenir à la pince jusqu'à froid.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Contact %1: hook, tin, solder, quickly</source>
      <translation>Contact %1 : crocheter, étamer, braser, vite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Contacts and plug no warmer than the hand bears</source>
      <translation>Contacts et fiche pas plus chauds que la main ne supporte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Continuity: plus to plus, none across</source>
      <translation>Continuité : plus au plus, rien en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Dummy in and out without force</source>
      <translation>Gabarit entre et sort sans forcer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Each contact's sign recorded</source>
      <translation>Signe de chaque contact noté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Edges deburred</source>
      <translation>Arêtes ébavurées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>From the plug's + to the contact marked +, minus to minus; none across, the host switched off.</source>
      <translation>Du + de la fiche au contact marqué +, moins au moins ; rien en travers, l'appareil éteint.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Full, the pack has %1; %2 fresh cells had %3: %4 over.</source>
      <translation>Plein, le pack a %1 ; %2 piles fraîches avaient %3 : %4 de plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Full, the pack has %1; the host stands %2.</source>
      <translation>Plein, le pack a %1 ; l'appareil supporte %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Goggles; a mask for the dust.</source>
      <translation>Lunettes ; un masque pour la poussière.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Host's half of the plug, %1</source>
      <translation>Moitié appareil de la fiche, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Leads</source>
      <translation>Câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Leads rather long than short, sleeves on them now</source>
      <translation>Fils plutôt longs que courts, gaines dessus maintenant</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Lid closes</source>
      <translation>Le couvercle ferme</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Lid closes, no wire pinched</source>
      <translation>Le couvercle ferme, aucun fil pincé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Lid on, a short burst, feel the contacts</source>
      <translation>Couvercle posé, un court essai, tâter les contacts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Live now: a probe that slips shorts the pack.</source>
      <translation>Sous tension à présent : une pointe qui glisse met le pack en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Mark the host's charger: not for this pack. %1</source>
      <translation>Marquer le chargeur de l'appareil : pas pour ce pack. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Never the pack itself as the mate.</source>
      <translation>Jamais le pack lui-même comme autre moitié.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Never try with the pack: a corner of the tray cuts its wrap.</source>
      <translation>Jamais d'essai avec le pack : un coin du bac coupe sa gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No bare metal but the contacts' faces</source>
      <translation>Aucun métal nu sauf les faces des contacts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No dust in the host</source>
      <translation>Pas de poussière dans l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No edge or screw towards it</source>
      <translation>Ni arête ni vis vers lui</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>No metal dust in the host: cover its openings.</source>
      <translation>Pas de limaille dans l'appareil : couvrir ses ouvertures.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>None across</source>
      <translation>Rien en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Nothing stops it when it is empty: the pack has no board, and a host for %1 cells knows no %2. A pack with a board.</source>
      <translation>Rien ne l'arrête quand il est vide : le pack n'a pas de carte, et un appareil pour %1 piles ne connaît pas le %2. Prendre un pack avec carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Ohm's law, old cells and new pack at the steady current</source>
      <translation>loi d'Ohm, anciennes piles et nouveau pack au courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Only the two contacts left</source>
      <translation>Plus que les deux contacts</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Other contacts, bridges and springs out; ribs cut that stand in the way, never a wall that holds a screw.</source>
      <translation>Les autres contacts, ponts et ressorts dehors ; couper les nervures qui gênent, jamais une paroi qui tient une vis.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Out at once if it races, smells or warms.</source>
      <translation>Dehors aussitôt s'il s'emballe, sent ou chauffe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Pack, plug and %1 of coiled wire take %2 ml; the room has %3 ml.</source>
      <translation>Pack, fiche et %1 de fil enroulé prennent %2 ml ; la place a %3 ml.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>People judge by speed: what sagged before no longer does.</source>
      <translation>On juge à la vitesse : ce qui faiblissait ne faiblit plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Photograph the empty tray. The sign moulded at each contact, and then proof: a set of cells in, meter on the two contacts that lead on into the host. Signs in old trays are worn, and springs are not always minus.</source>
      <translation>Photographier le bac vide. Le signe moulé à chaque contact, et puis la preuve : un jeu de cellules dedans, le multimètre aux deux contacts qui mènent dans l'appareil. Les signes des vieux bacs sont usés, et un ressort n'est pas toujours le moins.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Plus to plus</source>
      <translation>Plus au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Plus to plus by the mark made before, not by the spring.</source>
      <translation>Plus au plus d'après la marque faite avant, pas d'après le ressort.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Polarity of every contact, on record</source>
      <translation>Polarité de chaque contact, au registre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Polarity with the pack in and the tray out</source>
      <translation>Polarité avec le pack branché et le bac dehors</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Room</source>
      <translation>Espace</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Room in the tray</source>
      <translation>Place dans le bac</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Runs as it did, not racing</source>
      <translation>Marche comme avant, sans s'emballer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Shrink; glue for the pull</source>
      <translation>Rétreindre ; colle contre la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Sleeves for the contacts on</source>
      <translation>Gaines des contacts posées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Sleeves for the plug on</source>
      <translation>Gaines de la fiche posées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Sleeves over both contacts' joints. Hot glue holds the wire against a pull; it is no insulation.</source>
      <translation>Gaines sur les soudures des deux contacts. La colle chaude tient le fil contre la traction ; ce n'est pas un isolant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The compartment from above, to scale: pack, plug, coiled wire, the two contacts that stay.</source>
      <translation>Le logement vu de dessus, à l'échelle : pack, fiche, fil enroulé, les deux contacts qui restent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The half that mates with %1 on the pack, contact marked %2. %3 Strip %4, %5 W iron, about %6 s.</source>
      <translation>La moitié qui va avec %1 sur le pack, contact marqué %2. %3 Dénuder %4, fer de %5 W, environ %6 s.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The host's contacts carry %1; %2 flow.</source>
      <translation>Les contacts de l'appareil portent %1 ; il passe %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The leads below are the host's, from the pack's plug to the two contacts that stay.</source>
      <translation>Les fils ci-dessous sont ceux de l'appareil, de la fiche du pack aux deux contacts qui restent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The new pack stays away until the end; its plug is live.</source>
      <translation>Le pack neuf reste à l'écart jusqu'à la fin ; sa fiche est sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The pack's %1 does not go into the room's %2.</source>
      <translation>Le pack : %1 n'entre pas dans la place : %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The rest out, ribs cut</source>
      <translation>Le reste dehors, nervures coupées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The room in the tray is not measured: length, width, height.</source>
      <translation>La place dans le bac n'est pas mesurée : longueur, largeur, hauteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>The two that lead on found by meter</source>
      <translation>Les deux qui mènent plus loin trouvés au multimètre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Tray out of the host, or its leads off: pack plugged in, red on the contact marked +, black on −.</source>
      <translation>Bac hors de l'appareil, ou ses fils débranchés : pack branché, rouge sur le contact marqué +, noir sur −.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Tray photographed</source>
      <translation>Bac photographié</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Try it with a dummy</source>
      <translation>L'essayer avec un gabarit</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Two seconds first, then ten; wires clear of what turns. Feel both contacts and the plug.%1</source>
      <translation>Deux secondes d'abord, puis dix ; fils loin de ce qui tourne. Tâter les deux contacts et la fiche.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>What is pressed in is worn through by the tray's edges.</source>
      <translation>Ce qui est forcé dedans est usé par les arêtes du bac.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>What the host took</source>
      <translation>Ce que l'appareil prenait</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>What the host's contacts carry is not known; %1 will flow: solder to them, do not press, and feel them.</source>
      <translation>Ce que portent les contacts de l'appareil n'est pas connu ; il passera %1 : y braser, ne pas presser, et les tâter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>class value, or what is entered of the host</source>
      <translation>valeur de classe, ou ce qui est inscrit de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>full %1, before %2; under load %3, before %4</source>
      <translation>plein %1, avant %2 ; en charge %3, avant %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>full voltage of both;</source>
      <translation>tension pleine des deux ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>pack, plug and wire take %1 ml; room %2</source>
      <translation>pack, fiche et fil prennent %1 ml ; place %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>sizes as measured</source>
      <translation>tailles mesurées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>solder through the hook, contact straight, tug holds</source>
      <translation>étain à travers le crochet, contact droit, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>the adapter's ends</source>
      <translation>les bouts de l'adaptateur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>the contact that stays</source>
      <translation>le contact qui reste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>wire bottomed in the cup, tug holds, sleeve over all bare metal</source>
      <translation>fil au fond du fût, tient la traction, gaine sur tout le métal nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 (at least %2 flat), cut %3</source>
      <translation>%1 (%2 à plat au moins), coupée à %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 Enter why, if you do it all the same; it is recorded.</source>
      <translation>%1 Inscrire pourquoi, si c'est fait quand même ; c'est noté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 Jacketed all the same, because: %2</source>
      <translation>%1 Enveloppé quand même, car : %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 belongs in a watertight enclosure with a way out for gas, not in a tight jacket.</source>
      <translation>%1 va dans un coffret étanche avec une issue pour le gaz, pas dans une enveloppe serrée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 does not slide on and go tight</source>
      <translation>%1 ne s'enfile pas pour serrer</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 m of bead, %2 ml with waste</source>
      <translation>%1 m de cordon, %2 ml avec les pertes</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 round, %2 flat at least</source>
      <translation>%1 de tour, %2 à plat au moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1 × %2, %3; drawn at 1:1 in menu Job</source>
      <translation>%1 × %2, %3 ; dessiné à 1:1 au menu Travail</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1, with %2 N; up to %3 ml of air inside</source>
      <translation>%1, avec %2 N ; jusqu'à %3 ml d'air dedans</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>%1; the pack is %2.</source>
      <translation>%1 ; le pack fait %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A bridge of a few tenths breaks out, and two wires share one bead.</source>
      <translation>Un pont de quelques dixièmes casse, et deux fils partagent un cordon.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A cell that swells or vents in a tight jacket has nowhere to go, and a fault inside is seen too late.</source>
      <translation>Une cellule qui gonfle ou dégaze dans une enveloppe serrée n'a nulle part où aller, et un défaut dedans se voit trop tard.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A notch %1 deep goes past the middle of a plate %2 high.</source>
      <translation>Une encoche de %1 de profondeur dépasse le milieu d'un flasque de %2 de haut.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A sealed block keeps water out by itself; a jacket keeps its gas in.</source>
      <translation>Un bloc étanche tient l'eau dehors tout seul ; une enveloppe tient son gaz dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A sealed lead block gets no jacket: cover its terminals, and leave its vents free.</source>
      <translation>Un bloc au plomb étanche ne reçoit pas d'enveloppe : couvrir ses bornes, et laisser ses évents libres.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>A sleeve that does not go tight does not lock the plates, and water finds the gap.</source>
      <translation>Une gaine qui ne serre pas ne bloque pas les flasques, et l'eau trouve le jour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Finished, mm</source>
      <translation>Fini, mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>In water</source>
      <translation>Dans l'eau</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Jacket against water</source>
      <translation>Enveloppe contre l'eau</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Lithium, jacketed on the builder's own decision: %1</source>
      <translation>Lithium, enveloppé sur décision du constructeur : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Look through the wall for rust or damp every %1 weeks; with either, out of use.</source>
      <translation>Regarder par la paroi rouille ou humidité toutes les %1 semaines ; avec l'une ou l'autre, hors service.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Never charged closed: out of the water, one end open, in the open air.</source>
      <translation>Jamais chargé fermé : hors de l'eau, un bout ouvert, au grand air.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Nickel cells give hydrogen when they are full, and a jacket is tight.</source>
      <translation>Les cellules au nickel dégagent de l'hydrogène une fois pleines, et une enveloppe est étanche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>No sleeve is chosen</source>
      <translation>Aucune gaine n'est choisie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Plates</source>
      <translation>Flasques</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Pouch cells get no jacket: they swell. A watertight enclosure with room round them.</source>
      <translation>Les cellules en sachet ne reçoivent pas d'enveloppe : elles gonflent. Un coffret étanche avec de la place autour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Sealant</source>
      <translation>Mastic</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>Sealed all round it must never be charged closed: out of the water, one end open. A membrane vent is the other school.</source>
      <translation>Étanche tout autour, il ne doit jamais être chargé fermé : hors de l'eau, un bout ouvert. Un évent à membrane est l'autre école.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The enclosure instead of a jacket is chosen: this plan is for a jacket.</source>
      <translation>Le coffret au lieu d'une enveloppe est choisi : ce plan est pour une enveloppe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The notches come within %1 of each other; 1 mm of plate between them at least: lead wires out at both ends, or bundle thin ones.</source>
      <translation>Les encoches s'approchent à %1 ; 1 mm de flasque entre elles au moins : sortir les fils aux deux bouts, ou lier les minces.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The pack in its jacket, cut along its length, and the end plate that the wires leave through.</source>
      <translation>Le pack dans son enveloppe, coupé en long, et le flasque par où sortent les fils.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>The vent in its end plate stays clear and out of the water while it charges.</source>
      <translation>L'évent du flasque reste libre et hors de l'eau pendant la charge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>What is in the pack is not known; it counts as lithium, which</source>
      <translation>Ce qu'il y a dans le pack n'est pas connu ; il compte pour du lithium, qui</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>end plate %1</source>
      <translation>flasque %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>half the circumference against the stock of the part library</source>
      <translation>demi-circonférence contre le stock de la bibliothèque de pièces</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>notches side by side on the plate's edge</source>
      <translation>encoches côte à côte au bord du flasque</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>sealant, %1 ml in all</source>
      <translation>mastic, %1 ml en tout</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket.py" />
      <source>sinks</source>
      <translation>coule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>%1, red on plus; insulation more than %2 MΩ</source>
      <translation>%1, rouge sur plus ; isolement de plus de %2 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>%1Look through the wall for rust or damp every %2 weeks at first, and after each season.</source>
      <translation>%1Regarder par la paroi rouille ou humidité toutes les %2 semaines au début, et après chaque saison.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Always live: never both ends uncovered.</source>
      <translation>Toujours sous tension : jamais les deux bouts découverts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Bubbles that rise, or one gram more: out at once, and open it.</source>
      <translation>Des bulles qui montent, ou un gramme de plus : dehors aussitôt, et l'ouvrir.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Charge only out of the water, one end open or in the open air: hydrogen must get out.</source>
      <translation>Ne charger que hors de l'eau, un bout ouvert ou au grand air : l'hydrogène doit sortir.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Clear sleeve, %1 flat at least, cut %2: what stands over is trimmed later.</source>
      <translation>Gaine claire, %1 à plat au moins, coupée à %2 : ce qui dépasse est rogné plus tard.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Connector capped and above the water. Weigh it dry; half an hour under a hand's breadth of water with a pinch of salt, insulation from each pole to the water; wipe it dry and weigh again.</source>
      <translation>Connecteur bouché et hors de l'eau. Le peser sec ; une demi-heure sous une largeur de main d'eau avec une pincée de sel, isolement de chaque pôle à l'eau ; l'essuyer et le peser encore.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Cured through: a bead laid beside it is hard inside</source>
      <translation>Pris à cœur : un cordon posé à côté est dur dedans</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Cut the sleeve, longer than it stays</source>
      <translation>Couper la gaine, plus longue qu'elle ne restera</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Dip it: weighed before and after, insulation in the water</source>
      <translation>Le plonger : pesé avant et après, isolement dans l'eau</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Each lead's end covered</source>
      <translation>Bout de chaque fil couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Each wire has sealant all round</source>
      <translation>Du mastic tout autour de chaque fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Each wire in its own notch</source>
      <translation>Chaque fil dans sa propre encoche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>End plates and their notches, dry fit</source>
      <translation>Flasques et leurs encoches, essai à sec</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>From the middle outwards, moving, low heat, the pack turned all the while. Then trim the ends to the lip: %1 past each plate.</source>
      <translation>Du milieu vers les bouts, en bougeant, peu de chaleur, le pack tourné sans cesse. Puis rogner les bouts à la lèvre : %1 au-delà de chaque flasque.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Jacket</source>
      <translation>Enveloppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Length by the list</source>
      <translation>Longueur d'après la liste</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Let it cure %1 h</source>
      <translation>Laisser prendre %1 h</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Lips even</source>
      <translation>Lèvres régulières</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Look through the clear wall</source>
      <translation>Regarder par la paroi claire</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Lying so that nothing runs, in a dry room; not on a charger, not in use.</source>
      <translation>Couché pour que rien ne coule, dans une pièce sèche ; pas en charge, pas en service.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Mark it, and when to look again</source>
      <translation>Le marquer, et quand le revoir</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Marked: do not open, how to charge</source>
      <translation>Marqué : ne pas ouvrir, comment charger</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Membrane clear</source>
      <translation>Membrane libre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Next look in %1 weeks noted</source>
      <translation>Prochain examen dans %1 semaines noté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No bubble across the bead</source>
      <translation>Aucune bulle en travers du cordon</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No channel from outside to inside</source>
      <translation>Aucun passage du dehors au dedans</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No connector goes through a notch: it is fitted afterwards, and each lead's end stays covered till then.</source>
      <translation>Aucun connecteur ne passe par une encoche : il se pose après, et le bout de chaque fil reste couvert jusque-là.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>No thread of air along a wire</source>
      <translation>Aucun filet d'air le long d'un fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>One conductor at a time, the other covered; %1 A gland or lined sleeve where the wires enter it.</source>
      <translation>Un conducteur à la fois, l'autre couvert ; %1 Un presse-étoupe ou une gaine à colle là où les fils entrent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Pack no more than hand-warm</source>
      <translation>Pack tiède au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Plates locked and square</source>
      <translation>Flasques bloqués et d'équerre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Plates square, edges broken</source>
      <translation>Flasques d'équerre, arêtes cassées</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Read the connector</source>
      <translation>Mesurer au connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Red into the contact marked +, black into −.</source>
      <translation>Rouge dans le contact marqué +, noir dans −.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Rim and lip, the pack standing on its cured or held end.%1</source>
      <translation>Bord et lèvre, le pack debout sur son bout pris ou tenu.%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Rim filled to the lip</source>
      <translation>Bord rempli jusqu'à la lèvre</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Seal the other end</source>
      <translation>Étancher l'autre bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Seal the wires' end</source>
      <translation>Étancher le bout des fils</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Sealant round the rim inside the lip and worked between and around each wire, on both sides of the plate where it can be reached; about %1 ml for both ends. No silicone that smells of vinegar: it eats copper.</source>
      <translation>Du mastic tout autour du bord dans la lèvre et travaillé entre et autour de chaque fil, des deux côtés du flasque là où l'on passe ; environ %1 ml pour les deux bouts. Pas de silicone qui sent le vinaigre : il ronge le cuivre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Shrink it: flat and tight, the plates lock</source>
      <translation>La rétreindre : lisse et serrée, les flasques bloqués</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Sleeve clear, no scratch, no pinhole against the light</source>
      <translation>Gaine claire, ni rayure ni trou d'épingle à la lumière</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Sleeve slides over plates and pack</source>
      <translation>La gaine glisse sur flasques et pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Stop and let it cool when it is more than hand-warm: the heat is in the cells.</source>
      <translation>Arrêter et laisser refroidir s'il est plus que tiède : la chaleur est dans les cellules.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Stuck all round</source>
      <translation>Collé tout autour</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Stuck everywhere, no bubble that reaches across, no channel along a wire: with a lamp from the other end.</source>
      <translation>Collé partout, aucune bulle traversante, aucun passage le long d'un fil : avec une lampe depuis l'autre bout.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>The leads are live: one end covered while the other is handled.</source>
      <translation>Les fils sont sous tension : un bout couvert pendant qu'on tient l'autre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>The vent's membrane stays clear of sealant.</source>
      <translation>La membrane de l'évent reste sans mastic.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>The watertight connector</source>
      <translation>Le connecteur étanche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>This cannot be undone: look again that nothing is left inside that belongs outside.</source>
      <translation>Cela ne se défait pas : regarder encore que rien ne reste dedans qui doit être dehors.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Tight all round, no wrinkle</source>
      <translation>Serré tout autour, sans pli</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Two plates %1 × %2, %3 thick, from the drawing at 1:1; %4 in one of them, edges broken. Every wire in its own notch, nothing crossed; the plate stands square on the pack.</source>
      <translation>Deux flasques %1 × %2, %3 d'épaisseur, d'après le dessin à 1:1 ; %4 dans l'un, arêtes cassées. Chaque fil dans sa propre encoche, rien de croisé ; le flasque d'équerre sur le pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Voltage and insulation, before it disappears</source>
      <translation>Tension et isolement, avant qu'il ne disparaisse</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Water creeps along strands inside a wire's insulation: no bare strand ends inside the jacket.</source>
      <translation>L'eau remonte le long des brins dans l'isolant d'un fil : aucun bout de brin nu dans l'enveloppe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>What is wrong inside now stays inside. Read the pack, and its insulation to foil laid round it; look at every wire's insulation up to the pack.</source>
      <translation>Ce qui est faux dedans y reste. Lire le pack, et son isolement contre une feuille de métal enroulée ; regarder l'isolant de chaque fil jusqu'au pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>as before, %1</source>
      <translation>comme avant, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>jacket-reading</source>
      <translation>jacket-reading</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>no heavier, insulation to the water more than %1 MΩ</source>
      <translation>pas plus lourd, isolement à l'eau de plus de %1 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>smooth joint, tug holds, sealed where the wire enters</source>
      <translation>soudure lisse, tient la traction, étanche à l'entrée du fil</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 %2, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.</source>
      <translation>%1 %2, une feuille dessous, tenue pour ne pas glisser : des arêtes de bande ou de pastille qui usent à travers sont un court-circuit.</translation>
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
      <source>%1, each lead %2 mm, a lug for its conductor and stud. Sleeve on first; every strand in, seen in the witness hole; full crimp of that size; tug. Covers for both lugs by hand.%3</source>
      <translation>%1, chaque câble %2 mm, une cosse pour son conducteur et son goujon. La gaine d'abord ; chaque brin dedans, vu dans le trou témoin ; sertissage complet de cette taille ; tirer. Capuchons pour les deux cosses à portée.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1. %2 The free end of the next stays covered until its turn.</source>
      <translation>%1. %2 Le bout libre du suivant reste couvert jusqu'à son tour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1. Made up off the pack like the first, sleeves on first; then one conductor at a time, the other covered.%2</source>
      <translation>%1. Fait hors du pack comme le premier, les gaines d'abord ; puis un conducteur à la fois, l'autre couvert.%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Both leads of this pole: the second to %1.</source>
      <translation>Les deux câbles de ce pôle : le second à %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Continuity from each end to its place</source>
      <translation>Continuité de chaque bout à sa place</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp a ring lug for %1 on the %2, sleeve it, and set it under the screw of B%3%4.</source>
      <translation>Sertir une cosse à œil pour %1 sur %2, la gainer, et la mettre sous la vis de B%3%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp each contact and push it into its place until it latches; tug.</source>
      <translation>Sertir chaque contact et le pousser dans sa place jusqu'au déclic ; tirer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp the lugs on the leads</source>
      <translation>Sertir les cosses sur les câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Cut and number the sense leads, off the pack</source>
      <translation>Couper et numéroter les fils de mesure, hors du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Each goes where the wire list says, by what is printed</source>
      <translation>Chacun va où la liste des fils le dit, d'après ce qui est imprimé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every board end covered</source>
      <translation>Chaque bout côté carte couvert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every wire numbered</source>
      <translation>Chaque fil numéroté</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every wire numbered at both ends</source>
      <translation>Chaque fil numéroté aux deux bouts</translation>
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
      <source>Its board end stays covered: it goes to B%1 after the sense leads.</source>
      <translation>Son bout côté carte reste couvert : il va à B%1 après les fils de mesure.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Lay the thermistor%1</source>
      <translation>Poser la sonde</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Leads of the %1</source>
      <translation>Câbles : %1</translation>
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
      <source>Plus and minus by the signs moulded on the body, not by colour.</source>
      <translation>Plus et moins d'après les signes moulés sur le corps, pas d'après la couleur.</translation>
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
      <source>The %1 goes into the plus lead, near where it begins.</source>
      <translation>%1 va dans le câble plus, près de son départ.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The %1 goes into this lead first.</source>
      <translation>%1 va d'abord dans ce câble.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The board end of every lead stays covered: it is live as soon as the lead is joined.</source>
      <translation>Le bout côté carte de chaque fil reste couvert : il est sous tension dès que le fil est joint.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The connector's %1 lead is not joined here: it goes to the board's pad P%2. Past the board nothing would ever switch the pack off.</source>
      <translation>Le câble %1 du connecteur n'est pas joint ici : il va à la pastille P%2 de la carte. Hors de la carte rien ne couperait jamais le pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The free end of its %1 lead goes to the board's pad P%2, the other to the collecting strip.</source>
      <translation>Le bout libre de son câble %1 va à la pastille P%2 de la carte, l'autre à la bande collectrice.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The leads are not on the pack yet: keep it so until both contacts are sleeved.</source>
      <translation>Les câbles ne sont pas encore sur le pack : rester ainsi jusqu'à ce que les deux contacts soient gainés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The leads are not on the pack yet: keep it so until both lugs are sleeved and covered.</source>
      <translation>Les câbles ne sont pas encore sur le pack : rester ainsi jusqu'à ce que les deux cosses soient gainées et couvertes.</translation>
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
      <source>Tin both ends; a sleeve over each board end, which goes to its pad only when every tap has been read.</source>
      <translation>Étamer les deux bouts ; une gaine sur chaque bout côté carte, qui ne va à sa pastille qu'une fois chaque prise lue.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>at about %1 N·m (the cell's sheet goes before that)</source>
      <translation>à environ %1 N·m (la fiche de la cellule passe avant)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>at the end of the pack</source>
      <translation>au bout du pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>board's</source>
      <translation>de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>conductor in the witness hole, tug holds</source>
      <translation>conducteur dans le trou témoin, tient la traction</translation>
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
      <source>outside, in a case of its own</source>
      <translation>dehors, dans son propre boîtier</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>plug</source>
      <translation>fiche</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>smooth joint, strands in outline, tug holds</source>
      <translation>soudure lisse, brins dessinés, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the collecting strip B%1 between cells %2 and %3, not over a cell</source>
      <translation>la bande collectrice B%1 entre les cellules %2 et %3, pas sur une cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the tab of plate B%1 at cell %2</source>
      <translation>la patte de la plaque B%1 à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the tail of the collecting strip B%1 at cell %2</source>
      <translation>la queue de la bande collectrice B%1 à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wire %1 the board's pad B%2</source>
      <translation>fil %1 la pastille B%2 de la carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wire bottomed in the cup, no gap to the insulation, body not distorted</source>
      <translation>fil au fond du fût, pas de jour jusqu'à l'isolant, corps non déformé</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wires bottomed, sleeves over all bare metal, tug holds</source>
      <translation>fils au fond, gaines sur tout le métal nu, tient la traction</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>A strip on the %1 face names a cell that is not marked.</source>
      <translation>Une bande de la face %1 nomme une cellule non marquée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cell %1 of the top photo has no partner on the bottom: is the pack turned about the other axis, or is one photo mirrored?</source>
      <translation>La cellule %1 de la photo du dessus n'a pas de vis-à-vis dessous : le pack est-il tourné sur l'autre axe, ou une photo en miroir ?</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cell %1 shows %2 on both faces.</source>
      <translation>La cellule %1 montre %2 sur les deux faces.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cells %1 %2 at one strip and part after it: a strip is missing, or one is too many, or a cell is marked the wrong way round.</source>
      <translation>Les cellules %1 %2 à une bande et se séparent après : une bande manque, ou il y en a une de trop, ou une cellule est marquée à l'envers.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Cells %1 go round in a ring, a dead short: a cell is marked the wrong way round, or a strip is one too many.</source>
      <translation>Les cellules %1 tournent en rond, un court-circuit franc : une cellule est marquée à l'envers, ou il y a une bande de trop.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>No cell is marked yet: click the middle of each in both photos.</source>
      <translation>Aucune cellule n'est encore marquée : cliquer le milieu de chacune sur les deux photos.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The cells %1: a strip is missing, or a cell is marked the wrong way round.</source>
      <translation>Les cellules %1 : une bande manque, ou une cellule est marquée à l'envers.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The four corners bound no rectangle: %1.</source>
      <translation>Les quatre coins ne bornent pas un rectangle : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The photos do not go together yet. %1</source>
      <translation>Les photos ne vont pas encore ensemble. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The top photo has %1 cells marked, the bottom %2; every cell is marked in both.</source>
      <translation>La photo du dessus a %1 cellules marquées, celle du dessous %2 ; chacune se marque sur les deux.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>The two points are one: click them as far apart as you know the size of.</source>
      <translation>Les deux points n'en font qu'un : les cliquer aussi loin que la taille est connue.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>Which end of cell %1 is plus is not marked.</source>
      <translation>Quel bout de la cellule %1 est le plus n'est pas marqué.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>fall into %1 chains</source>
      <translation>se séparent en %1 chaînes</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>go round in a ring, a dead short</source>
      <translation>tournent en rond, un court-circuit franc</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/from_photo.py" />
      <source>“%1” is not to scale yet: click four corners of a rectangle, or two points, and enter their size.</source>
      <translation>« %1 » n'est pas encore à l'échelle : cliquer quatre coins d'un rectangle, ou deux points, et inscrire leur taille.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/grouping.py" />
      <source>%1 places are too few for %2 cells</source>
      <translation>%1 places sont trop peu pour %2 cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/places.py" />
      <source>, long enough for the cells this way round.</source>
      <translation>, assez long pour les cellules dans ce sens.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/places.py" />
      <source>There is no space to look in: give length, width and height in the brief</source>
      <translation>Il n'y a pas d'espace où chercher : donner longueur, largeur et hauteur dans le cahier</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>%1 cells do not fit: places found are %2; more than %3 are impossible there.%4</source>
      <translation>%1 cellules n'entrent pas : %2 places trouvées ; plus de %3 y sont impossibles.%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>%1 places are found for %2 cells, but a group must stand whole in one block: the blocks hold %3 groups of %4.</source>
      <translation>%1 places sont trouvées pour %2 cellules, mais un groupe doit être entier dans un bloc : les blocs tiennent %3 groupes de %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>%1: %2 places, more than %3 are impossible</source>
      <translation>%1 : %2 places, plus de %3 sont impossibles</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>Cells folded end to end stand one after the other: there are no places to look for.</source>
      <translation>Les cellules pliées bout à bout se suivent : il n'y a pas de places à chercher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>Group %1 does not hang together in this outline.</source>
      <translation>Le groupe %1 ne se tient pas dans ce contour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>In a space that is given as seen from its end the cells lie along it: choose that first.</source>
      <translation>Dans un espace donné vu du bout les cellules sont couchées en long : choisir cela d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>Of groups %1 and %2 only %3 of %4 cells touch the other group.</source>
      <translation>Des groupes %1 et %2 seules %3 cellules sur %4 touchent l'autre groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>One cell fewer in parallel (%1) would give every cell its link.</source>
      <translation>Une cellule de moins en parallèle (%1) donnerait à chacune sa liaison.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>The cells stand in whole rows; find places first, or move a cell by hand.</source>
      <translation>Les cellules sont en rangs entiers ; chercher d'abord des places, ou déplacer une cellule à la main.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>With %1 in parallel it would fit.</source>
      <translation>Avec %1 en parallèle cela irait.</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/search.py" />
      <source>sorting cells into groups</source>
      <translation>tri des cellules en groupes</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>%1 cells are too many: the space takes at most %2 standing</source>
      <translation>%1 cellules sont trop : l'espace en prend au plus %2 debout</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>each cell gives %1 at the peak, its limit is %2</source>
      <translation>chaque cellule donne %1 en pointe, sa limite est %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>each cell gives %1 steadily, its limit is %2</source>
      <translation>chaque cellule donne %1 en continu, sa limite est %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>full it gives %1, the load accepts %2</source>
      <translation>plein il donne %1, l'appareil accepte %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>it delivers %1, %2 is wanted</source>
      <translation>il délivre %1, il en faut %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>near empty it gives %1 under load, the load needs %2</source>
      <translation>presque vide il donne %1 en charge, l'appareil veut %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>the cells alone weigh %1, the limit is %2</source>
      <translation>les cellules seules pèsent %1, la limite est %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/series_parallel.py" />
      <source>the peak pulls it down to %1, the load needs %2</source>
      <translation>la pointe le fait tomber à %1, l'appareil veut %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/layout/space.py" />
      <source>a circle must touch its box</source>
      <translation>un cercle doit toucher sa boîte</translation>
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
      <location filename="firmcell/core/leads/soldering.py" />
      <source>adhesive-lined</source>
      <translation>à colle</translation>
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
      <location filename="firmcell/core/model/cell_sleeves.py" />
      <source>cell sleeve %1 mm flat</source>
      <translation>gaine de cellule %1 mm à plat</translation>
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
      <source>Nickel-metal hydride</source>
      <translation>Nickel-hydrure métallique</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>a tenth of the capacity for 16 h, or fast charge ended by −ΔV 5 to 10 mV a cell or 1 K/min, with a time limit behind both</source>
      <translation>un dixième de la capacité pendant 16 h, ou charge rapide finie par −ΔV de 5 à 10 mV par cellule ou 1 K/min, avec une limite de temps derrière les deux</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>constant current, then constant voltage until the current has fallen to a twentieth</source>
      <translation>courant constant, puis tension constante jusqu'à ce que le courant tombe à un vingtième</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>lfp</source>
      <translation>lfp</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>li-ion</source>
      <translation>li-ion</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>lto</source>
      <translation>lto</translation>
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
      <source>nickel battery: terminals protected against short circuit; the lithium rules do not apply</source>
      <translation>batterie au nickel : bornes protégées du court-circuit ; les règles du lithium ne s'appliquent pas</translation>
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
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Host's charge ends by</source>
      <translation>La charge dans l'appareil finit par</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>It balances each group</source>
      <translation>Il équilibre chaque groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>It stays on when full</source>
      <translation>Il reste en marche une fois plein</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its clock ends after</source>
      <translation>Son horloge finit après</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its current</source>
      <translation>Son courant</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its resistor</source>
      <translation>Sa résistance</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>Its voltage, no pack on it</source>
      <translation>Sa tension, sans pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>a clock</source>
      <translation>une horloge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>constant current, then constant voltage</source>
      <translation>courant constant, puis tension constante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>nothing but its own voltage, behind a resistor</source>
      <translation>rien que sa propre tension, derrière une résistance</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>nothing: a current that goes on</source>
      <translation>rien : un courant qui continue</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>the voltage drop of a full pack (−ΔV)</source>
      <translation>la baisse de tension d'un pack plein (−ΔV)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/host_charger.py" />
      <source>the warmth of a full pack</source>
      <translation>la chaleur d'un pack plein</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>BMS retrofit</source>
      <translation>ajout d'un BMS</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Bare can, diameter measured</source>
      <translation>Godet nu, diamètre mesuré</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Bare can, length measured</source>
      <translation>Godet nu, longueur mesurée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Board and its leads stay</source>
      <translation>La carte et ses fils restent</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Cells the host took, in series</source>
      <translation>Cellules que l'appareil prenait, en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Cells to sleeve</source>
      <translation>Cellules à gainer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Charger takes lengths up to</source>
      <translation>Le chargeur prend des longueurs jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Clear of sides and lids by</source>
      <translation>Distance aux parois et couvercles</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Clear sleeve, wall once shrunk</source>
      <translation>Gaine claire, paroi rétreinte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Connector at the far end</source>
      <translation>Connecteur au bout éloigné</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Connector that comes off</source>
      <translation>Connecteur à ôter</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Cores look alike</source>
      <translation>Les conducteurs se ressemblent</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Dented</source>
      <translation>Cabossée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>End plates, thickness</source>
      <translation>Flasques, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Fillet of sealant, leg</source>
      <translation>Congé de mastic, côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Frame or holder stays</source>
      <translation>Le cadre ou support reste</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Higher voltage is right, because</source>
      <translation>La tension plus haute est juste, car</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Holder takes diameters up to</source>
      <translation>Le support prend des diamètres jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Holder takes lengths up to</source>
      <translation>Le support prend des longueurs jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host stands up to</source>
      <translation>L'appareil supporte jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host stays as it was</source>
      <translation>L'appareil reste comme il était</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host switches pairs for two voltages</source>
      <translation>L'appareil commute des paires pour deux tensions</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Host's contacts carry</source>
      <translation>Les contacts de l'appareil portent</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Hydrogen</source>
      <translation>Hydrogène</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>It is</source>
      <translation>C'est</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>It is a sealed lead block</source>
      <translation>C'est un bloc au plomb étanche</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>It is known whether there is a fuse</source>
      <translation>On sait s'il y a un fusible</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Kind of job</source>
      <translation>Genre de travail</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lead is</source>
      <translation>Le câble est</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Leads and connector stay</source>
      <translation>Câbles et connecteur restent</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Leaking, or smells</source>
      <translation>Qui fuit, ou sent</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lip past each plate, trimmed</source>
      <translation>Lèvre au-delà de chaque flasque, rognée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lithium jacketed all the same, because</source>
      <translation>Lithium enveloppé quand même, car</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Long edges, radius</source>
      <translation>Arêtes longues, rayon</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lug at the load</source>
      <translation>Cosse à l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Lug at the source</source>
      <translation>Cosse à la source</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Must reach from the pack</source>
      <translation>Doit aller du pack à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New cells are reclaimed</source>
      <translation>Les cellules neuves sont récupérées</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New pack, height</source>
      <translation>Pack neuf, hauteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New pack, length</source>
      <translation>Pack neuf, longueur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>New pack, width</source>
      <translation>Pack neuf, largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old cell, capacity measured</source>
      <translation>Ancienne cellule, capacité mesurée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old cells</source>
      <translation>Anciennes cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old cells in parallel</source>
      <translation>Anciennes cellules en parallèle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old groups in series</source>
      <translation>Anciens groupes en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Old tabs, thickness</source>
      <translation>Anciennes pattes, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One clip carries</source>
      <translation>Un clip porte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One clip, resistance</source>
      <translation>Un clip, résistance</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One of them, fresh or full</source>
      <translation>Une d'elles, fraîche ou pleine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One of them, nominal</source>
      <translation>Une d'elles, nominal</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>One of them, resistance</source>
      <translation>Une d'elles, résistance</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack weighs</source>
      <translation>Le pack pèse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack, height</source>
      <translation>Pack, hauteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack, length along its wires</source>
      <translation>Pack, longueur le long de ses fils</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Pack, width</source>
      <translation>Pack, largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Parts joined last</source>
      <translation>Parties jointes en dernier</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Plug of the host</source>
      <translation>Fiche de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Ring and disc, thickness</source>
      <translation>Anneau et disque, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Ring, thickness</source>
      <translation>Anneau, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room for one cell, length</source>
      <translation>Place d'une cellule, longueur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room for one cell, width</source>
      <translation>Place d'une cellule, largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room, height</source>
      <translation>Place, hauteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room, length</source>
      <translation>Place, longueur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Room, width</source>
      <translation>Place, largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Runs for (0: steadily)</source>
      <translation>Marche pendant (0 : sans arrêt)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Rusted</source>
      <translation>Rouillée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Sealant cures in</source>
      <translation>Le mastic prend en</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Second insulation ahead of the fuse</source>
      <translation>Deuxième isolant avant le fusible</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Sleeve on</source>
      <translation>Gaine posée</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Sleeve, wall once shrunk</source>
      <translation>Gaine, paroi rétreinte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Source</source>
      <translation>Source</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Source, highest voltage</source>
      <translation>Source, tension la plus haute</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Source, short-circuit current</source>
      <translation>Source, courant de court-circuit</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Strap, thickness</source>
      <translation>Languette, épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Strap, width</source>
      <translation>Languette, largeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Stud at the load</source>
      <translation>Goujon à l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Stud at the source</source>
      <translation>Goujon à la source</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Tabs</source>
      <translation>Pattes</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Then rests for</source>
      <translation>Puis repos</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Thin data wires beside them</source>
      <translation>Fils de données minces à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Thin wires through the plate</source>
      <translation>Fils minces par le flasque</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Thin wires, diameter</source>
      <translation>Fils minces, diamètre</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Warm by itself</source>
      <translation>Chaude d'elle-même</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Welder joins up to</source>
      <translation>La soudeuse joint jusqu'à</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wire coiled in beside it</source>
      <translation>Fil enroulé à côté</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wire from pack to old connector</source>
      <translation>Fil du pack à l'ancien connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wires cut to staggered lengths</source>
      <translation>Fils coupés à longueurs décalées</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Wires to the motor</source>
      <translation>Fils vers le moteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Work plan</source>
      <translation>Plan de travail</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Y joins two packs</source>
      <translation>Le Y joint deux packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>Y: one end to two</source>
      <translation>Y : un bout vers deux</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>a membrane vent in one end plate</source>
      <translation>un évent à membrane dans un flasque</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>a thin tab welded to the cell, the old one soldered to it</source>
      <translation>une patte mince soudée à la cellule, l'ancienne brasée dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>adapter: another connector at the far end</source>
      <translation>adaptateur : un autre connecteur au bout éloigné</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>after, slid over the bullet</source>
      <translation>après, glissée sur la fiche ronde</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>before soldering</source>
      <translation>avant de braser</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>cell with board</source>
      <translation>cellule avec carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>charge lead: from charger to pack</source>
      <translation>câble de charge : du chargeur au pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>current as entered</source>
      <translation>courant comme inscrit</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>cut off, one conductor at a time</source>
      <translation>coupé, un conducteur à la fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>d.c. power supply</source>
      <translation>alimentation continue</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>deep-cycle lead, about 100 Ah</source>
      <translation>plomb à décharge profonde, environ 100 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>extension: the same connector at both ends</source>
      <translation>rallonge : le même connecteur aux deux bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>full: each look its own step</source>
      <translation>complet : chaque examen est une étape</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>holder pack</source>
      <translation>pack en support</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>iron-phosphate block, about 100 Ah</source>
      <translation>bloc fer-phosphate, environ 100 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>lead change</source>
      <translation>changement de câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>machine leads</source>
      <translation>câbles de machine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>made-up lead</source>
      <translation>câble fait sur mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>new pack</source>
      <translation>nouveau pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>new strip; the old is kept as a pattern</source>
      <translation>bande neuve ; l'ancienne sert de modèle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>no jacket: a watertight enclosure</source>
      <translation>pas d'enveloppe : un coffret étanche</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>not there: the wires end bare</source>
      <translation>absent : les fils finissent nus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>old tabs welded again</source>
      <translation>anciennes pattes soudées de nouveau</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>power cable</source>
      <translation>câble de puissance</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>re-sleeve</source>
      <translation>nouvelle gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>refit</source>
      <translation>cellules neuves dans l'ancien boîtier</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>scored and soldered</source>
      <translation>rayé et brasé</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>sealed all round; charged out of the water, a cap at one end open</source>
      <translation>étanche tout autour ; chargé hors de l'eau, un bouchon ouvert à un bout</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>sealed lead block, 7 Ah</source>
      <translation>bloc au plomb étanche, 7 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>short: for a hand that has done it often</source>
      <translation>court : pour une main qui l'a souvent fait</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>splice: longer wire on wires that are there</source>
      <translation>épissure : fil plus long sur les fils présents</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>starter battery, 45 to 75 Ah</source>
      <translation>batterie de démarrage, 45 à 75 Ah</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>starter battery, 90 Ah and more</source>
      <translation>batterie de démarrage, 90 Ah et plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>the load's half, on a load's own wires</source>
      <translation>la moitié de l'appareil, sur ses propres fils</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>tray</source>
      <translation>bac</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>unsoldered, one contact at a time</source>
      <translation>dessoudé, un contact à la fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/job_details.py" />
      <source>wet jacket</source>
      <translation>enveloppe mouillée</translation>
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
      <source>T-blade</source>
      <translation>lame en T</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>bare bullets</source>
      <translation>fiches rondes nues</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>blade</source>
      <translation>lame</translation>
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
      <source>crimp housing</source>
      <translation>boîtier à sertir</translation>
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
      <source>magnetic</source>
      <translation>magnétique</translation>
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
      <source>modular genderless blades</source>
      <translation>lames modulaires sans genre</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>nickel</source>
      <translation>nickel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>screw terminals</source>
      <translation>bornes à vis</translation>
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
      <location filename="firmcell/core/model/parts.py" />
      <source>twin bullet</source>
      <translation>double fiche ronde</translation>
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
      <location filename="firmcell/core/pictures/drawing.py" />
      <source>middle</source>
      <translation>milieu</translation>
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
      <source>Bottom</source>
      <translation>Dessous</translation>
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
      <source>controller, dead</source>
      <translation>variateur, hors tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>pack, live</source>
      <translation>pack, sous tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/live_paint.py" />
      <source>bare metal, V against its lowest</source>
      <translation>métal nu, V contre son plus bas</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Charge %1, by the clock or −ΔV, never by voltage</source>
      <translation>Charger à %1, à l'horloge ou −ΔV, jamais à la tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Charge to %1, at most %2, %3 to 45 °C</source>
      <translation>Charger à %1, %2 au plus, %3 à 45 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Give %1, %2 for a moment, down to %3</source>
      <translation>Donne %1, un instant %2, jusqu'à %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Metal hydride; by sea UN 3496. Poles covered against a short.</source>
      <translation>Hydrure métallique ; par mer UN 3496. Pôles couverts contre le court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>NOT PROVEN YET: do not use</source>
      <translation>PAS ENCORE PROUVÉ : ne pas utiliser</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Never open, crush, heat or short. Warm by itself or swollen: outside, and leave it.</source>
      <translation>Ne jamais ouvrir, écraser, chauffer, court-circuiter. Chaud tout seul ou gonflé : dehors, et l'y laisser.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>Poles covered against a short.</source>
      <translation>Pôles couverts contre le court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>class 9</source>
      <translation>classe 9</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>small, up to 100 Wh</source>
      <translation>petit, jusqu'à 100 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pack_label.py" />
      <source>wiring, for inside the lid</source>
      <translation>câblage, pour l'intérieur du couvercle</translation>
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
      <translation>face %1, à la cellule %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 in place, %2 as a long strip</source>
      <translation>%1 en place, %2 en longue bande</translation>
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
      <source>%1, cut %2 mm</source>
      <translation>%1, coupé à %2 mm</translation>
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
      <source>plus %1</source>
      <translation>plus %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pocket.py" />
      <source>%1 at worst, metal and clearance in it</source>
      <translation>%1 au pire, métal et jeu compris</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pocket.py" />
      <source>%1 there</source>
      <translation>%1 présent</translation>
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
      <source>Cut along the axis; thin layers drawn thicker than they are</source>
      <translation>Coupé selon l'axe ; couches minces dessinées plus épaisses</translation>
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
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>sleeve %1 flat</source>
      <translation>gaine %1 à plat</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>strap %1 × %2 mm, tape under and over it</source>
      <translation>languette %1 × %2 mm, ruban dessous et dessus</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>with its board</source>
      <translation>avec sa carte</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>with its board %1 at most</source>
      <translation>avec sa carte %1 au plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/sleeved_cell.py" />
      <source>%1 with its sleeve</source>
      <translation>%1 avec sa gaine</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/sleeved_cell.py" />
      <source>ring %1, under the lip</source>
      <translation>anneau %1, sous la lèvre</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/sleeved_cell.py" />
      <source>with its sleeve</source>
      <translation>avec sa gaine</translation>
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
      <location filename="firmcell/core/pictures/templates.py" />
      <source>%1 face, %2</source>
      <translation>face %1, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/templates.py" />
      <source>sheet %1 mm, %2 face</source>
      <translation>feuille %1 mm, face %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>From above, lid off</source>
      <translation>De dessus, couvercle ôté</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>pack %1 × %2 × %3%4</source>
      <translation>pack %1 × %2 × %3%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>room %1 × %2 mm</source>
      <translation>place %1 × %2 mm</translation>
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
      <source>contact %1</source>
      <translation>contact %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>the same connector</source>
      <translation>le même connecteur</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>%1 finished, %2 × %3</source>
      <translation>%1 fini, %2 × %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>%1, %2 thick</source>
      <translation>%1, %2 d'épaisseur</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>%1, cut %2; lip %3 past each plate, trimmed</source>
      <translation>%1, coupée à %2 ; lèvre %3 au-delà de chaque flasque, rognée</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>Cut along its length; thin layers drawn thicker than they are</source>
      <translation>Coupé en long ; couches minces dessinées plus épaisses</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>end plate, blind</source>
      <translation>flasque, plein</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>end plate, wires</source>
      <translation>flasque, fils</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>%1, minus at the foot</source>
      <translation>%1, moins au pied</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>%1: wires of the BMS, %2 pieces; lay each from nail to nail, cut, mark its number</source>
      <translation>%1 : fils du BMS, %2 morceaux ; poser chacun de clou en clou, couper, marquer son numéro</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>Balance plug only</source>
      <translation>Fiche d'équilibrage seulement</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>nail board</source>
      <translation>planche à clous</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>two white</source>
      <translation>deux blancs</translation>
    </message>
    <message>
      <location filename="firmcell/core/practice/live_order.py" />
      <source>bare</source>
      <translation>nu</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/build_state.py" />
      <source>polarity</source>
      <translation>polarité</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/event_words.py" />
      <source>%1 right%2</source>
      <translation>%1 juste%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/event_words.py" />
      <source>cell %1: %2</source>
      <translation>cellule %1 : %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Black probe on</source>
      <translation>Pointe noire sur</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Die or indent</source>
      <translation>Matrice ou poinçon</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>How many</source>
      <translation>Combien</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>It sparked</source>
      <translation>Il y a eu une étincelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Kept where</source>
      <translation>Gardé où</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Note</source>
      <translation>Note</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>N·m</source>
      <translation>N·m</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Peel force</source>
      <translation>Force de pelage</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Reading, red on plus</source>
      <translation>Lecture, rouge sur plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Red probe on</source>
      <translation>Pointe rouge sur</translation>
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
      <source>Torque</source>
      <translation>Couple</translation>
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
      <source>a contact of the host</source>
      <translation>un contact de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a fault</source>
      <translation>un défaut</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a lamp or 1 kΩ across the two points</source>
      <translation>une lampe ou 1 kΩ entre les deux points</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a wire</source>
      <translation>un fil</translation>
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
      <source>glue</source>
      <translation>colle</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>new electrodes</source>
      <translation>électrodes neuves</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the board and its slot</source>
      <translation>la carte et son logement</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the frame: sides, keys</source>
      <translation>le cadre : côtés, détrompeurs</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the whole pack under one steady load</source>
      <translation>tout le pack sous une charge régulière</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>%1 Enter the pads of the board's sheet as B− or B0, B1 …, in the order they lie.</source>
      <translation>%1 Inscrire les pastilles d'après la fiche de la carte, B− ou B0, B1 …, dans leur ordre.</translation>
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
      <source>A pack that is emptied by its own board while stored is ruined.</source>
      <translation>Un pack vidé au repos par sa propre carte est perdu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A sense plug wired one place off, or backwards, puts many cells on one input and destroys the board.</source>
      <translation>Une fiche de mesure décalée d'une place, ou à l'envers, met plusieurs cellules sur une entrée et détruit la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Below their limit cells take harm; far above it the pack seems empty while it is not.</source>
      <translation>Sous leur limite les cellules s'abîment ; bien au-dessus le pack semble vide sans l'être.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Heat is the first sign of a failing group.</source>
      <translation>La chaleur est le premier signe d'un groupe qui lâche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Its thresholds would overcharge or strand the cells.</source>
      <translation>Ses seuils surchargeraient les cellules ou les laisseraient en plan.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Onderdonk, value from memory</source>
      <translation>Onderdonk, valeur de mémoire</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Put a fuse at each tap</source>
      <translation>Mettre un fusible à chaque prise</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Stored half full, board and cells may empty it in %1 days: charge it up every %2.</source>
      <translation>Stocké à moitié plein, la carte et les cellules peuvent le vider en %1 jours : le recharger tous les %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board %1 %2; %3 is asked of it.</source>
      <translation>La carte %1 %2 ; on lui demande %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board %1.</source>
      <translation>La carte %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board cuts off at %1 a group; these cells are full at %2.</source>
      <translation>La carte coupe à %1 par groupe ; ces cellules sont pleines à %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board has no temperature sensor for %1 Wh.</source>
      <translation>La carte n'a pas de sonde de température pour %1 Wh.</translation>
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
      <source>capacity over standby drain and self-discharge</source>
      <translation>capacité sur courant de veille et autodécharge</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>carries</source>
      <translation>porte</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>network of the real layout under load</source>
      <translation>réseau de la disposition réelle en charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>pads as entered</source>
      <translation>pastilles comme inscrites</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>takes a charge of</source>
      <translation>prend une charge de</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>the board senses every group</source>
      <translation>la carte mesure chaque groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>thresholds of the class</source>
      <translation>seuils de la classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>trip current and delay against fuse band and wire, ISO 8820 and IEC 60364-4-43 values from memory</source>
      <translation>courant et délai de coupure contre bande du fusible et fil, ISO 8820 et IEC 60364-4-43, valeurs de mémoire</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>trips at</source>
      <translation>coupe à</translation>
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
      <source>Full, it gives %1: over %2 d.c. only licensed practice builds and mends it.</source>
      <translation>Plein, il donne %1 : au-dessus de %2 en continu, seuls des gens du métier agréés le construisent et le réparent.</translation>
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
      <location filename="firmcell/core/rules/brief.py" />
      <source>Say in Brief what is done against a touch before it is built.</source>
      <translation>Dire dans le cahier ce qui est fait contre le contact avant de construire.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>%1: a cell shorted inside by more than %2 stays on its neighbours; its own resistance is %3.</source>
      <translation>%1 : une cellule en court-circuit interne de plus de %2 reste sur ses voisines ; sa propre résistance est %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>%1; its neighbours drive %2 into a shorted cell at most.</source>
      <translation>%1 ; ses voisines poussent au plus %2 dans une cellule en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse that does not open only warms the place; builders then trust what is not there.</source>
      <translation>Un fusible qui n'ouvre pas ne fait que chauffer l'endroit ; et on se fie à ce qui n'est pas là.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse wire of %1 mm, %2 free, carries up to %3 and %4.</source>
      <translation>Un fil fusible de %1 mm, %2 libre, porte jusqu'à %3 et %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse wire of %1 mm, %2 free, is certain to melt from %3</source>
      <translation>Un fil fusible de %1 mm, %2 libre, fond à coup sûr dès %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A fuse wire that glows in use ages, lets its solder go, and melts on a good day.</source>
      <translation>Un fil fusible qui rougit à l'usage vieillit, lâche sa soudure, et fond un beau jour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A short of the pack drives %1 through each fuse wire: a whole group of them may melt %2.</source>
      <translation>Un court-circuit du pack pousse %1 dans chaque fil fusible : tout un groupe peut en fondre %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>A strip that lies on the plus bridges the wire, and the fuse is none.</source>
      <translation>Une bande posée sur le plus ponte le fil, et il n'y a plus de fusible.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Bare wire breaks one cell's voltage; at the pack's an arc stands in each.</source>
      <translation>Un fil nu coupe la tension d'une cellule ; à celle du pack un arc tient dans chacun.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Cells joined by %1 take no fuse wires.</source>
      <translation>Des cellules jointes ainsi ne prennent pas de fils fusibles : %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Cut plates</source>
      <translation>Couper des plaques</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Each fuse wire lets go of a cell shorted inside by up to %1, from %2 on; a softer short it does not see. A melted one shows in no voltage at rest: the group just has %3.</source>
      <translation>Chaque fil fusible lâche une cellule en court-circuit interne jusqu'à %1, dès %2 ; un court-circuit plus mou, il ne le voit pas. Un fil fondu ne se voit à aucune tension au repos : le groupe a seulement %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Fuse wire of %1 mm</source>
      <translation>Fil fusible de %1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Fuse wires are laid over windows of cut plates; strips lie on the plus itself.</source>
      <translation>Les fils fusibles passent sur les fenêtres de plaques coupées ; les bandes sont sur le plus lui-même.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>Its neighbours hold the group's voltage; only a test under load or of capacity finds it.</source>
      <translation>Ses voisines tiennent la tension du groupe ; seul un essai en charge ou de capacité le trouve.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>No fuse wires</source>
      <translation>Pas de fils fusibles</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>With one cell in a group no neighbour feeds a shorted cell: fuse wires serve nothing.</source>
      <translation>Avec une cellule par groupe aucune voisine ne nourrit une cellule en court-circuit : les fils fusibles ne servent à rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>With two cells in a group the wires of both carry the same current: one that melts may be the good cell's.</source>
      <translation>Avec deux cellules par groupe les fils des deux portent le même courant : celui qui fond peut être celui de la bonne.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>and there is no main fuse</source>
      <translation>et il n'y a pas de fusible principal</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>before the %1</source>
      <translation>avant %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cell_fuses.py" />
      <source>is %1 K hotter in its middle than its ends</source>
      <translation>est %1 K plus chaud au milieu qu'aux bouts</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>%1 cells in parallel take</source>
      <translation>%1 cellules en parallèle prennent</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>; network of the real layout at rest</source>
      <translation>; réseau de la disposition réelle au repos</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>A cell outside its window is damaged; charging it again may start a fire.</source>
      <translation>Une cellule hors de sa plage est abîmée ; la recharger peut mettre le feu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>A wrap is not sound: the can under it is negative and live.</source>
      <translation>Une gaine n'est pas saine : le godet dessous est négatif et sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Above its continuous current a cell overheats and ages within weeks; it may vent.</source>
      <translation>Au-dessus de son courant continu une cellule surchauffe et vieillit en semaines ; elle peut dégazer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Cell %1 gives %2 %3, more than its even part: the strips and its resistance make it so; the limit is %4.</source>
      <translation>La cellule %1 donne %2 %3, plus que sa part : les bandes et sa résistance le veulent ; la limite est %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Cells scatter and age; the best of a group carries more than its share.</source>
      <translation>Les cellules sont inégales et vieillissent ; la meilleure d'un groupe porte plus que sa part.</translation>
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
      <source>Each cell gives %1 of its %2 steadily; there is little margin.</source>
      <translation>Chaque cellule donne %1 sur ses %2 en continu ; il y a peu de marge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 steadily; its limit is %2.</source>
      <translation>Chaque cellule donne %1 en continu ; sa limite est %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>In group %1 cell %2 stands at %3 and cell %4 at %5%6. Bring them within %7, or put one in another group.</source>
      <translation>Dans le groupe %1 la cellule %2 est à %3 et la cellule %4 à %5%6. Les amener à %7, ou en mettre une dans un autre groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Make it %1S%2P</source>
      <translation>En faire %1S%2P</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The cells differ by %1: joined in parallel two of them would exchange about %2. Bring them within %3 first.</source>
      <translation>Les cellules diffèrent de %1 : jointes en parallèle deux d'entre elles échangeraient environ %2. Les amener d'abord à %3.</translation>
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
      <source>The moment the strip touches, the difference drives a current limited only by the cells.</source>
      <translation>Dès que la bande touche, l'écart pousse un courant que seules les cellules limitent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The moment the strip touches, the fuller cell drives a current into the emptier one.</source>
      <translation>Dès que la bande touche, la cellule la plus pleine pousse un courant dans la plus vide.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The peak rating already allows for its short time.</source>
      <translation>La valeur de pointe tient déjà compte de sa brève durée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>at the peak</source>
      <translation>en pointe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>the cell takes</source>
      <translation>la cellule prend</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>%1 carries %2; the charger gives %3.</source>
      <translation>%1 porte %2 ; le chargeur donne %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>%1 for the charger's leads, with a %2 of their own</source>
      <translation>%1 pour les câbles du chargeur, avec leur propre %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The %1 lets more through than the charger's %2 carries, %3.</source>
      <translation>%1 laisse passer plus que ce que porte %2 du chargeur, %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's %1 breaks %2; a short drives about %3.</source>
      <translation>%1 du chargeur coupe %2 ; un court-circuit donne environ %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's %1 can be mated backwards at %2.</source>
      <translation>%1 du chargeur s'enfiche à l'envers à %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's %1: %2. %3 of charge flow.</source>
      <translation>%1 du chargeur : %2. Il passe %3 de charge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's connector is as live as the load's, and for longer.</source>
      <translation>Le connecteur du chargeur est aussi sous tension que celui de l'appareil, et plus longtemps.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The charger's leads of %1 have no fuse: a short in them burns them.</source>
      <translation>Les câbles du chargeur en %1 n'ont pas de fusible : un court-circuit dedans les brûle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>The pack drives its whole short-circuit current into the charger's leads; the main fuse lets through more than they stand.</source>
      <translation>Le pack pousse tout son courant de court-circuit dans les câbles du chargeur ; le fusible principal laisse passer plus qu'ils ne supportent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>Use a %1 for the charger</source>
      <translation>Prendre %1 pour le chargeur</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>class values, as for the load's connector</source>
      <translation>valeurs de classe, comme pour le connecteur de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/charger.py" />
      <source>heat balance of an insulated wire;</source>
      <translation>bilan thermique d'un fil isolé ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>; iron phosphate rests near 3.3 V and is overcharged above 3.65 V</source>
      <translation>; le fer-phosphate repose vers 3.3 V et est surchargé au-dessus de 3.65 V</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Insulation hides the copper; a thick wire may be a thin one in a thick cover.</source>
      <translation>L'isolant cache le cuivre ; un gros fil peut être un mince dans une grosse gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>It is over %1 V.</source>
      <translation>Il est au-dessus de %1 V.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>The cells are not known: each figure is the worst of size %1. Until one is measured, draw no more than %2, charge with no more than %3, and promise no energy, no run time and no sag (%4 Ah is the least of its size). They count as %5: no charge before their chemistry is known%6.</source>
      <translation>Les cellules ne sont pas connues : chaque chiffre est le pire de la taille %1. Tant qu'aucune n'est mesurée, ne pas tirer plus de %2, ne pas charger à plus de %3, et ne promettre ni énergie, ni durée, ni chute (%4 Ah est le moins de leur taille). Elles comptent pour %5 : pas de charge avant de connaître leur chimie%6.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>The gauge of the leads is not known and counts as %1: strip a little, count and measure the strands, and enter it in Leads.</source>
      <translation>La section des câbles n'est pas connue et compte pour %1 : dénuder un peu, compter et mesurer les brins, et l'inscrire dans Câbles.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>What a cell can do is not told by its size: two of one size may differ four times in current.</source>
      <translation>Ce que peut une cellule, sa taille ne le dit pas : deux d'une même taille peuvent différer de quatre fois en courant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>What a connector carries, and whether it can be mated backwards, is not told by its looks.</source>
      <translation>Ce que porte un connecteur, et s'il s'enfiche à l'envers, ne se voit pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Whether there is a fuse is not known: work as if there were none. A short drives about %1.%2</source>
      <translation>On ne sait pas s'il y a un fusible : travailler comme s'il n'y en avait pas. Un court-circuit donne environ %1.%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Which connector is on it is not known: nothing is promised of what it carries, nor that it cannot be mated backwards. Measure its contacts, and enter it in Leads.</source>
      <translation>Quel connecteur y est n'est pas connu : rien n'est promis de ce qu'il porte, ni qu'il ne s'enfiche pas à l'envers. Mesurer ses contacts, et l'inscrire dans Câbles.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/existing.py" />
      <source>Whoever trusts a fuse that is not there has none.</source>
      <translation>Qui se fie à un fusible qui n'est pas là n'en a aucun.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>A stick has no layers and no halves.</source>
      <translation>Un bâton n'a ni couches ni moitiés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>A stiff tab pulls at its welds when it is folded, and cracks in the fold.</source>
      <translation>Une patte raide tire sur ses soudures au pliage, et se fend dans le pli.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Cells are folded at single tabs; ladder strip would be folded along its welds.</source>
      <translation>Les cellules se plient à des pattes simples ; la bande en échelle se plierait le long de ses soudures.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Cells are folded at tabs of strip; plates and screws cannot be folded.</source>
      <translation>Les cellules se plient à des pattes de bande ; plaques et vis ne se plient pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Cells in places of their own cannot be folded into a stick.</source>
      <translation>Des cellules à des places à elles ne se plient pas en bâton.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Flat cells are not folded end to end: let them stand or lie.</source>
      <translation>Les cellules plates ne se plient pas bout à bout : les laisser debout ou couchées.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Its height differs from place to place: only cells along it are held against its outline.</source>
      <translation>Sa hauteur change d'un endroit à l'autre : seules des cellules couchées en long se comparent à son contour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Lay the cells along it</source>
      <translation>Coucher les cellules en long</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>One block</source>
      <translation>Un bloc</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Only a straight open row of round cells in one block can be folded at its tabs.</source>
      <translation>Seul un rang droit ouvert de cellules rondes dans un bloc se plie à ses pattes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Stand the cells</source>
      <translation>Mettre les cellules debout</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>Tabs of %1</source>
      <translation>Pattes de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>The space is given as seen from its end; only cells that lie along it are judged against that outline.</source>
      <translation>L'espace est donné vu du bout ; seules des cellules couchées en long se jugent contre ce contour.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>The tabs are %1 mm thick; up to %2 mm is folded without cracking.</source>
      <translation>Les pattes font %1 mm d'épaisseur ; jusqu'à %2 mm on plie sans fendre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/forms.py" />
      <source>geometry of the space</source>
      <translation>géométrie de l'espace</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>%1 mm of wire lie between pack and fuse; within %2 mm is right, with a second sleeve over that part.</source>
      <translation>%1 mm de fil entre pack et fusible ; à %2 mm près c'est juste, avec une deuxième gaine sur cette partie.</translation>
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
      <source>The fuse breaks %1; a short drives about %2.</source>
      <translation>Le fusible coupe %1 ; un court-circuit donne environ %2.</translation>
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
      <location filename="firmcell/core/rules/fuses.py" />
      <source>What lies between pack and fuse is protected by nothing.</source>
      <translation>Ce qui est entre pack et fusible n'est protégé par rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>opening times of the fuse's class against the strip's heat balance in time, from the steady load</source>
      <translation>temps d'ouverture de la classe du fusible contre le bilan thermique de la bande dans le temps, depuis la charge continue</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>rating between load and wire; breaking capacity; d.c. voltage</source>
      <translation>calibre entre appareil et fil ; pouvoir de coupure ; tension continue</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>time-current bands in the manner of ISO 8820, IEC 60364-4-43 k²S², values from memory</source>
      <translation>bandes temps-courant à la manière d'ISO 8820, IEC 60364-4-43 k²S², valeurs de mémoire</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>∫i²dt = CV²/2R against the fuse's melting I²t;</source>
      <translation>∫i²dt = CV²/2R contre le I²t de fusion du fusible ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>A charger goes on doing what it was made for; it does not see that other cells are in.</source>
      <translation>Un chargeur continue ce pour quoi il est fait ; il ne voit pas que d'autres cellules sont dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>Charged in the host: %1%2</source>
      <translation>Chargé dans l'appareil : %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>Not to be charged in the host. %1</source>
      <translation>À ne pas charger dans l'appareil. %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>What a charger does at the end decides how long cells last, and whether they get hot.</source>
      <translation>Ce que fait un chargeur à la fin décide de la vie des cellules, et si elles chauffent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/host_charger.py" />
      <source>charge method of the chemistry (IEC 61951-2, from memory); common practice, no source</source>
      <translation>méthode de charge de la chimie (IEC 61951-2, de mémoire) ; usage courant, sans source</translation>
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
      <source>In two years somebody has to know which pack this is.</source>
      <translation>Dans deux ans quelqu'un doit savoir quel pack c'est.</translation>
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
      <source>The passport has no %1.</source>
      <translation>Au passeport il manque : %1.</translation>
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
      <source>UN Manual of Tests and Criteria 38.3 (from memory)</source>
      <translation>Manuel d'épreuves et de critères de l'ONU 38.3 (de mémoire)</translation>
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
      <location filename="firmcell/core/rules/insulation.py" />
      <source>flat width = half the perimeter, plus ease</source>
      <translation>largeur à plat = demi-périmètre, plus l'aisance</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>%1 is %2 wide; two rows %3 apart need %4.</source>
      <translation>%1 fait %2 de large ; deux rangs à %3 veulent %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>A ladder needs two straight rows of as many cells, each facing one of the other row.</source>
      <translation>Une échelle veut deux rangs droits d'autant de cellules, chacune en face d'une de l'autre rang.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>A weld at the very edge of the strip tears out, and one beside it joins nothing.</source>
      <translation>Une soudure tout au bord de la bande s'arrache, et une à côté ne joint rien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>No ladder strip</source>
      <translation>Pas de bande en échelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>The ladder strip fits at %1 of %2 tap points between groups; strips are laid at the others, whose pads do not lie in two facing rows.</source>
      <translation>La bande en échelle va à %1 points de prise sur %2 entre groupes ; aux autres, dont les plages ne sont pas en deux rangs face à face, on pose des bandes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>The ladder strip fits at no tap point, as no pads lie in two facing rows; strips are laid.</source>
      <translation>La bande en échelle ne va à aucun point de prise, aucune plage n'étant en deux rangs face à face ; on pose des bandes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/ladders.py" />
      <source>geometry of the layout</source>
      <translation>géométrie de la disposition</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 cells stand</source>
      <translation>%1 cellules sont</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 crosses from one block to the next: use flexible insulated wire of at least %2 there, not strip.</source>
      <translation>%1 passe d'un bloc à l'autre : y prendre un fil souple isolé d'au moins %2, pas de bande.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 of groups %2 and %3 touch%4 the other group</source>
      <translation>%1 des groupes %2 et %3 touchent l'autre groupe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 the load gets %2; %3 is wanted. Measure the cells.</source>
      <translation>%1 l'appareil reçoit %2 ; il en faut %3. Mesurer les cellules.</translation>
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
      <source>%1; every group must have %2.</source>
      <translation>%1 ; chaque groupe doit avoir %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>; sort the groups again, or try another lattice or one cell fewer in parallel.</source>
      <translation>; trier les groupes de nouveau, ou essayer une autre maille ou une cellule de moins en parallèle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A cell pressed against the wall or a post is dented or rubs its wrap through.</source>
      <translation>Une cellule pressée contre la paroi ou un montant est cabossée ou use sa gaine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A cell turned the wrong way in its group is a dead short through the first strip.</source>
      <translation>Une cellule à l'envers dans son groupe est un court-circuit franc par la première bande.</translation>
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
      <source>A strip between the parts of a torn group runs over cells of another potential.</source>
      <translation>Une bande entre les morceaux d'un groupe déchiré passe sur des cellules d'un autre potentiel.</translation>
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
      <source>Beyond the clearance only %1 is left. Measure the real hole.</source>
      <translation>Au-delà du jeu il ne reste que %1. Mesurer le vrai trou.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Blocks move against each other; stiff strip between them tears its welds.</source>
      <translation>Les blocs bougent l'un contre l'autre ; une bande raide entre eux arrache ses soudures.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cell %1 stands</source>
      <translation>La cellule %1 est</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cell %1%2 stands the other way than the rest of group %3: it would short the group.</source>
      <translation>La cellule %1%2 est à l'inverse du reste du groupe %3 : elle le mettrait en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells %1 and %2%3 overlap; their centres must be %4 apart.</source>
      <translation>Les cellules %1 et %2%3 se chevauchent ; leurs milieux doivent être à %4.</translation>
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
      <source>Compartments of one nominal size differ by fractions of a millimetre.</source>
      <translation>Des logements d'une même taille nominale diffèrent de fractions de millimètre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Find places in the Layout stage.</source>
      <translation>Chercher des places à l'étape Disposition.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Fully charged it gives %1; the load accepts %2.</source>
      <translation>Pleinement chargé il donne %1 ; l'appareil accepte %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Group %1 is torn into %2 parts: %3 apart from the rest.</source>
      <translation>Le groupe %1 est déchiré en %2 morceaux : %3 à part du reste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Groups %1 and %2 stand the same way up: no strip on one face can join them.</source>
      <translation>Les groupes %1 et %2 sont dans le même sens : aucune bande d'une face ne peut les joindre.</translation>
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
      <source>Leave the sleeves out, sheet and tape instead</source>
      <translation>Laisser les gaines, feuille et ruban à la place</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>No cell</source>
      <translation>Aucune cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Only %1 of %2</source>
      <translation>Seulement %1 de %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Plus of one group and minus of the next must lie on one face to be joined by strip.</source>
      <translation>Le plus d'un groupe et le moins du suivant doivent être sur une face pour être joints par une bande.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Put each group in one column, %1 across</source>
      <translation>Mettre chaque groupe en une colonne, %1 en travers</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Sleeve spans inner corners in a straight line; a pack for an inner corner needs sheet and tape instead.</source>
      <translation>Une gaine franchit les angles rentrants en ligne droite ; un pack pour un angle rentrant veut feuille et ruban.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The cells fit the outline, a sleeve round them does not: it would span an inner corner or a post.</source>
      <translation>Les cellules vont dans le contour, une gaine autour non : elle franchirait un angle rentrant ou un montant.</translation>
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
      <source>The smallest group is empty first and is driven on by the others; the largest is never full.</source>
      <translation>Le plus petit groupe est vide d'abord et les autres le poussent plus loin ; le plus grand n'est jamais plein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Two cells cannot stand in one place.</source>
      <translation>Deux cellules ne peuvent être à une place.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>With cells that resist as much as any of their class</source>
      <translation>Avec des cellules qui résistent autant qu'aucune de leur classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>and %1 more pairs</source>
      <translation>et %1 paires de plus</translation>
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
      <source>cell model of the class at the steady current, 25 °C</source>
      <translation>modèle de cellule de la classe au courant continu, 25 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>cell model of the class from full at the coldest place, resistance of the whole loop</source>
      <translation>modèle de cellule de la classe depuis plein au plus froid, résistance de toute la boucle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>cell model of the class, resistance of the whole loop</source>
      <translation>modèle de cellule de la classe, résistance de toute la boucle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>es</source>
      <translation>es</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>greatest resistance of cells of the class, see docs/run.md</source>
      <translation>plus grande résistance de cellules de la classe, voir docs/run.md</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>outer size with the largest cells of the class</source>
      <translation>taille hors tout avec les plus grandes cellules de la classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>outline of the space, blocked places, largest cells of the class</source>
      <translation>contour de l'espace, places bloquées, plus grandes cellules de la classe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>outline of the space, convex hull of the cells</source>
      <translation>contour de l'espace, enveloppe convexe des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>sum of the parts</source>
      <translation>somme des pièces</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 %2 in the peak of %3; %4 is asked for.</source>
      <translation>%1 %2 dans la pointe de %3 ; on demande %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 %2 in the peak of %3; its insulation stands %4.</source>
      <translation>%1 %2 dans la pointe de %3 ; son isolant supporte %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 (%2) does not fit the cup: it takes %3.</source>
      <translation>%1 (%2) n'entre pas dans le fût : il prend %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 and a %2</source>
      <translation>%1 et %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 between pack and load loses %2 mV at the steady current; change the connector instead.</source>
      <translation>%1 entre pack et appareil perd %2 mV au courant continu ; changer plutôt le connecteur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 carries %2 at %3; %4%5.</source>
      <translation>%1 porte %2 à %3 ; %4%5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 for %2%3</source>
      <translation>%1 pour %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 is drawn</source>
      <translation>on tire %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 is the mean square of what is drawn</source>
      <translation>%1 est la moyenne quadratique de ce qui est tiré</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 leads of %2 for each pole</source>
      <translation>%1 câbles de %2 par pôle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 of the voltage is lost inside at the steady current: %2 W of heat in cells and strips.</source>
      <translation>%1 de la tension se perdent à l'intérieur au courant continu : %2 W de chaleur dans cellules et bandes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 with %2 is soldered for about %3 s: the insulation draws back.</source>
      <translation>%1 avec %2 se brase environ %3 s : l'isolant se retire.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 with lugs on studs</source>
      <translation>%1 avec cosses sur goujons</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>(it would burn its insulation)</source>
      <translation>(cela brûlerait son isolant)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>60 V d.c., IEC 62368-1 ES1 limit (value from memory)</source>
      <translation>60 V continu, limite ES1 d'IEC 62368-1 (valeur de mémoire)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A chain of %1 adapters</source>
      <translation>Une chaîne de %1 adaptateurs</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A lead this hot softens sleeve and connector, and burns the hand.</source>
      <translation>Un câble si chaud ramollit gaine et connecteur, et brûle la main.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A pack is always live: its contacts must not be touchable.</source>
      <translation>Un pack est toujours sous tension : ses contacts ne doivent pas être touchables.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Above it touching both contacts can hurt.</source>
      <translation>Au-dessus, toucher les deux contacts peut blesser.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>An adapter</source>
      <translation>Un adaptateur</translation>
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
      <source>Cut strands or a wire half outside the cup make a joint that lets go.</source>
      <translation>Des brins coupés ou un fil à moitié hors du fût font une jonction qui lâche.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Each adapter is two more pairs of contacts to warm, to come loose and to be made up with the poles exchanged.</source>
      <translation>Chaque adaptateur est deux paires de contacts de plus qui chauffent, se desserrent et peuvent être montées pôles échangés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>In the peak of %1 the contacts reach %2%3; %4 is what the body stands.</source>
      <translation>À la pointe de %1 les contacts atteignent %2%3 ; %4 est ce que le corps supporte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Insulation that is cooked once cracks later, where nobody looks.</source>
      <translation>Un isolant cuit une fois se fend plus tard, là où personne ne regarde.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>No adapter</source>
      <translation>Pas d'adaptateur</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Overloaded contacts melt their housing, and then the poles can touch.</source>
      <translation>Des contacts surchargés fondent leur boîtier, et les pôles peuvent alors se toucher.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Plugged in backwards once, the load is destroyed or the pack is shorted through it.</source>
      <translation>Branché une fois à l'envers, l'appareil est détruit ou le pack mis en court-circuit par lui.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Plugging in charges the load's capacitors with %1 J through the contacts: use a spark-limiting connector, or precharge through %2 Ω, %3 W.</source>
      <translation>Le branchement charge les condensateurs de l'appareil avec %1 J à travers les contacts : prendre un connecteur anti-étincelle, ou précharger par %2 Ω, %3 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector can be mated backwards.</source>
      <translation>Le connecteur s'enfiche à l'envers.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector carries %1 at %2, limited by %3; %4 is drawn.</source>
      <translation>Le connecteur porte %1 à %2, limité par %3 ; %4 sont prélevés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector is for %1; the full pack gives %2.</source>
      <translation>Le connecteur est pour %1 ; le pack plein donne %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector takes %1 at the peak; %2 is drawn.</source>
      <translation>Le connecteur prend %1 en pointe ; on tire %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The full pack gives %1, over %2: its connector must be one body with contacts out of reach of a finger.</source>
      <translation>Le pack plein donne %1, plus de %2 : son connecteur doit être d'un seul corps, contacts hors d'atteinte d'un doigt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The half on the pack has exposed contacts.</source>
      <translation>La moitié sur le pack a des contacts exposés.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The insulation draws back or melts while the cup comes to heat, and bare copper is left.</source>
      <translation>L'isolant se retire ou fond pendant que le fût chauffe, et du cuivre nu reste.</translation>
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
      <location filename="firmcell/core/rules/leads.py" />
      <source>burns its insulation</source>
      <translation>brûle son isolant</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>class value of the cup</source>
      <translation>valeur de classe du fût</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>class value, derated by ambient</source>
      <translation>valeur de classe, déclassée selon l'ambiance</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>every %1</source>
      <translation>tous les %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>heat balance of an insulated wire, Churchill and Chu, checked against NFPA 70 table 310.17</source>
      <translation>bilan thermique d'un fil isolé, Churchill et Chu, contrôlé sur NFPA 70 table 310.17</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>or more</source>
      <translation>ou plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>resistance at working temperature, both leads, contacts, fuse</source>
      <translation>résistance à la température de service, les deux câbles, contacts, fusible</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>transient of conductor and insulation with resistance that rises, checked against finite differences</source>
      <translation>transitoire du conducteur et de l'isolant avec résistance croissante, contrôlé aux différences finies</translation>
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
      <location filename="firmcell/core/rules/lugs.py" />
      <source>geometry of lug, bar and cells</source>
      <translation>géométrie de la cosse, de la barre et des cellules</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>%1 more of the tested cells are out.</source>
      <translation>%1 autres des cellules testées sont écartées.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>: currents as one over resistance; heat as I²R</source>
      <translation>: courants comme l'inverse de la résistance ; chaleur en I²R</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Cell %1 carries %2 times its fair share beside %3.</source>
      <translation>La cellule %1 porte %2 fois sa juste part à côté de %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Cell %1 is out: it %2.</source>
      <translation>La cellule %1 est écartée : elle %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Cell %1 makes %2 times the heat of the others in the same current.</source>
      <translation>La cellule %1 fait %2 fois la chaleur des autres au même courant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>In series the smallest group is empty first, and full first.</source>
      <translation>En série le plus petit groupe est vide d'abord, et plein d'abord.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Place %1 holds %2; %3 was matched for it.</source>
      <translation>La place %1 tient %2 ; %3 lui était attribuée.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Side by side the better cell carries the worse one's share; in series the worse one gets hot.</source>
      <translation>Côte à côte la meilleure porte la part de la moins bonne ; en série la moins bonne chauffe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>Sorted otherwise by %1: %2.</source>
      <translation>Triées autrement par %1 : %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>The groups' capacities differ by %1.</source>
      <translation>Les capacités des groupes diffèrent de %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>The weakest cell decides when a pack is empty, and is driven backwards after that.</source>
      <translation>La cellule la plus faible décide quand un pack est vide, et s'inverse ensuite.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>What was measured on the planned cell counts for the place; another cell there holds and resists otherwise.</source>
      <translation>Ce qui a été mesuré sur la cellule prévue compte pour la place ; une autre y tient et résiste autrement.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>sums of the tested capacities;</source>
      <translation>sommes des capacités testées ;</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/reclaimed.py" />
      <source>the serials that were matched and scanned</source>
      <translation>les numéros attribués et scannés</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>%1 of the last %2 sample welds peeled clean off: change the setting and peel again before welding the pack.</source>
      <translation>%1 des %2 dernières soudures d'essai se sont pelées net : changer le réglage et peler encore avant de souder le pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>%1 sample welds peeled and all held: that proves %2 good welds with 90 % confidence; %3 prove 90 %.</source>
      <translation>%1 soudures d'essai pelées et toutes ont tenu : cela prouve %2 de bonnes soudures avec 90 % de confiance ; %3 prouvent 90 %.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>A joint that is not trusted is done again.</source>
      <translation>Une jonction dont on doute se refait.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>A leak between poles or to the case grows with damp and dirt.</source>
      <translation>Une fuite entre pôles ou vers le boîtier grandit avec l'humidité et la saleté.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>A proof counts only for what it was taken of.</source>
      <translation>Une preuve ne vaut que pour ce dont elle a été prise.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Insulation %1: %2 MΩ; more than %3 MΩ is right.</source>
      <translation>Isolement %1 : %2 MΩ ; plus de %3 MΩ est juste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Record %1, “%2”: an incident, and nothing is recorded of what was found and done.</source>
      <translation>Inscription %1, « %2 » : un incident, et rien n'est noté de ce qui a été trouvé et fait.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Step %1 stands as not right: %2.</source>
      <translation>L'étape %1 est notée pas bonne : %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Welds are recorded, and no sample was peeled before them.</source>
      <translation>Des soudures sont notées, et aucun échantillon n'a été pelé avant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>What smoked once is damaged until it is known why, and may go on by itself hours later.</source>
      <translation>Ce qui a fumé une fois est abîmé tant qu'on ne sait pas pourquoi, et peut reprendre tout seul des heures après.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>Wrong tap wiring is the most common way to kill a board or start a fire.</source>
      <translation>Des prises mal câblées sont la façon la plus courante de tuer une carte ou de mettre le feu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>no failure in n: n ≥ ln(1 − C)/ln R</source>
      <translation>aucun échec sur n : n ≥ ln(1 − C)/ln R</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>prediction from the design</source>
      <translation>prévision du dessin</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>what a proof rests on came after it, was taken back, or was designed anew</source>
      <translation>ce sur quoi repose une preuve est venu après, a été repris ou redessiné</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/records.py" />
      <source>“%1” is open again. %2</source>
      <translation>« %1 » est de nouveau ouverte. %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>%1 %2 of %3 (%4 as a long strip, %5 in place; judged by %6).</source>
      <translation>%1 %2 sur %3 (%4 en longue bande, %5 en place ; jugé par %6).</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>%1 %2 of %3 (%4 in the long run, %5 allowed).</source>
      <translation>%1 %2 sur %3 (%4 à la longue, %5 permis).</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>(worst: %1)</source>
      <translation>(au pire : %1)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>, up to %1 by how cells of its class and still air differ</source>
      <translation>, jusqu'à %1 selon l'écart des cellules de la classe et de l'air calme</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>: run it shorter, cool it, or take more cells in parallel.</source>
      <translation>: le faire tourner moins longtemps, le refroidir, ou prendre plus de cellules en parallèle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>; k/P in the k-th span</source>
      <translation>; k/P dans le k-ième intervalle</translation>
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
      <source>At the end of a run at %1 in %2 cell %3 is at about %4%5; %6 is allowed</source>
      <translation>À la fin d'une marche à %1 par %2 la cellule %3 est à environ %4%5 ; %6 est permis</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Beside the main lead the collecting strip carries</source>
      <translation>À côté du câble principal la bande collectrice porte</translation>
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
      <source>The tab of plate</source>
      <translation>La patte de plaque</translation>
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
      <source>adiabatic rise during the peak, from the steady temperature</source>
      <translation>échauffement adiabatique pendant la pointe, depuis la température établie</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>heat balance of a long strip, Churchill and Chu, and radiation</source>
      <translation>bilan thermique d'une longue bande, Churchill et Chu, et rayonnement</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>more</source>
      <translation>plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>nodal equations of the real layout</source>
      <translation>équations aux nœuds de la disposition réelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>one lump a cell, natural convection and radiation through the insulation</source>
      <translation>une masse par cellule, convection naturelle et rayonnement à travers l'isolant</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>resistance and temperature worked out in turn until they settle</source>
      <translation>résistance et température calculées tour à tour jusqu'à se fixer</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>the series links</source>
      <translation>les liaisons en série</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 layers of %3, welded one on another; %4 are as many as hold well.</source>
      <translation>%1 font %2 couches de %3, soudées l'une sur l'autre ; %4 est ce qui tient bien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 mm thick: a welder of this class (%3) will not get through.</source>
      <translation>%1 font %2 mm d'épaisseur : une soudeuse de cette classe (%3) ne traverse pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 wide; a screw of %3 asks for %4.</source>
      <translation>%1 font %2 de large ; une vis %3 demande %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are copper: weld through nickel on top, or solder; peel samples before trusting it.</source>
      <translation>%1 sont en cuivre : souder à travers du nickel par-dessus, ou braser ; peler des échantillons avant de s'y fier.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 without strip, the first on cell %2.</source>
      <translation>%1 sans bande, la première à la cellule %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A loose screw heats; one too tight strips the thread of a terminal.</source>
      <translation>Une vis lâche chauffe ; une vis trop serrée arrache le filet d'une borne.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A pad without metal leaves its cell out of the pack; an open series link stops the current.</source>
      <translation>Une plage sans métal laisse sa cellule hors du pack ; une liaison série ouverte arrête le courant.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A plate that falls apart cannot carry its group.</source>
      <translation>Une plaque qui tombe en morceaux ne peut porter son groupe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A round cell has no thread to screw into: weld it, or take cells with factory tabs.</source>
      <translation>Une cellule ronde n'a pas de filetage : la souder, ou prendre des cellules à pattes d'usine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A small welder makes no nugget on the thick terminal of a prismatic cell: screw the bars on.</source>
      <translation>Une petite soudeuse ne fait pas de noyau sur la borne épaisse d'une cellule prismatique : visser les barres.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A tab of %1 carries %2 and is %3 K hotter in its middle than bar and cell.</source>
      <translation>Une patte de %1 porte %2 et est %3 K plus chaude au milieu que barre et cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A thin tab is the fuse nobody meant: it glows where its bar and its cell are still cool.</source>
      <translation>Une patte mince est le fusible que personne n'a voulu : elle rougit quand barre et cellule sont encore froides.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Collecting strips</source>
      <translation>Bandes collectrices</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Copper spreads current and heat so well that a small welder makes no nugget.</source>
      <translation>Le cuivre répand si bien courant et chaleur qu'une petite soudeuse ne fait pas de noyau.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Each layer is welded to the one below: more heat into the cell, and a weld that lets go deep down is never seen.</source>
      <translation>Chaque couche se soude sur celle d'en dessous : plus de chaleur dans la cellule, et une soudure qui lâche au fond ne se voit jamais.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Join by %1</source>
      <translation>Joindre par %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Join the cells with strips</source>
      <translation>Joindre les cellules par des bandes</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Metal of two potentials that touches is a short; heat and vibration bring it nearer.</source>
      <translation>Du métal de deux potentiels qui se touche est un court-circuit ; chaleur et vibrations le rapprochent.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>No current can flow from minus to plus: it is open at B%1.</source>
      <translation>Aucun courant ne peut passer du moins au plus : c'est ouvert à B%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>No iron on anything that leads straight into a pouch: put a clip between iron and cell, or weld the tabs.</source>
      <translation>Pas de fer sur ce qui mène droit dans un sachet : une pince entre fer et cellule, ou souder les pattes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>No torque is known for a thread of %1: take it from the cell's sheet.</source>
      <translation>Aucun couple n'est connu pour un filet de %1 : le prendre à la fiche de la cellule.</translation>
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
      <source>Strip %1 bends on its way over cells %2: make it of straight pieces that overlap at the corner.</source>
      <translation>La bande %1 tourne sur son chemin des cellules %2 : la faire de morceaux droits qui se recouvrent au coin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip %1 over cells %2 joins %3: a dead short.</source>
      <translation>La bande %1 sur les cellules %2 joint %3 : un court-circuit franc.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip lies flat only along a straight line; bent on edge it stands off the pads.</source>
      <translation>Une bande n'est à plat que le long d'une droite ; pliée sur chant elle décolle des plages.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip over pads of two tap points shorts the group between them.</source>
      <translation>Une bande sur des plages de deux points de prise met en court-circuit le groupe entre eux.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip runs over the rim of every positive end (the metal there is %1 wide) and there is no ring between.</source>
      <translation>Une bande passe sur le bord de chaque bout positif (le métal y fait %1 de large) et il n'y a pas d'anneau entre.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The bare end of a main lead on strip</source>
      <translation>Le bout nu d'un câble principal sur la bande</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The bare end of a main lead, %1 wide on its tab, comes within %2 of other metal; %3 is needed. Let the lead leave at another cell.</source>
      <translation>Le bout nu d'un câble principal, %1 de large sur sa patte, vient à %2 d'un autre métal ; il faut %3. Faire partir le câble à une autre cellule.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The can is negative right up to the rim; strip over the rim is positive.</source>
      <translation>Le boîtier est négatif jusqu'au bord ; la bande sur le bord est positive.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The plate of B%1 falls into %2 pieces: its cells do not all touch.</source>
      <translation>La plaque de B%1 tombe en %2 morceaux : ses cellules ne se touchent pas toutes.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The terminal of a prismatic cell leads an iron's heat straight inside: screw the bars on.</source>
      <translation>La borne d'une cellule prismatique mène la chaleur du fer droit dedans : visser les barres.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>There is no room for plates %1 apart; as drawn two are %2 apart.</source>
      <translation>Il n'y a pas la place pour des plaques à %1 ; dessinées, deux sont à %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>What joins strip to a cell depends on what its terminals are made of, and on how much heat they lead inside.</source>
      <translation>Ce qui joint une bande à une cellule dépend de la matière de ses bornes, et de la chaleur qu'elles mènent dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>a short conductor with both ends held, no heat given off on the way (Incropera)</source>
      <translation>conducteur court tenu aux deux bouts, sans chaleur cédée en chemin (Incropera)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>asked for</source>
      <translation>demandé</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>cell %1, to which it is not welded</source>
      <translation>cellule %1, à laquelle elle n'est pas soudée</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>comes within %1 of</source>
      <translation>vient à %1 de</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>crosses or touches</source>
      <translation>croise ou touche</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>geometry with tolerances; the distance asked for in Strips, or by IEC 60664-1 for the voltage (values from memory)</source>
      <translation>géométrie avec tolérances ; la distance demandée dans Bandes, ou par IEC 60664-1 pour la tension (valeurs de mémoire)</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>needed for the voltage between them</source>
      <translation>nécessaire pour la tension entre eux</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>network of the layout</source>
      <translation>réseau de la disposition</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>plates as they would be cut</source>
      <translation>plaques telles qu'elles seraient coupées</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>The rule %1 of a plug-in fails (%2: %3): what it would say is not known.</source>
      <translation>La règle %1 d'un module échoue (%2 : %3) : ce qu'elle dirait n'est pas connu.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>a fuse in the leads</source>
      <translation>un fusible dans les câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>a plug at the end of the leads</source>
      <translation>une fiche au bout des câbles</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>cells that are charged and travel</source>
      <translation>des cellules qui se chargent et voyagent</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>common practice, no source</source>
      <translation>pratique courante, sans source</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>leads judged by the steady current</source>
      <translation>des câbles jugés au courant continu</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>more than one group, with sense leads</source>
      <translation>plus d'un groupe, avec fils de mesure</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>rule %1 is there twice</source>
      <translation>la règle %1 est là deux fois</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>strips are laid and joined in this job</source>
      <translation>des bandes sont posées et jointes dans ce travail</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>strips carry the current to the taps</source>
      <translation>des bandes portent le courant aux prises</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>that plug is the pack's, and live</source>
      <translation>cette fiche est celle du pack, et sous tension</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>the code of a rule is three to six capitals, a hyphen and a number, not “%1”</source>
      <translation>le code d'une règle est de trois à six capitales, un trait d'union et un nombre, pas « %1 »</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>there is a rule %1 already</source>
      <translation>il y a déjà une règle %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>what is inside the pack is known</source>
      <translation>ce qu'il y a dans le pack est connu</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>%1 is insulated for %2; the full pack gives %3.</source>
      <translation>%1 est isolé pour %2 ; le pack plein donne %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>%1, with plus and minus exchanged: a short at the first mistake.</source>
      <translation>%1, plus et moins échangés : un court-circuit à la première erreur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>%1: plugged in there it charges past the board's charge switch, and the load drains past its own.</source>
      <translation>%1 : branché là il charge hors de l'interrupteur de charge de la carte, et l'appareil vide hors du sien.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>A board that does not see a group does not protect it.</source>
      <translation>Une carte qui ne voit pas un groupe ne le protège pas.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>A fuse behind the end of the lead is not in it.</source>
      <translation>Un fusible derrière le bout du câble n'est pas dedans.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>Charged through the load's connector the cells are charged past the charge switch: nothing ends an overcharge.</source>
      <translation>Chargées par le connecteur de l'appareil, les cellules le sont hors de l'interrupteur de charge : rien n'arrête une surcharge.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>Insulation below its working voltage fails where it is pinched, and then everything it touches is live.</source>
      <translation>Un isolant sous sa tension de service cède là où il est pincé, et tout ce qu'il touche est alors sous tension.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>No sense lead reaches the board.</source>
      <translation>Aucun fil de mesure n'atteint la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The board has a charge port of its own (C), and no connector is chosen for the charger.</source>
      <translation>La carte a son propre port de charge (C), et aucun connecteur n'est choisi pour le chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The charger's %1 mates with the load's %2</source>
      <translation>%1 du chargeur va avec %2 de l'appareil</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The fuse is to lie %1 mm from the pack; the lead is %2 mm long.</source>
      <translation>Le fusible doit être à %1 mm du pack ; le câble fait %2 mm de long.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The way to the %1 does not pass the board's switch.</source>
      <translation>Le chemin vers %1 ne passe pas par l'interrupteur de la carte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>What can be mated will be mated one day: the charger in the load's half, or the load in the charger's.</source>
      <translation>Ce qui peut s'enficher le sera un jour : le chargeur dans la moitié de l'appareil, ou l'appareil dans celle du chargeur.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>What goes past the board's switch is cut off by nothing, neither empty nor shorted.</source>
      <translation>Ce qui passe hors de l'interrupteur de la carte n'est coupé par rien, ni vide ni en court-circuit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>boards with a charge port of their own</source>
      <translation>cartes avec leur propre port de charge</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>rated voltage of the class; IEC 60664-1 asks that insulation is rated for its working voltage</source>
      <translation>tension assignée de la classe ; IEC 60664-1 demande un isolant assigné à sa tension de service</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>the wiring as one graph</source>
      <translation>le câblage comme un seul réseau</translation>
    </message>
    <message>
      <location filename="firmcell/core/run/run_result.py" />
      <source>full</source>
      <translation>pleine</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>came in as %1%2</source>
      <translation>entré comme %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>check overdue by %1</source>
      <translation>contrôle en retard de %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>joins %1</source>
      <translation>joint %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/part_words.py" />
      <source>to be checked in %1</source>
      <translation>à contrôler dans %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Connector family</source>
      <translation>Famille de connecteurs</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Old connector comes off</source>
      <translation>L'ancien connecteur s'ôte</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Sleeve on bullets</source>
      <translation>Gaine sur fiches rondes</translation>
    </message>
    <message>
      <location filename="firmcell/core/strips/why_there.py" />
      <source>its</source>
      <translation>sa</translation>
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
      <location filename="firmcell/core/wiring/graph.py" />
      <source>to</source>
      <translation>à</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>%1, host's half, %2</source>
      <translation>%1, moitié de l'appareil, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>%1, phase %2</source>
      <translation>%1, phase %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board B+</source>
      <translation>carte B+</translation>
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
      <source>bullet on the %1's wire %2</source>
      <translation>fiche ronde du fil %2 : %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>connector to the pack, %1</source>
      <translation>connecteur vers le pack, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>controller, input %1</source>
      <translation>variateur, entrée %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>host's contact, %1</source>
      <translation>contact de l'appareil, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>load, %1 stud</source>
      <translation>appareil, goujon %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>lug at the %1, %2</source>
      <translation>cosse à %1, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>outside, minus end</source>
      <translation>dehors, bout moins</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>outside, plus end</source>
      <translation>dehors, bout plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>pack's plug, %1</source>
      <translation>fiche du pack, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>source, %1</source>
      <translation>source, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>source, %1 stud</source>
      <translation>source, goujon %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>the cell's minus, the whole can</source>
      <translation>le moins de la cellule, tout le godet</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>the cell's plus</source>
      <translation>le plus de la cellule</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/pack_wiring.py" />
      <source>fuse, pack side</source>
      <translation>fusible, côté pack</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/pack_wiring.py" />
      <source>strip of %1 at cell %2, %3 face</source>
      <translation>bande de %1 à la cellule %2, face %3</translation>
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
      <location filename="firmcell/register/bench_book.py" />
      <source>of</source>
      <translation>de</translation>
    </message>
    <message>
      <location filename="firmcell/register/book.py" />
      <source>time</source>
      <translation>temps</translation>
    </message>
    <message>
      <location filename="firmcell/register/database.py" />
      <source>reads</source>
      <translation>lit</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>bench charger</source>
      <translation>chargeur d'établi</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>bench meter</source>
      <translation>multimètre d'établi</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>d.c. resistance meter</source>
      <translation>milliohmmètre c.c.</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>drained in the pack</source>
      <translation>vidée dans le pack</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>long bench</source>
      <translation>long établi</translation>
    </message>
    <message>
      <location filename="firmcell/register/demo.py" />
      <source>pack opened again</source>
      <translation>pack rouvert</translation>
    </message>
    <message>
      <location filename="firmcell/register/shop_work.py" />
      <source>%1 left</source>
      <translation>%1 restant</translation>
    </message>
    <message>
      <location filename="firmcell/shop.py" />
      <source>findings</source>
      <translation>constats</translation>
    </message>
    <message>
      <location filename="firmcell/store/job_chain.py" />
      <source>Record %1</source>
      <translation>Inscrire %1</translation>
    </message>
    <message>
      <location filename="firmcell/store/job_list.py" />
      <source>in %1 days</source>
      <translation>dans %1 jours</translation>
    </message>
    <message>
      <location filename="firmcell/store/layout_files.py" />
      <source>parts</source>
      <translation>pièces</translation>
    </message>
    <message>
      <location filename="firmcell/store/outline_files.py" />
      <source>points</source>
      <translation>points</translation>
    </message>
    <message>
      <location filename="firmcell/store/parts_pdf.py" />
      <source>Built in</source>
      <translation>Monté</translation>
    </message>
    <message>
      <location filename="firmcell/store/parts_pdf.py" />
      <source>No part has a price: enter it in the part library.</source>
      <translation>Aucune pièce n'a de prix : l'inscrire dans la bibliothèque de pièces.</translation>
    </message>
    <message>
      <location filename="firmcell/store/parts_pdf.py" />
      <source>“Have” is with spares: what is dropped, cut wrong, or peeled as a sample.</source>
      <translation>« Avoir » compte la réserve : ce qui tombe, est mal coupé ou pelé comme échantillon.</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Built by %1</source>
      <translation>Construit par %1</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Empty V</source>
      <translation>Vide V</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Made with Firm Cell from the pack's own record. Values of generic classes unless measured.</source>
      <translation>Fait avec Firm Cell d'après le registre du pack. Valeurs de classes génériques là où rien n'est mesuré.</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Measured V</source>
      <translation>Mesuré V</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>NOT FINISHED</source>
      <translation>PAS FINI</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>No serial, no builder named</source>
      <translation>Sans numéro de série ni constructeur</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Nominal V</source>
      <translation>Nominal V</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Pack passport</source>
      <translation>Passeport du pack</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Passport</source>
      <translation>Passeport</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Printed</source>
      <translation>Imprimé</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>Serial %1</source>
      <translation>Numéro de série %1</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_files.py" />
      <source>continued</source>
      <translation>suite</translation>
    </message>
    <message>
      <location filename="firmcell/store/passport_seal.py" />
      <source>firmcell-chain %1 %2%3</source>
      <translation>firmcell-chain %1 %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/store/shopping_files.py" />
      <source>From stock</source>
      <translation>Du stock</translation>
    </message>
    <message>
      <location filename="firmcell/store/template_pdf.py" />
      <source>as it lies with this face up</source>
      <translation>tel qu'il est avec cette face en haut</translation>
    </message>
    <message>
      <location filename="firmcell/store/template_pdf.py" />
      <source>templates at 1:1</source>
      <translation>gabarits à 1:1</translation>
    </message>
    <message>
      <location filename="firmcell/store/units.py" />
      <source>%1 AWG</source>
      <translation>%1 AWG</translation>
    </message>
    <message>
      <location filename="firmcell/store/units.py" />
      <source>%1/0 AWG</source>
      <translation>%1/0 AWG</translation>
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
      <source>%1 Ah: %2 of %3</source>
      <translation>%1 Ah : %2 sur %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 V to %2 V</source>
      <translation>%1 V à %2 V</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 V, %2 groups of %3</source>
      <translation>%1 V, %2 groupes de %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 a metre</source>
      <translation>%1 le mètre</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 and %2</source>
      <translation>%1 et %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the end of the pack, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.</source>
      <translation>%1 au bout du pack, une feuille dessous, tenue pour ne pas glisser : des arêtes de bande ou de pastille qui usent à travers sont un court-circuit.</translation>
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
      <source>%1 by its duty (%2; time constant %3 s)</source>
      <translation>%1 d'après sa durée de marche (%2 ; constante de temps %3 s)</translation>
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
      <source>%1 each</source>
      <translation>%1 chacun</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 goes in: %2</source>
      <translation>%1 entre : %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 goes on.</source>
      <translation>%1 continue.</translation>
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
      <source>%1 iron, wide tip, two pieces of %2, %3 each, %4.</source>
      <translation>Fer de %1, panne large, deux morceaux de %2, %3 chacun, %4.</translation>
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
      <source>%1 mm from the middle</source>
      <translation>%1 mm du milieu</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 of %2 AWG</source>
      <translation>%1 de %2 AWG</translation>
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
      <source>%1 on top, a sheet under it, held so that it cannot slide: strip or pad edges that rub through are a short.</source>
      <translation>%1 par-dessus, une feuille dessous, tenue pour ne pas glisser : des arêtes de bande ou de pastille qui usent à travers sont un court-circuit.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on, %2 off</source>
      <translation>%1 en marche, %2 arrêt</translation>
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
      <source>%1 parts to buy of %2, %3 in the money of the shop.</source>
      <translation>%1 pièces à acheter sur %2, %3 dans la monnaie de l'atelier.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parts to buy of %2, %3 in the money of the shop; %4 without a price.</source>
      <translation>%1 pièces à acheter sur %2, %3 dans la monnaie de l'atelier ; %4 sans prix.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 pieces of %2</source>
      <translation>%1 morceaux de %2</translation>
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
      <source>%1 steps in %2 jobs, done %3 at %4.</source>
      <translation>%1 étapes dans %2 travaux, fini %3 à %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 takes about %2 h from empty: end it by the clock and stay with it.</source>
      <translation>%1 demandent environ %2 h depuis vide : finir à l'horloge et rester à côté.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2 at the outside ends, red on the positive</source>
      <translation>%1 à %2 aux bouts extérieurs, rouge sur le bout positif</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2 with red on plus</source>
      <translation>%1 à %2, rouge sur plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on plus</source>
      <translation>%1 à %2, rouge sur plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on plus; insulation more than %3 MΩ</source>
      <translation>%1 à %2, rouge sur plus ; isolement de plus de %3 MΩ</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on the contact marked +</source>
      <translation>%1 à %2, rouge sur le contact marqué +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 to %2, red on the positive end</source>
      <translation>%1 à %2, rouge sur le bout positif</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 weld pairs in all.</source>
      <translation>En tout %1 paires de points.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 °C to %2 °C</source>
      <translation>%1 °C à %2 °C</translation>
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
      <source>%1, %2 off an even part</source>
      <translation>%1, %2 d'écart à une part égale</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, %2, clamped so that it cannot skid.</source>
      <translation>%1, %2, bridé pour ne pas glisser.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, each lead %2.</source>
      <translation>%1, chaque câble %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the half that mates with %2.</source>
      <translation>%1, la moitié qui va avec %2.</translation>
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
      <source>%1, to be bought when no more than %2 is left, %3.</source>
      <translation>%1, à racheter quand il n'en reste que %2, %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1: on the wires before any joint</source>
      <translation>%1 : sur les fils avant toute jonction</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1: there are %2 (%3).</source>
      <translation>%1 : il y a %2 (%3).</translation>
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
      <source>A torn wrap is replaced now: the bare can is negative up to the rim of the positive.</source>
      <translation>Une gaine déchirée se remplace maintenant : le godet nu est négatif jusqu'au bord du plus.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>A weak cell stays weak; a sleeve does not cure it.</source>
      <translation>Une cellule faible le reste ; une gaine ne la guérit pas.</translation>
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
      <source>At the end: %1</source>
      <translation>À la fin : %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and %3, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Nu et sous tension maintenant : jusqu'à %1. Le plus dangereux : %2 et %3, à %4 mm, %5 ; un outil en travers donne environ %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and %3, %4; a tool across them drives about %5, in the first moment up to %6.</source>
      <translation>Nu et sous tension à présent : jusqu'à %1. Le plus dangereux : %2 et %3, %4 ; un outil en travers fait passer environ %5, au premier instant jusqu'à %6.</translation>
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
      <source>By air at most 30 % charged.</source>
      <translation>Par avion, 30 % de charge au plus.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Capacity %1</source>
      <translation>Capacité %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Caps of the connector: on the wires before any contact</source>
      <translation>Capuchons du connecteur : sur les fils avant tout contact</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1 of %2</source>
      <translation>Porte %1 sur %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1 of %2 (%3) between %4 and %5</source>
      <translation>Porte %1 sur %2 (%3) entre %4 et %5</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1, %2 off an even part</source>
      <translation>Porte %1, %2 d'écart à une part égale</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Carries %1, trips at %2</source>
      <translation>Porte %1, coupe à %2</translation>
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
      <source>Change</source>
      <translation>Écart</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Charge to %1, at most %2, %3 to %4</source>
      <translation>Charger à %1, %2 au plus, %3 à %4</translation>
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
      <source>Cover the end at once, fold the other back.</source>
      <translation>Couvrir le bout aussitôt, replier l'autre.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Covers for two wire ends</source>
      <translation>Capuchons pour deux bouts de fil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Crimp a ring lug for %1 on the %2, sleeve it, and set it under the screw of %3 at about %4 (the cell's sheet goes before that). Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>Sertir une cosse à anneau pour %1 (%2), la gainer, et la mettre sous la vis : %3, à environ %4 (la notice de la cellule prime). Finir, gainer et couvrir avant de toucher l'autre conducteur.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cut %1 from its end, behind the old body.</source>
      <translation>Couper à %1 du bout, derrière l'ancien corps.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cut each conductor where its stud or %1 is: a heavy cable half through, let go, then through, so that the cut stays square.</source>
      <translation>Couper chaque conducteur là où est son goujon ou %1 : un gros câble à moitié, relâcher, puis jusqu'au bout, pour que la coupe reste droite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cut length %1</source>
      <translation>Longueur coupée %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cuts off %1 to %2 a group</source>
      <translation>Coupe de %1 à %2 par groupe</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Density %1</source>
      <translation>Densité %1</translation>
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
      <source>Elsewhere it may drive %1, in the first moment up to %2</source>
      <translation>Ailleurs il peut donner %1, au premier instant jusqu'à %2</translation>
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
      <source>Found: %1</source>
      <translation>Trouvé : %1</translation>
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
      <source>It is always live inside: never cut or pierce the sleeve.</source>
      <translation>Toujours sous tension dedans : ne jamais couper ni percer la gaine.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Its contacts are loose: the cap goes on the wires before anything else; hold each contact in a jig while it is joined, then push it into the body until it latches, and tug.</source>
      <translation>Ses contacts sont libres : le capuchon va sur les fils avant tout ; tenir chaque contact dans un montage pendant la jonction, puis le pousser dans le corps jusqu'au déclic, et tirer.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Joined by %1</source>
      <translation>Joint par %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Loses %1</source>
      <translation>Perd %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Lug flat on the stud, nothing between, washer and nut on top.</source>
      <translation>Cosse à plat sur le goujon, rien entre, rondelle et écrou dessus.</translation>
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
      <source>Metal %1</source>
      <translation>Métal %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Minus and plus as the signs moulded on the body say.</source>
      <translation>Moins et plus selon les signes moulés sur le corps.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Never open, crush, heat or short.</source>
      <translation>Ne jamais ouvrir, écraser, chauffer, court-circuiter.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>No serial</source>
      <translation>Sans numéro de série</translation>
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
      <source>Not finished</source>
      <translation>Pas fini</translation>
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
      <source>Peak %1 of %2</source>
      <translation>Pointe %1 sur %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Place %1 mm from the middle</source>
      <translation>Place %1 mm du milieu</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Plug place %1, printed B%2</source>
      <translation>Place %1 de la fiche, marquée B%2</translation>
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
      <source>Size %1</source>
      <translation>Taille %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeve on the wire first, far back from the heat.</source>
      <translation>D'abord la gaine sur le fil, loin de la chaleur.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeves on before the end is crimped.</source>
      <translation>Gaines dessus avant de sertir le bout.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeves on, the second insulation over all that lies ahead of the %1, before the end is crimped.</source>
      <translation>Gaines dessus, le deuxième isolant sur tout ce qui précède %1, avant de sertir le bout.</translation>
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
      <source>Stands plus down (bottom face)</source>
      <translation>Debout le plus en bas (face du dessous)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stands plus up (top face)</source>
      <translation>Debout le plus en haut (face du dessus)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Steady %1 of %2</source>
      <translation>Continu %1 sur %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Steady / peak %1</source>
      <translation>Continu / pointe %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Strip %1, tin wire and cup apart; %2 iron, about %3 s.</source>
      <translation>Dénuder %1, étamer fil et fût à part ; fer de %2, environ %3 s.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Strip of B%1 at cell %2</source>
      <translation>Bande de B%1 à la cellule %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Tap B%1, printed %2</source>
      <translation>Prise B%1, imprimé %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The %1 wire is already in the new connector, sleeved.</source>
      <translation>Le fil %1 est déjà dans le nouveau connecteur, gainé.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The %1 wire is still whole in the old connector and covered.</source>
      <translation>Le fil %1 est encore entier dans l'ancien connecteur et couvert.</translation>
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
      <source>The other contact is empty: keep the mate in and the iron on this side.</source>
      <translation>L'autre contact est vide : garder l'autre moitié en place et le fer de ce côté.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The other contact is live: cover it, and keep this one in its jig.</source>
      <translation>L'autre contact est sous tension : le couvrir, et garder celui-ci dans son gabarit.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The other contact is live: keep the mate in and the iron on this side.</source>
      <translation>L'autre contact est sous tension : garder l'autre moitié en place et le fer de ce côté.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>UN 3480, lithium-ion, %1 Wh: %2.</source>
      <translation>UN 3480, lithium-ion, %1 Wh : %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Under a cover: %1: read where metal is open, or through its flap.</source>
      <translation>Sous une couverture : %1 : lire là où le métal est ouvert, ou par son volet.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Unplug it after %1; metal hydride bears less of it than cadmium.</source>
      <translation>Le débrancher après %1 ; l'hydrure métallique en supporte moins que le cadmium.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Voltage, both ends, and what shows through the tear.</source>
      <translation>Tension, les deux bouts, et ce que montre la déchirure.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Warm by itself or swollen: outside, and leave it.</source>
      <translation>Chaud tout seul ou gonflé : dehors, et l'y laisser.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Warms to %1</source>
      <translation>Chauffe à %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Warms to %1 in place, %2 as a long strip</source>
      <translation>Chauffe à %1 en place, %2 en longue bande</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Washer and lock under each head, about %1 (the cell's sheet goes before that), then a paint mark over head and bar</source>
      <translation>Rondelle et frein sous chaque tête, environ %1 (la notice de la cellule prime), puis un trait de peinture sur tête et barre</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Wire %1</source>
      <translation>Fil %1</translation>
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
      <source>always live inside: never cut or pierce the sleeve.</source>
      <translation>toujours sous tension dedans : ne jamais couper ni percer la gaine.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>always live: never bridge the contacts, never cut both leads at once.</source>
      <translation>toujours sous tension : ne jamais ponter les contacts, ne jamais couper les deux câbles à la fois.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>as before, %1 to %2, red on the positive end</source>
      <translation>comme avant, %1 à %2, rouge sur le bout positif</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>blade lying across plus, upright blade minus; sign moulded on the body</source>
      <translation>lame couchée plus, lame debout moins ; signe moulé sur le corps</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>both leads, contacts and fuse lose %1 at %2</source>
      <translation>les deux câbles, contacts et fusible perdent %1 à %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>bottom face, at cell %1</source>
      <translation>face du dessous, à la cellule %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>built by %1</source>
      <translation>construit par %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>by group as drawn</source>
      <translation>par groupe comme dessiné</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>by sea UN 3496</source>
      <translation>par mer UN 3496</translation>
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
      <source>from %1 to %2; may be left empty</source>
      <translation>de %1 à %2 ; peut rester vide</translation>
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
      <source>it warms to %1, %2 after the peak</source>
      <translation>il chauffe à %1, %2 après la pointe</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>lay each from nail to nail, cut, mark its number</source>
      <translation>poser chacun de clou en clou, couper, marquer son numéro</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>minus of cell %1</source>
      <translation>moins de la cellule %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>number / group</source>
      <translation>numéro / groupe</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>of the pack</source>
      <translation>du pack</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>sur l'autre face, moins du groupe %1 au plus du groupe %2 : %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>piece of %1</source>
      <translation>morceau de %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>pieces of %1</source>
      <translation>morceaux de %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus down (bottom face)</source>
      <translation>plus en bas (face du dessous)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus of cell %1</source>
      <translation>plus de la cellule %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus up (top face)</source>
      <translation>plus en haut (face du dessus)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>polarity by meter</source>
      <translation>polarité au multimètre</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>polyimide tape, roll of 33 m</source>
      <translation>ruban polyimide, rouleau de 33 m</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>signs moulded on the body; flat corner at plus, pointed at minus</source>
      <translation>signes moulés sur le corps ; coin plat au plus, pointu au moins</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>small triangle at pin 1</source>
      <translation>petit triangle à la broche 1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>small, up to %1</source>
      <translation>petit, jusqu'à %1</translation>
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
      <source>temperatures as if it never rested</source>
      <translation>températures comme sans repos</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with recessed spring contacts</source>
      <translation>la moitié à contacts à ressort en retrait</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with recessed spring contacts; the mate goes on the load</source>
      <translation>la moitié à contacts à ressort en retrait ; l'autre va sur l'appareil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with shrouded female contacts</source>
      <translation>la moitié à contacts femelles protégés</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the half with shrouded female contacts; the mate goes on the load</source>
      <translation>la moitié à contacts femelles protégés ; l'autre va sur l'appareil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the long</source>
      <translation>grand</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the receptacle with female contacts</source>
      <translation>l'embase à contacts femelles</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the receptacle with female contacts; the mate goes on the load</source>
      <translation>l'embase à contacts femelles ; l'autre va sur l'appareil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the same as before, %1 to %2</source>
      <translation>le même qu'avant, %1 à %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>thing as found</source>
      <translation>chose comme trouvée</translation>
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
      <source>top face, at cell %1</source>
      <translation>face du dessus, à la cellule %1</translation>
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
      <source>voltages cannot show, and what does:</source>
      <translation>ce que les tensions ne montrent pas, et ce qui le montre :</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>what the part says goes before it.</source>
      <translation>ce que dit la pièce passe avant.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>what was heated cools first</source>
      <translation>ce qui a chauffé refroidit d'abord</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>wide tip</source>
      <translation>panne large</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>wires of the BMS, %1 pieces</source>
      <translation>fils du BMS, %1 morceaux</translation>
    </message>
  </context>
</TS>
