<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
  <context>
    <name>firmcell</name>
    <message numerus="yes">
      <source>%n attention/attention</source>
      <translation>
        <numerusform>%n Achtung</numerusform>
        <numerusform>%n Achtung</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n cell(s)</source>
      <translation>
        <numerusform>%n Zelle</numerusform>
        <numerusform>%n Zellen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n finding(s)</source>
      <translation>
        <numerusform>%n Befund</numerusform>
        <numerusform>%n Befunde</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n length(s)</source>
      <translation>
        <numerusform>%n Länge</numerusform>
        <numerusform>%n Längen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n note(s)</source>
      <translation>
        <numerusform>%n Hinweis</numerusform>
        <numerusform>%n Hinweise</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Stück</numerusform>
        <numerusform>%n Stücke</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s)</source>
      <translation>
        <numerusform>%n Platz</numerusform>
        <numerusform>%n Plätze</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n solder joint record(s)</source>
      <translation>
        <numerusform>%n Aufzeichnung einer Lötstelle</numerusform>
        <numerusform>%n Aufzeichnungen von Lötstellen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stop(s)</source>
      <translation>
        <numerusform>%n Halt</numerusform>
        <numerusform>%n Halte</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n weld pair(s)</source>
      <translation>
        <numerusform>%n Schweißpaar</numerusform>
        <numerusform>%n Schweißpaare</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n wire(s)</source>
      <translation>
        <numerusform>%n Leitung</numerusform>
        <numerusform>%n Leitungen</numerusform>
      </translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_picture.py" />
      <source>Prepare</source>
      <translation>Vorbereiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>%1   ·   Esc: leave</source>
      <translation>%1   ·   Esc: verlassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Answer of the program</source>
      <translation>Antwort des Programms</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Bench mode</source>
      <translation>Werkbankmodus</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Digits, then Enter   ·   Backspace: back   ·   Tab: turn the picture</source>
      <translation>Ziffern, dann Eingabe   ·   Rücktaste: zurück   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Esc: leave bench mode</source>
      <translation>Esc: Werkbankmodus verlassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Every step is passed. The passport is ready.</source>
      <translation>Jeder Schritt ist bestanden. Der Pass ist fertig.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Not right: %1?</source>
      <translation>Nicht richtig: %1?</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: go there</source>
      <translation>Leertaste: dorthin gehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: it is right   ·   Backspace: not right   ·   Tab: turn the picture</source>
      <translation>Leertaste: es stimmt   ·   Rücktaste: nicht richtig   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: passed   ·   Backspace: not right   ·   Tab: turn the picture</source>
      <translation>Leertaste: bestanden   ·   Rücktaste: nicht richtig   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: record it as not right   ·   Backspace: it was a slip</source>
      <translation>Leertaste: als nicht richtig eintragen   ·   Rücktaste: es war ein Versehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Space: yes   ·   Backspace: no   ·   Tab: turn the picture</source>
      <translation>Leertaste: ja   ·   Rücktaste: nein   ·   Tab: Bild drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Step %1 of %2 · %3%4 · about %5 of work left</source>
      <translation>Schritt %1 von %2 · %3%4 · noch etwa %5 Arbeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_screen.py" />
      <source>Type, then Enter   ·   Backspace: back</source>
      <translation>Tippen, dann Eingabe   ·   Rücktaste: zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>%1: %2 to %3 is right. Enter records it as it is.</source>
      <translation>%1: richtig ist %2 bis %3. Eingabe trägt es ein, wie es ist.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>Recorded as not right: %1. Do it again.</source>
      <translation>Als nicht richtig eingetragen: %1. Noch einmal machen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/bench_walk.py" />
      <source>this step</source>
      <translation>dieser Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/board_dialog.py" />
      <source>source</source>
      <translation>Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>attention</source>
      <translation>Achtung</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>look</source>
      <translation>ansehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/measures.py" />
      <source>stop</source>
      <translation>Halt</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/painter.py" />
      <source>bench</source>
      <translation>Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+1</source>
      <translation>Strg+1</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+2</source>
      <translation>Strg+2</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+3</source>
      <translation>Strg+3</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+4</source>
      <translation>Strg+4</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+5</source>
      <translation>Strg+5</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+6</source>
      <translation>Strg+6</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+7</source>
      <translation>Strg+7</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+8</source>
      <translation>Strg+8</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+9</source>
      <translation>Strg+9</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+K</source>
      <translation>Strg+K</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+L</source>
      <translation>Strg+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+M</source>
      <translation>Strg+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+Shift+L</source>
      <translation>Strg+Umschalt+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>Ctrl+U</source>
      <translation>Strg+U</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>block a place</source>
      <translation>einen Platz sperren</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>draw or remove a strip</source>
      <translation>einen Streifen zeichnen oder entfernen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>lay a ladder</source>
      <translation>eine Leiter legen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>let minus leave here</source>
      <translation>Minus hier austreten lassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>let plus leave here</source>
      <translation>Plus hier austreten lassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>lock or unlock</source>
      <translation>festhalten oder lösen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>measure</source>
      <translation>messen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>move a cell</source>
      <translation>eine Zelle verschieben</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>number the groups</source>
      <translation>die Gruppen nummerieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>paint into a group</source>
      <translation>in eine Gruppe malen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>pick cells</source>
      <translation>Zellen wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>swap two cells</source>
      <translation>zwei Zellen tauschen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/tools.py" />
      <source>turn a cell</source>
      <translation>eine Zelle drehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/view.py" />
      <source>Arrow keys move, plus and minus zoom, 0 fits; brackets walk from part to part.</source>
      <translation>Pfeiltasten verschieben, Plus und Minus zoomen, 0 passt ein; Klammern gehen von Teil zu Teil.</translation>
    </message>
    <message>
      <location filename="firmcell/app/canvas/view.py" />
      <source>Picture of the pack</source>
      <translation>Bild des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/connector_list.py" />
      <source>Connectors, best first</source>
      <translation>Stecker, der beste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/connector_list.py" />
      <source>fine</source>
      <translation>in Ordnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/csv_preview.py" />
      <source>Cell</source>
      <translation>Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/drawing_paint.py" />
      <source>end</source>
      <translation>Ende</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Board in it</source>
      <translation>&amp;Platine darin</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Cell</source>
      <translation>&amp;Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Groups in series</source>
      <translation>&amp;Gruppen in Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>&amp;Wire of its leads</source>
      <translation>&amp;Draht seiner Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>Cells in &amp;parallel</source>
      <translation>Zellen &amp;parallel</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>Conn&amp;ector on it</source>
      <translation>&amp;Stecker daran</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>F&amp;use in it</source>
      <translation>S&amp;icherung darin</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>The pack as it is. Nothing is proposed over it; what is not known counts as the worst.</source>
      <translation>Der Pack, wie er ist. Nichts wird darüber vorgeschlagen; was nicht bekannt ist, gilt als das Schlechteste.</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>board</source>
      <translation>Platine</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>cell</source>
      <translation>Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>choose its class, or its size alone</source>
      <translation>ihre Klasse wählen, oder nur ihre Größe</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>connector</source>
      <translation>Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>fuse</source>
      <translation>Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>none</source>
      <translation>keine</translation>
    </message>
    <message>
      <location filename="firmcell/app/existing_form.py" />
      <source>parallel</source>
      <translation>parallel</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Find</source>
      <translation>Suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Find a command, a finding, a step or a part</source>
      <translation>Einen Befehl, Befund, Schritt oder ein Teil suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Part</source>
      <translation>Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>Step</source>
      <translation>Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>What fits</source>
      <translation>Was passt</translation>
    </message>
    <message>
      <location filename="firmcell/app/find_box.py" />
      <source>a command, a finding, a step, a cell or strip</source>
      <translation>ein Befehl, ein Befund, ein Schritt, eine Zelle oder ein Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>All findings</source>
      <translation>Alle Befunde</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>All findings, or the worst alone (F6)</source>
      <translation>Alle Befunde, oder nur der schwerste (F6)</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>Findings: %1.   Enter goes there, Ctrl+. applies a fix</source>
      <translation>Befunde: %1.   Eingabe geht dorthin, Strg+. wendet eine Abhilfe an</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>Nothing found wrong</source>
      <translation>Nichts zu beanstanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>no</source>
      <translation>nein</translation>
    </message>
    <message>
      <location filename="firmcell/app/findings_box.py" />
      <source>note</source>
      <translation>Hinweis</translation>
    </message>
    <message>
      <location filename="firmcell/app/hand_tools.py" />
      <source>Click a part to read its numbers. Drag moves the picture.</source>
      <translation>Ein Teil anklicken, um seine Zahlen zu lesen. Ziehen verschiebt das Bild.</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Guide</source>
      <translation>&amp;Anleitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Keys</source>
      <translation>&amp;Tasten</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>&amp;Words of the trade</source>
      <translation>&amp;Fachwörter</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Chapters of the guide</source>
      <translation>Kapitel der Anleitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Find a word</source>
      <translation>Ein Wort suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Help</source>
      <translation>Hilfe</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>The guide</source>
      <translation>Die Anleitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Wh&amp;y</source>
      <translation>Wa&amp;rum</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Why a finding matters</source>
      <translation>Warum ein Befund zählt</translation>
    </message>
    <message>
      <location filename="firmcell/app/help_window.py" />
      <source>Words of the trade</source>
      <translation>Fachwörter</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>%1: no field differs</source>
      <translation>%1: kein Feld ist anders</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Add a file…</source>
      <translation>Datei &amp;hinzufügen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Attachments</source>
      <translation>&amp;Anhänge</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Compare with</source>
      <translation>&amp;Vergleichen mit</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>&amp;Remarks</source>
      <translation>&amp;Bemerkungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>A remark to record</source>
      <translation>Eine Bemerkung zum Eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Added</source>
      <translation>Hinzugefügt</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>After</source>
      <translation>Nachher</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Another &amp;job…</source>
      <translation>Anderer &amp;Auftrag…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Before</source>
      <translation>Vorher</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>By</source>
      <translation>Von</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Compared with</source>
      <translation>Verglichen mit</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Figure</source>
      <translation>Zahl</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Figures of the two designs</source>
      <translation>Zahlen der beiden Entwürfe</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Files kept in the job</source>
      <translation>Im Auftrag aufbewahrte Dateien</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>History of %1</source>
      <translation>Verlauf von %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Keeps a copy of a file in the job</source>
      <translation>Bewahrt eine Kopie einer Datei im Auftrag auf</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Kind</source>
      <translation>Art</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Left %1, right no. %2, top faces</source>
      <translation>Links %1, rechts Nr. %2, Oberseiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Name</source>
      <translation>Name</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>No.</source>
      <translation>Nr.</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Re&amp;cord</source>
      <translation>Ein&amp;tragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Remark</source>
      <translation>Bemerkung</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Remarks in the record</source>
      <translation>Bemerkungen in der Aufzeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Save a copy &amp;out…</source>
      <translation>Kopie &amp;herausschreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved</source>
      <translation>Gespeichert</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved &amp;designs</source>
      <translation>Gespeicherte &amp;Entwürfe</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Saved designs, the newest first</source>
      <translation>Gespeicherte Entwürfe, der neueste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Take this design &amp;up again</source>
      <translation>Diesen Entwurf &amp;wieder aufnehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>The design of another job beside that picked here; that job is only read</source>
      <translation>Der Entwurf eines anderen Auftrags neben dem hier gewählten; jener Auftrag wird nur gelesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>The design on screen becomes this one; Undo takes it back</source>
      <translation>Der Entwurf auf dem Bildschirm wird zu diesem; Rückgängig nimmt es zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Time</source>
      <translation>Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What</source>
      <translation>Was</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What differs between the two designs</source>
      <translation>Was bei den beiden Entwürfen anders ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What happened</source>
      <translation>Was geschah</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What the job holds</source>
      <translation>Was der Auftrag enthält</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>What was done</source>
      <translation>Was getan wurde</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>Writes the picked one to a file</source>
      <translation>Schreibt das Gewählte in eine Datei</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>the one before</source>
      <translation>der davor</translation>
    </message>
    <message>
      <location filename="firmcell/app/history_window.py" />
      <source>what the next one to open this pack should know</source>
      <translation>was der Nächste wissen soll, der diesen Pack öffnet</translation>
    </message>
    <message>
      <location filename="firmcell/app/instruments_window.py" />
      <source>not known</source>
      <translation>nicht bekannt</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>%1 s on the joint, %2 s at most. Tab when the tip lifts. %3</source>
      <translation>%1 s auf der Verbindung, höchstens %2 s. Tab, wenn die Spitze abhebt. %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>%1 s: lift the iron. More than %2 s heats what lies behind.</source>
      <translation>%1 s: den Lötkolben abheben. Mehr als %2 s erhitzt, was dahinterliegt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>Off for %1 s. Hold still until the shine goes dull; Enter takes the time.</source>
      <translation>Seit %1 s abgehoben. Stillhalten, bis der Glanz matt wird; Eingabe übernimmt die Zeit.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>With %1 W it is hot after about %2 s.</source>
      <translation>Mit %1 W ist es nach etwa %2 s heiß.</translation>
    </message>
    <message>
      <location filename="firmcell/app/iron_clock.py" />
      <source>With %1 W it is hot after about %2 s: too slow. %3 W is right.</source>
      <translation>Mit %1 W ist es nach etwa %2 s heiß: zu langsam. %3 W sind richtig.</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>Ring</source>
      <translation>Ring</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_commands.py" />
      <source>Take the %1</source>
      <translation>%1 nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Job</source>
      <translation>Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Pack</source>
      <translation>Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/job_list_window.py" />
      <source>Stands</source>
      <translation>Steht</translation>
    </message>
    <message>
      <location filename="firmcell/app/learning.py" />
      <source>leads</source>
      <translation>Leitungen</translation>
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
      <translation>Zahlen des gewählten Teils</translation>
    </message>
    <message>
      <location filename="firmcell/app/measured_files.py" />
      <source>cell %1</source>
      <translation>Zelle %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Across all jobs…</source>
      <translation>Über &amp;alle Aufträge…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Bench</source>
      <translation>&amp;Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Bench mode, large type</source>
      <translation>&amp;Werkbankmodus, große Schrift</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Both faces</source>
      <translation>&amp;Beide Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Cells in stock…</source>
      <translation>&amp;Zellen im Lager…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Copy the picture</source>
      <translation>Bild &amp;kopieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Edit</source>
      <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Find a command or a part…</source>
      <translation>Befehl oder Teil &amp;suchen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Fit the picture</source>
      <translation>Bild &amp;einpassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Go</source>
      <translation>&amp;Gehe zu</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Guide to this page</source>
      <translation>&amp;Anleitung zu dieser Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Hand</source>
      <translation>&amp;Hand</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;History, remarks, attachments…</source>
      <translation>&amp;Verlauf, Bemerkungen, Anhänge…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Inch (in, AWG, °F)</source>
      <translation>&amp;Zoll (in, AWG, °F)</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Incident: smoke, heat, a short…</source>
      <translation>&amp;Vorfall: Rauch, Hitze, Kurzschluss…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Job</source>
      <translation>&amp;Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Keys and words…</source>
      <translation>&amp;Tasten und Fachwörter…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Light or dark</source>
      <translation>&amp;Hell oder dunkel</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Live metal on the picture</source>
      <translation>&amp;Blankes Metall unter Spannung im Bild</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Match cells into this pack…</source>
      <translation>Zellen in diesen Akku &amp;sortieren…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Meter…</source>
      <translation>&amp;Messgerät…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Metric (mm, mm², °C)</source>
      <translation>&amp;Metrisch (mm, mm², °C)</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;New job…</source>
      <translation>&amp;Neuer Auftrag…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Not right…</source>
      <translation>&amp;Nicht in Ordnung…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Open…</source>
      <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Passed</source>
      <translation>&amp;Bestanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Practise with a hidden fault…</source>
      <translation>Mit verstecktem Fehler &amp;üben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Quit</source>
      <translation>&amp;Beenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Rating plate, large or in a line</source>
      <translation>&amp;Typenschild, groß oder in einer Zeile</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Read with the meter</source>
      <translation>Mit dem Messgerät &amp;ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Redo</source>
      <translation>&amp;Wiederholen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Save now</source>
      <translation>Jetzt &amp;speichern</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Scan cells into their places…</source>
      <translation>Zellen an ihre Plätze s&amp;cannen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Section through the pack</source>
      <translation>&amp;Schnitt durch den Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Start page</source>
      <translation>&amp;Startseite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Turn over about the other axis</source>
      <translation>Um die andere Achse &amp;wenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Undo</source>
      <translation>&amp;Rückgängig</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;View</source>
      <translation>A&amp;nsicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Watch a charge or a capacity test…</source>
      <translation>Eine Ladung oder Kapazitätsprüfung &amp;überwachen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Where the register is…</source>
      <translation>&amp;Wo das Register liegt…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Who is at the bench…</source>
      <translation>&amp;Wer an der Werkbank ist…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Workshop</source>
      <translation>&amp;Werkstatt</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>&amp;Zoom to the part picked</source>
      <translation>Auf das gewählte Teil &amp;zoomen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>+ and −</source>
      <translation>+ und −</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>All f&amp;indings, or the worst</source>
      <translation>Alle &amp;Befunde, oder der schwerste</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Alt+%1</source>
      <translation>Alt+%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Apply the &amp;fix of the finding</source>
      <translation>&amp;Abhilfe des Befunds anwenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Arrows</source>
      <translation>Pfeiltasten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>As the desktop</source>
      <translation>Wie der Schreibtisch</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Botto&amp;m face alone</source>
      <translation>Nur die &amp;Unterseite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Button bo&amp;x or pedals…</source>
      <translation>&amp;Tastenkasten oder Pedale…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+.</source>
      <translation>Strg+.</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+0</source>
      <translation>Strg+0</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+1</source>
      <translation>Strg+Alt+1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+2</source>
      <translation>Strg+Alt+2</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+3</source>
      <translation>Strg+Alt+3</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+A</source>
      <translation>Strg+Alt+A</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+C</source>
      <translation>Strg+Alt+C</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+D</source>
      <translation>Strg+Alt+D</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+G</source>
      <translation>Strg+Alt+G</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+H</source>
      <translation>Strg+Alt+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+I</source>
      <translation>Strg+Alt+I</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+J</source>
      <translation>Strg+Alt+J</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+K</source>
      <translation>Strg+Alt+K</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+L</source>
      <translation>Strg+Alt+L</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+O</source>
      <translation>Strg+Alt+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+P</source>
      <translation>Strg+Alt+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+R</source>
      <translation>Strg+Alt+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+S</source>
      <translation>Strg+Alt+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+T</source>
      <translation>Strg+Alt+T</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Alt+W</source>
      <translation>Strg+Alt+W</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+D</source>
      <translation>Strg+D</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+E</source>
      <translation>Strg+E</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+F</source>
      <translation>Strg+F</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+F1</source>
      <translation>Strg+F1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+H</source>
      <translation>Strg+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+N</source>
      <translation>Strg+N</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+O</source>
      <translation>Strg+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+P</source>
      <translation>Strg+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+PgDown</source>
      <translation>Strg+PgDown</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+PgUp</source>
      <translation>Strg+PgUp</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Q</source>
      <translation>Strg+Q</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+R</source>
      <translation>Strg+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+S</source>
      <translation>Strg+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+0</source>
      <translation>Strg+Umschalt+0</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+H</source>
      <translation>Strg+Umschalt+H</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+O</source>
      <translation>Strg+Umschalt+O</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+P</source>
      <translation>Strg+Umschalt+P</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+S</source>
      <translation>Strg+Umschalt+S</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Shift+Z</source>
      <translation>Strg+Umschalt+Z</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Space</source>
      <translation>Strg+Leertaste</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+T</source>
      <translation>Strg+T</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+W</source>
      <translation>Strg+W</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Ctrl+Z</source>
      <translation>Strg+Z</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Enter</source>
      <translation>Eingabe</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Esc</source>
      <translation>Esc</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on findings</source>
      <translation>Zu den Befunden</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on page</source>
      <translation>Zur Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on picture</source>
      <translation>Zum Bild</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Focus on stages</source>
      <translation>Zu den Abschnitten</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>He&amp;lp</source>
      <translation>Hil&amp;fe</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>In lists</source>
      <translation>In Listen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Instr&amp;uments…</source>
      <translation>Mess&amp;geräte…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Jobs in a &amp;folder…</source>
      <translation>Aufträge in einem &amp;Ordner…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>La&amp;nguage</source>
      <translation>S&amp;prache</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Light or dark as the &amp;desktop</source>
      <translation>Hell oder dunkel &amp;wie der Schreibtisch</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Next section of the page</source>
      <translation>Nächste Überschrift der Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>On the picture</source>
      <translation>Auf dem Bild</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Open &amp;recent</source>
      <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>P&amp;hotos of the pack…</source>
      <translation>&amp;Fotos des Packs…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Pr&amp;int the picture at 1:1…</source>
      <translation>Bild 1:1 &amp;drucken…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Practise by e&amp;ye…</source>
      <translation>Mit dem &amp;Auge üben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>R&amp;esolve the incident…</source>
      <translation>Vorfall a&amp;bschließen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Read &amp;tests of cells (CSV)…</source>
      <translation>&amp;Prüfungen von Zellen lesen (CSV)…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Save a &amp;copy as…</source>
      <translation>&amp;Kopie speichern unter…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Save as a te&amp;mplate, without records…</source>
      <translation>Als &amp;Vorlage speichern, ohne Aufzeichnungen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Section before</source>
      <translation>Vorige Überschrift</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Shift+F1</source>
      <translation>Umschalt+F1</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Shopping &amp;list…</source>
      <translation>Einkaufs&amp;liste…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>T&amp;op face alone</source>
      <translation>Nur die &amp;Oberseite</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>The &amp;day: plan and reminders…</source>
      <translation>Der &amp;Tag: Plan und Erinnerungen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Up and Down</source>
      <translation>Auf und Ab</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Wh&amp;y this finding?</source>
      <translation>Wa&amp;rum dieser Befund?</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>What the sh&amp;op has…</source>
      <translation>Was die Werkstatt &amp;hat…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write &amp;passport PDF…</source>
      <translation>&amp;Pass als PDF schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write &amp;templates at 1:1, PDF…</source>
      <translation>&amp;Schablonen 1:1 schreiben, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write passport &amp;HTML…</source>
      <translation>Pass als &amp;HTML schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write templates at 1:1, &amp;DXF…</source>
      <translation>Schablonen 1:1 schreiben, &amp;DXF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Write the picture, SVG or P&amp;NG…</source>
      <translation>Bild schreiben, SVG oder P&amp;NG…</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>Your &amp;first pack, step by step</source>
      <translation>Ihr &amp;erster Pack, Schritt für Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>[ and ]</source>
      <translation>[ und ]</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>fit</source>
      <translation>einpassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>go there, or take it</source>
      <translation>dorthin gehen, oder es nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>move</source>
      <translation>verschieben</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>pick nothing</source>
      <translation>nichts wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>walk from part to part</source>
      <translation>von Teil zu Teil gehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/menus.py" />
      <source>zoom</source>
      <translation>Zoom</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>&amp;Kind of job</source>
      <translation>&amp;Art des Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>&amp;Spot welder of the shop</source>
      <translation>&amp;Punktschweißgerät der Werkstatt</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>A first design is made from this: for a pack the lightest cells that meet it; for leads: wire, connector and fuse. A pack that is there stays as it is. Everything can be changed after.</source>
      <translation>Daraus entsteht ein erster Entwurf: für einen Pack die leichtesten Zellen, die ihn erfüllen; für Leitungen Draht, Stecker und Sicherung. Ein vorhandener Pack bleibt, wie er ist. Alles lässt sich danach ändern.</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>Choose…</source>
      <translation>Wählen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>File</source>
      <translation>Datei</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>File of the job</source>
      <translation>Datei des Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>Make the job</source>
      <translation>Auftrag anlegen</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>New job</source>
      <translation>Neuer Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>What is to be done, and what is asked of it?</source>
      <translation>Was ist zu tun, und was wird davon verlangt?</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>new</source>
      <translation>neu</translation>
    </message>
    <message>
      <location filename="firmcell/app/new_job_dialog.py" />
      <source>none: tabs on the cells are soldered</source>
      <translation>keines: Fahnen an den Zellen werden gelötet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pack_choices.py" />
      <source>As soon as voltages and current are there, packs that would do it appear here.</source>
      <translation>Sobald Spannungen und Strom dastehen, erscheinen hier Packs, die es leisten.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pack_choices.py" />
      <source>Packs that would do it; the one picked is made</source>
      <translation>Packs, die es leisten; der gewählte wird angelegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/base_page.py" />
      <source>Stage %1</source>
      <translation>Abschnitt %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>%1; %2 passed, %3 reworked. %4Recording as %5.</source>
      <translation>%1; %2 bestanden, %3 nachgearbeitet. %4Eingetragen wird als %5.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>About</source>
      <translation>Etwa</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>All steps</source>
      <translation>Alle Schritte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Bench</source>
      <translation>Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Lay out before you begin</source>
      <translation>Vor dem Beginn bereitlegen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Read</source>
      <translation>Abgelesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Step %1 of %2</source>
      <translation>Schritt %1 von %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>Steps of this job</source>
      <translation>Schritte dieses Auftrags</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bench_page.py" />
      <source>strip</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>%1 probe on the picked part</source>
      <translation>%1 Spitze auf das gewählte Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Between any two places</source>
      <translation>Zwischen zwei beliebigen Stellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Black</source>
      <translation>Schwarz</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Ctrl+Alt+B</source>
      <translation>Strg+Alt+B</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Picked part</source>
      <translation>Gewähltes Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Puts the probe on the part picked on the picture (%1)</source>
      <translation>Setzt die Spitze auf das im Bild gewählte Teil (%1)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Red</source>
      <translation>Rot</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>Says what the reading means</source>
      <translation>Sagt, was die Ablesung bedeutet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What a meter must show</source>
      <translation>Was ein Messgerät zeigen muss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What does it &amp;mean?</source>
      <translation>Was &amp;bedeutet es?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What the meter shows between the two places, volts</source>
      <translation>Was das Messgerät zwischen den beiden Stellen zeigt, Volt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>What the reading means</source>
      <translation>Was die Ablesung bedeutet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/between_places.py" />
      <source>what it shows</source>
      <translation>was es zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 kΩ at %2</source>
      <translation>%1 kΩ bei %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 m in %2 leads</source>
      <translation>%1 m in %2 Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 mA evens out %2 between groups in about %3 h of charging</source>
      <translation>%1 mA gleichen %2 zwischen Gruppen in etwa %3 h Ladezeit aus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 steady, trips above %2 after %3 s%4; charges with up to %5; %6 port, switches the %7</source>
      <translation>%1 dauernd, löst über %2 nach %3 s aus%4; lädt mit bis zu %5; Anschluss %6, schaltet %7</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>%1 ± %2 V from each pin to the next, red on the higher</source>
      <translation>%1 ± %2 V von jedem Pin zum nächsten, Rot auf dem höheren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>&amp;No board</source>
      <translation>&amp;Keine Platine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>&amp;Own board…</source>
      <translation>&amp;Eigene Platine…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>A balance charger only</source>
      <translation>Nur ein Balancer-Ladegerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>B0 is on the pack's negative, whichever end you began with. Before the plug goes in, measure every pin against B0: each must read one cell more than the one before.</source>
      <translation>B0 liegt am Minus des Packs, gleich an welchem Ende begonnen wurde. Bevor der Stecker eingesteckt wird, jeden Pin gegen B0 messen: jeder muss eine Zelle mehr zeigen als der davor.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>BMS: board, taps and wires</source>
      <translation>BMS: Platine, Abgriffe und Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Balancing</source>
      <translation>Ausgleichen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Board</source>
      <translation>Platine</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Boards compared</source>
      <translation>Platinen im Vergleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Boards in the part library, best match first, with what speaks against each. Enter selects one.</source>
      <translation>Platinen der Teilebibliothek, die passendste zuerst, mit dem, was gegen jede spricht. Eingabe wählt eine.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Carries</source>
      <translation>Trägt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Colour</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Currents</source>
      <translation>Ströme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Enter a board of your own, with the names on its pads</source>
      <translation>Eine eigene Platine eingeben, mit den Namen an ihren Anschlüssen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Every wire with length, gauge, colour and ends</source>
      <translation>Jede Leitung mit Länge, Querschnitt, Farbe und Enden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Face</source>
      <translation>Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>From</source>
      <translation>Von</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Full V</source>
      <translation>Voll V</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>If two leads touch</source>
      <translation>Wenn zwei Leitungen sich berühren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>In storage</source>
      <translation>Im Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>It &amp;reads</source>
      <translation>&amp;Er zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Lies</source>
      <translation>Liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Load mV</source>
      <translation>Last mV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Now V ±</source>
      <translation>Jetzt V ±</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Pad</source>
      <translation>Anschluss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Pin to pin</source>
      <translation>Von Pin zu Pin</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Reading of the temperature sensor, kΩ</source>
      <translation>Ablesung des Temperaturfühlers, kΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Schematic, and a board with nails to make the harness on</source>
      <translation>Schaltplan, und ein Nagelbrett zum Anfertigen des Kabelbaums</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Sense leads</source>
      <translation>Messleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Sense wire needed</source>
      <translation>Messleitung benötigt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Should read</source>
      <translation>Soll zeigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Tap</source>
      <translation>Abgriff</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Taps</source>
      <translation>Abgriffe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Taps, from the pack's negative</source>
      <translation>Abgriffe, vom Minus des Packs an</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Temperature sensor</source>
      <translation>Temperaturfühler</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Thresholds</source>
      <translation>Schwellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>To</source>
      <translation>Bis</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>What the sensor's reading says</source>
      <translation>Was die Ablesung des Fühlers sagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>What trips first</source>
      <translation>Was zuerst auslöst</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Why not</source>
      <translation>Warum nicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire</source>
      <translation>Draht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire list</source>
      <translation>Leitungsliste</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wire list, &amp;CSV</source>
      <translation>Leitungsliste, &amp;CSV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wires to cut</source>
      <translation>Zuzuschneidende Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Wiring, 1:1 &amp;PDF</source>
      <translation>Verdrahtung 1:1, &amp;PDF</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>Without a BMS</source>
      <translation>Ohne BMS</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>a group is cut off below %1 and above %2</source>
      <translation>eine Gruppe wird unter %1 und über %2 abgeschaltet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>about %1; the copper melts in %2 s</source>
      <translation>etwa %1; das Kupfer schmilzt in %2 s</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>how far each reads off its tap point's middle at the steady current</source>
      <translation>um wie viel jeder beim Dauerstrom neben der Mitte seines Abgriffs liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>kΩ</source>
      <translation>kΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>of each lead, with its service loop</source>
      <translation>je Leitung, mit ihrer Reserveschlaufe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>on the wrap of cell %1, the hottest by the solved heat (%2 °C at the end of a run)</source>
      <translation>auf der Hülle von Zelle %1, nach der gerechneten Wärme die heißeste (%2 °C am Ende eines Laufs)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/bms_page.py" />
      <source>reading</source>
      <translation>Ablesung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 empty, %2 nominal, %3 full</source>
      <translation>%1 leer, %2 Nennwert, %3 voll</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 flat along, %2 flat across</source>
      <translation>%1 flach längs, %2 flach quer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 of %2 (%3 C)</source>
      <translation>%1 von %2 (%3 C)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>%1 × %2, worst excess %3 / %4 mm</source>
      <translation>%1 × %2, größter Überstand %3 / %4 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Across it</source>
      <translation>Daran liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Along the pack</source>
      <translation>Längs des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>An outline of %1 corners gives length and width; read another in the Layout stage.</source>
      <translation>Ein Umriss mit %1 Ecken gibt Länge und Breite; einen anderen im Abschnitt Anordnung einlesen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Bare</source>
      <translation>Blank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Best</source>
      <translation>Beste</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Brief: what is asked of the pack</source>
      <translation>Vorgabe: was vom Pack verlangt wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Capacity</source>
      <translation>Kapazität</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cells compared</source>
      <translation>Zellen im Vergleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cells: which one, and what each must give</source>
      <translation>Zellen: welche, und was jede geben muss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Conditions of use</source>
      <translation>Einsatzbedingungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Cycles left</source>
      <translation>Zyklen übrig</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Designation</source>
      <translation>Bezeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Fits</source>
      <translation>Passt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>From the inside out</source>
      <translation>Von innen nach außen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Hot air from the middle outwards, moving. Low heat: pack sleeve shrinks early and burns through.</source>
      <translation>Heißluft von der Mitte nach außen, in Bewegung. Wenig Hitze: Packschlauch schrumpft früh und brennt durch.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Insulation: sheet, tape and heat-shrink</source>
      <translation>Isolierung: Folie, Band und Schrumpfschlauch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Load</source>
      <translation>Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Loses a day</source>
      <translation>Verliert am Tag</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Outer size</source>
      <translation>Außenmaß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Outside</source>
      <translation>Außen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Peak</source>
      <translation>Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Pick a cell to see what it meets and where it falls short.</source>
      <translation>Eine Zelle wählen, um zu sehen, was sie erfüllt und woran es fehlt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Reclaimed cells: record each test at the bench, or read a CSV in menu Bench: cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin.</source>
      <translation>Wiederverwendete Zellen: jede Prüfung an der Werkbank eintragen, oder eine CSV im Menü Werkbank einlesen: cell, capacity Ah, resistance mΩ, first V, second V, days, cycles, origin.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Resistance</source>
      <translation>Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Run time</source>
      <translation>Laufzeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Run: the pack through time</source>
      <translation>Lauf: der Pack über die Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Sleeve</source>
      <translation>Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Smallest sleeve that slides on</source>
      <translation>Kleinster Schlauch, der sich aufschieben lässt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Space</source>
      <translation>Raum</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Steady</source>
      <translation>Dauernd</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Tested cells</source>
      <translation>Geprüfte Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>The pack as it is</source>
      <translation>Der Pack, wie er ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>This pack's cell</source>
      <translation>Zelle dieses Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Use this cell</source>
      <translation>Diese Zelle nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Uses the cell picked in the table, with its best series and parallel count (Enter)</source>
      <translation>Nimmt die in der Tabelle gewählte Zelle mit ihrer besten Reihen- und Parallelzahl (Eingabe)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Values</source>
      <translation>Werte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Verdict</source>
      <translation>Urteil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Voltages</source>
      <translation>Spannungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>Weight of the cells</source>
      <translation>Gewicht der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>What each cell would make of the brief</source>
      <translation>Was jede Zelle aus der Vorgabe machen würde</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>about %1</source>
      <translation>etwa %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>cut %1; wall %2 mm once shrunk</source>
      <translation>Zuschnitt %1; Wand %2 mm nach dem Schrumpfen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>fits</source>
      <translation>passt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>height</source>
      <translation>Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/design_pages.py" />
      <source>yes, with the clearance on every side</source>
      <translation>ja, mit der Luft auf jeder Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Next section (Ctrl+Page Down)</source>
      <translation>Nächste Überschrift (Strg+Bild ab)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Section before (Ctrl+Page Up)</source>
      <translation>Vorige Überschrift (Strg+Bild auf)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/jump_bar.py" />
      <source>Section of the page</source>
      <translation>Überschrift der Seite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1 between cells</source>
      <translation>%1 zwischen den Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1 to the edge, %2 needed</source>
      <translation>%1 bis zum Rand, %2 nötig</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1; every cell touches the next group</source>
      <translation>%1; jede Zelle berührt die nächste Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>%1; only %2 of %3 cells of groups %4 and %5 touch the other group</source>
      <translation>%1; nur %2 von %3 Zellen der Gruppen %4 und %5 berühren die andere Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_figures.py" />
      <source>at the edge %1, height %2</source>
      <translation>am Rand %1, Höhe %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 Ah, %2 rated, %3 to the load, %4</source>
      <translation>%1 Ah, %2 nach Nennwert, %3 am Verbraucher, %4</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 W steady, %2 W at the peak</source>
      <translation>%1 W dauernd, %2 W in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1 steady, %2 at the peak</source>
      <translation>%1 dauernd, %2 in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>%1, %2; longest way to a lead %3</source>
      <translation>%1, %2; längster Weg zu einer Leitung %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;1:1 templates, PDF</source>
      <translation>Schablonen &amp;1:1, PDF</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Block this place</source>
      <translation>Diesen Platz &amp;sperren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;CSV of cells</source>
      <translation>&amp;CSV der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;DXF, layers named</source>
      <translation>&amp;DXF, Ebenen benannt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Group to paint</source>
      <translation>Zu malende &amp;Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Holder, STL</source>
      <translation>&amp;Halter, STL</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Outline from file…</source>
      <translation>&amp;Umriss aus Datei…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>&amp;Unlock all</source>
      <translation>Alle &amp;lösen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Across</source>
      <translation>Quer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Along</source>
      <translation>Längs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>As drawn, in mm</source>
      <translation>Wie gezeichnet, in mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Blocked</source>
      <translation>Gesperrt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Blocked places</source>
      <translation>Gesperrte Plätze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Both faces, sheet, plates and holder at 1:1 with a check ruler, tiled over A4 or Letter</source>
      <translation>Beide Seiten, Folie, Platten und Halter 1:1 mit Prüfmaßstab, auf A4 oder Letter verteilt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>By hand</source>
      <translation>Von Hand</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Cell count</source>
      <translation>Zellenzahl</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Cells</source>
      <translation>Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Content</source>
      <translation>Inhalt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Ctrl+1 to Ctrl+9 and Ctrl+L take up a tool; Ctrl+Z takes back what it did.</source>
      <translation>Strg+1 bis Strg+9 und Strg+L nehmen ein Werkzeug; Strg+Z nimmt zurück, was es tat.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>DXF, SVG, or CSV of points in mm</source>
      <translation>DXF, SVG, oder CSV von Punkten in mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Each cell</source>
      <translation>Jede Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Every cell may be moved and sorted again</source>
      <translation>Jede Zelle darf wieder verschoben und neu geordnet werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Faces, plates and insulation sheet as lines in mm</source>
      <translation>Seiten, Platten und Isolierfolie als Linien in mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Full</source>
      <translation>Voll</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Group to paint</source>
      <translation>Zu malende Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Heat</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>How good this layout is</source>
      <translation>Wie gut diese Anordnung ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>How the cells lie</source>
      <translation>Wie die Zellen liegen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>In whole rows:</source>
      <translation>In ganzen Reihen:</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Joints</source>
      <translation>Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Layout: how many cells, and where they stand</source>
      <translation>Anordnung: wie viele Zellen, und wo sie stehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Links</source>
      <translation>Übergänge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Mass</source>
      <translation>Masse</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Near empty</source>
      <translation>Fast leer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Nothing may stand there, through the whole height</source>
      <translation>Dort darf nichts stehen, durch die ganze Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Number, group, direction and place of every cell</source>
      <translation>Nummer, Gruppe, Richtung und Ort jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Out</source>
      <translation>Heraus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Pick one to see what it meets and where it falls short.</source>
      <translation>Eine wählen, um zu sehen, was sie erfüllt und woran es fehlt.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Picked cells, all at once:</source>
      <translation>Gewählte Zellen, alle zugleich:</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Possible cell counts</source>
      <translation>Mögliche Zellenzahlen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Room left</source>
      <translation>Freier Raum</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>S&amp;VG of both faces</source>
      <translation>S&amp;VG beider Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Sag</source>
      <translation>Einbruch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Smallest gap</source>
      <translation>Kleinster Spalt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Space: %1, %2. Cells: %3.</source>
      <translation>Raum: %1, %2. Zellen: %3.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Strips</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>The cells go back to whole rows of that count</source>
      <translation>Die Zellen gehen in ganze Reihen dieser Zahl zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>The row picked in the table</source>
      <translation>Die in der Tabelle gewählte Zeile</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>To the load</source>
      <translation>Zum Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Two halves of a cell holder, as closed solids to print</source>
      <translation>Zwei Hälften eines Zellhalters, als geschlossene Körper zum Drucken</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Unbloc&amp;k the picked one</source>
      <translation>Den gewählten &amp;freigeben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>Use this count</source>
      <translation>Diese Zahl nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>What this gives</source>
      <translation>Was das ergibt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>a box</source>
      <translation>ein Kasten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>an outline of %1 corners</source>
      <translation>ein Umriss mit %1 Ecken</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>each in its place, %1; %2 free</source>
      <translation>jede an ihrem Platz, %1; %2 frei</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>in whole rows</source>
      <translation>in ganzen Reihen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_page.py" />
      <source>screw post</source>
      <translation>Schraubbolzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Find places</source>
      <translation>Plätze &amp;suchen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Lattice</source>
      <translation>&amp;Raster</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>&amp;Sort again</source>
      <translation>Neu &amp;ordnen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Cells keep their places; groups are sorted anew, locked cells keep theirs. Each press tries further.</source>
      <translation>Zellen behalten ihre Plätze; die Gruppen werden neu geordnet, festgehaltene Zellen behalten ihre. Jeder Druck versucht weiter.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Drops individual places: cells stand in whole rows again</source>
      <translation>Gibt einzelne Plätze auf: die Zellen stehen wieder in ganzen Reihen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Ends the search with the best so far (Esc)</source>
      <translation>Beendet die Suche mit dem bisher Besten (Esc)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Lattice to look for places on</source>
      <translation>Raster, auf dem Plätze gesucht werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Looks for the best angle, offset and lattice, then sorts into groups</source>
      <translation>Sucht Winkel, Versatz und Raster, die am besten sind, und ordnet dann in Gruppen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Places and groups</source>
      <translation>Plätze und Gruppen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Progress of the search</source>
      <translation>Fortschritt der Suche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>S&amp;top and keep the best</source>
      <translation>&amp;Anhalten und das Beste behalten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>Whole &amp;rows</source>
      <translation>Ganze &amp;Reihen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>best of all</source>
      <translation>beste von allen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>free, hugging the edges</source>
      <translation>frei, an die Kanten geschmiegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>square</source>
      <translation>quadratisch</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/layout_search.py" />
      <source>staggered</source>
      <translation>versetzt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Charts</source>
      <translation>Diagramme</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Current against copper area with published tables; the fuse in time; the lead along its length</source>
      <translation>Strom über dem Kupferquerschnitt mit veröffentlichten Tabellen; die Sicherung über die Zeit; die Leitung über ihre Länge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>Show the c&amp;harts</source>
      <translation>&amp;Diagramme zeigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>along</source>
      <translation>längs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>bottom</source>
      <translation>Grund</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_charts.py" />
      <source>hobby's chassis figure</source>
      <translation>Wert des Hobbys für Verdrahtung im Gehäuse</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 J spark, up to %2 for a moment; through %3 Ω, %4 W it is %5 and done in %6 s. Never switch the load on through it: it would burn with %7 W</source>
      <translation>Funke von %1 J, bis zu %2 für einen Augenblick; über %3 Ω, %4 W sind es %5, und nach %6 s ist es vorbei. Den Verbraucher nie darüber einschalten: er würde mit %7 W verbrennen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 W or more (needs %2 W), wide tip at 370–400 °C, about %3 s to come to heat: much heat for a short time</source>
      <translation>%1 W oder mehr (nötig %2 W), breite Spitze bei 370–400 °C, etwa %3 s bis zur Hitze: viel Hitze für kurze Zeit</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 shrinking to %2, cut %3; on the wire first, far back from the heat</source>
      <translation>%1, schrumpft auf %2, Zuschnitt %3; zuerst auf die Leitung, weit weg von der Hitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1 thick, bent no tighter than %2 inside, %3 g for both</source>
      <translation>%1 dick, nicht enger als %2 innen gebogen, %3 g für beide</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1: alone in free air at 30 °C, at their own limits</source>
      <translation>%1: allein in freier Luft bei 30 °C, an ihren eigenen Grenzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>%1; opens a dead short within %2 s, %3; plugging in is %4 of what it takes</source>
      <translation>%1; öffnet einen satten Kurzschluss in %2 s, %3; Einstecken ist %4 von dem, was sie verträgt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>; %1 matings</source>
      <translation>; %1 Steckvorgänge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>about %1, %2 mV%3</source>
      <translation>etwa %1, %2 mV%3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>always before the wire is damaged</source>
      <translation>immer bevor die Leitung Schaden nimmt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>at most %1 K at the pack through %2 of wire</source>
      <translation>höchstens %1 K am Pack über %2 Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>carries the peak indefinitely</source>
      <translation>trägt die Spitze beliebig lange</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>holds the peak %1 s for certain</source>
      <translation>hält die Spitze sicher %1 s</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>must hold %1 N (%2)</source>
      <translation>muss %1 N halten (%2)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no bare wire both carries the load and lets go of a shorted cell before the main fuse acts: none is offered</source>
      <translation>kein blanker Draht trägt die Last und gibt zugleich eine kurzgeschlossene Zelle frei, bevor die Hauptsicherung anspricht: es wird keiner angeboten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/lead_figures.py" />
      <source>no capacitors in the load by the brief: no rush</source>
      <translation>keine Kondensatoren im Verbraucher nach der Vorgabe: kein Stoß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 at %2 d.c.</source>
      <translation>%1 bei %2 Gleichspannung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 at %2, limited by %3; %4 times the steady current</source>
      <translation>%1 bei %2, begrenzt durch %3; %4-mal der Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 by heat balance, %2; %3 drawn</source>
      <translation>%1 nach der Wärmebilanz, %2; entnommen %3</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 for the cup; a crimp barrel's depth and 1 mm</source>
      <translation>%1 für den Lötkelch; bei einer Crimphülse deren Tiefe und 1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1 mV steady, %2 mV at the peak</source>
      <translation>%1 mV dauernd, %2 mV in der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1, and %2 K more in the peak at most</source>
      <translation>%1, und in der Spitze höchstens %2 K mehr</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>%1; limited by %2</source>
      <translation>%1; begrenzt durch %2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Conductor</source>
      <translation>&amp;Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Insulation</source>
      <translation>&amp;Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>&amp;Strands</source>
      <translation>&amp;Litzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>A good joint looks like</source>
      <translation>So sieht eine gute Verbindung aus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>At the bench: this joint</source>
      <translation>An der Werkbank: diese Verbindung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Best for this pack first; the face is that of the half on the pack. Enter selects it.</source>
      <translation>Der beste für diesen Pack zuerst; gezeigt ist die Stirn der Hälfte am Pack. Eingabe wählt ihn.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Breaking capacity needed</source>
      <translation>Nötiges Schaltvermögen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Cell fuse links</source>
      <translation>Zellsicherungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Connector</source>
      <translation>Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Contacts</source>
      <translation>Kontakte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Fuse or breaker</source>
      <translation>Sicherung oder Automat</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Fuse or breaker?</source>
      <translation>Sicherung oder Automat?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Gauges compared</source>
      <translation>Querschnitte im Vergleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Heat at the far end</source>
      <translation>Wärme am anderen Ende</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>If crimped instead</source>
      <translation>Wenn stattdessen gecrimpt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>In a short circuit</source>
      <translation>Im Kurzschluss</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Laid</source>
      <translation>Verlegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Leads: wire, connector, fuse</source>
      <translation>Leitungen: Draht, Stecker, Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Loses</source>
      <translation>Verliert</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Main leads</source>
      <translation>Hauptleitungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>On the pack</source>
      <translation>Am Pack</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Plugging in</source>
      <translation>Einstecken</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Polarity</source>
      <translation>Polung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Published ratings</source>
      <translation>Veröffentlichte Nennwerte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Rating</source>
      <translation>Nennwert</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Strip off</source>
      <translation>Abisolieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Suggested wire</source>
      <translation>Vorgeschlagene Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Timing</source>
      <translation>Zeiten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Warms to</source>
      <translation>Erwärmt sich auf</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Way of the current</source>
      <translation>Weg des Stroms</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>Where</source>
      <translation>Wo</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>a fuse is cheap and certain; a breaker is quick to reset in a bad place and slower to open</source>
      <translation>eine Sicherung ist billig und sicher; ein Automat ist an schlechter Stelle schnell zurückgestellt und öffnet langsamer</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>about %1; the wire withstands it %2 s</source>
      <translation>etwa %1; die Leitung hält ihn %2 s aus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>bright and smooth, strands in outline</source>
      <translation>blank und glatt, die Litzen zeichnen sich ab</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>from %1 (carries the load) to %2 (protects the wire)</source>
      <translation>ab %1 (trägt die Last) bis %2 (schützt die Leitung)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>in the plus lead, as near the pack as it goes; a second sleeve over the wire before it</source>
      <translation>in der Plusleitung, so nah am Pack wie möglich; vorher ein zweiter Schlauch über die Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>plain</source>
      <translation>blank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/leads_page.py" />
      <source>tinned</source>
      <translation>verzinnt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Ctrl+Alt+Down</source>
      <translation>Strg+Alt+Down</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Ctrl+Alt+Up</source>
      <translation>Strg+Alt+Up</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Joint &amp;earlier</source>
      <translation>Verbindung &amp;früher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Joint &amp;later</source>
      <translation>Verbindung &amp;später</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Moves the joint at hand among those of its face (%1)</source>
      <translation>Verschiebt die Verbindung, die an der Reihe ist, unter denen ihrer Seite (%1)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>Order of the joints</source>
      <translation>Reihenfolge der Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/order_of_joints.py" />
      <source>What the order exposes</source>
      <translation>Was die Reihenfolge freilegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Cut</source>
      <translation>Zuschnitt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Have</source>
      <translation>Vorhanden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>In stock</source>
      <translation>Auf Lager</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts l&amp;ist, CSV or PDF…</source>
      <translation>Teile&amp;liste, CSV oder PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts to have at hand</source>
      <translation>Bereitzulegende Teile</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>Parts to have at hand, with spares</source>
      <translation>Teile, die bereitliegen, mit Reserve</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/parts_section.py" />
      <source>What to buy and to lay out, with cut lengths and spares, and room for prices</source>
      <translation>Was zu kaufen und bereitzulegen ist, mit Zuschnittlängen und Reserve, und Platz für Preise</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>%1 × %2 mm, label printer</source>
      <translation>%1 × %2 mm, Etikettendrucker</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Before and after</source>
      <translation>Vorher und nachher</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Cautions</source>
      <translation>Vorsicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Charging and storage</source>
      <translation>Laden und Lagern</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Label at 1:1, PDF…</source>
      <translation>Etikett 1:1, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Not finished: %1</source>
      <translation>Nicht fertig: %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Of a printer of labels, wide × high in mm; any other size can be typed</source>
      <translation>Eines Etikettendruckers, Breite × Höhe in mm; jede andere Größe kann getippt werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>On the label</source>
      <translation>Auf dem Etikett</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Passport: what goes with the pack</source>
      <translation>Pass: was mit dem Pack mitgeht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>QR code of the essentials</source>
      <translation>QR-Code des Wesentlichen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Ratings</source>
      <translation>Nennwerte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Record</source>
      <translation>Aufzeichnung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Size of the label</source>
      <translation>Größe des Etiketts</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Wiring sketch for the lid, PDF…</source>
      <translation>Verdrahtungsskizze für den Deckel, PDF…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>With the photos of the steps</source>
      <translation>Mit den Fotos der Schritte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Write the HTML…</source>
      <translation>HTML schreiben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>Write the PDF… (Ctrl+P)</source>
      <translation>PDF schreiben… (Strg+P)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>black</source>
      <translation>schwarz</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>label as its side, on a sheet</source>
      <translation>Etikett wie seine Seite, auf einem Bogen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/passport_page.py" />
      <source>white</source>
      <translation>weiß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Records of this job, newest first</source>
      <translation>Aufzeichnungen dieses Auftrags, die neueste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Take back…</source>
      <translation>Zurücknehmen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/record_section.py" />
      <source>Takes the picked record back by a further record; nothing is erased</source>
      <translation>Nimmt die gewählte Aufzeichnung durch eine weitere zurück; nichts wird gelöscht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>&amp;Moment</source>
      <translation>&amp;Augenblick</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>&amp;Paint</source>
      <translation>&amp;Malen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>Moment of the run</source>
      <translation>Augenblick des Laufs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>Move it through the run; the picture shows the pack at that moment</source>
      <translation>Durch den Lauf schieben; das Bild zeigt den Pack in diesem Augenblick</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>What is painted on the cells</source>
      <translation>Was auf die Zellen gemalt wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>charge</source>
      <translation>Ladung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_curves.py" />
      <source>current</source>
      <translation>Strom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Air, and pack at the start</source>
      <translation>&amp;Luft, und Pack am Anfang</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Drawn</source>
      <translation>&amp;Entnommen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Keep to compare</source>
      <translation>Zum Vergleich &amp;behalten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>&amp;Run it</source>
      <translation>&amp;Laufen lassen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>CS&amp;V…</source>
      <translation>CS&amp;V…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Cell&amp;s are</source>
      <translation>&amp;Zellen sind</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Ends the run where it is</source>
      <translation>Beendet den Lauf, wo er ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>From a c&amp;harge of</source>
      <translation>Ab einer &amp;Ladung von</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>How m&amp;uch</source>
      <translation>&amp;Wie viel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Of a charge: between what its readings should lie, minute by minute</source>
      <translation>Für eine Ladung: wozwischen ihre Ablesungen liegen sollen, Minute für Minute</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Pla&amp;n…</source>
      <translation>Pla&amp;n…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Progress of the run</source>
      <translation>Fortschritt des Laufs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>S&amp;top</source>
      <translation>&amp;Anhalten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>The curves of this run stay, dashed, behind those of the next</source>
      <translation>Die Kurven dieses Laufs bleiben gestrichelt hinter denen des nächsten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>The run moment by moment: what to compare a charge at the bench with</source>
      <translation>Der Lauf Augenblick für Augenblick: womit eine Ladung an der Werkbank zu vergleichen ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>What the run gives</source>
      <translation>Was der Lauf ergibt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>With ce&amp;lls</source>
      <translation>Mit Ze&amp;llen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>Works out the run; a few seconds at most</source>
      <translation>Rechnet den Lauf aus; höchstens einige Sekunden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a current</source>
      <translation>ein Strom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a power</source>
      <translation>eine Leistung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>a profile from a file</source>
      <translation>ein Verlauf aus einer Datei</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>nothing: charge it</source>
      <translation>nichts: laden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>nothing: left in store</source>
      <translation>nichts: eingelagert</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>the brief's current with its peaks</source>
      <translation>der Strom der Vorgabe mit seinen Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>the brief's steady current</source>
      <translation>der Dauerstrom der Vorgabe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/run_section.py" />
      <source>those of the design</source>
      <translation>die des Entwurfs</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Crimp</source>
      <translation>Crimpen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Not right… (Ctrl+R)</source>
      <translation>Nicht in Ordnung… (Strg+R)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Passed (Ctrl+Space)</source>
      <translation>Bestanden (Strg+Leertaste)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Record %1%2</source>
      <translation>Eintragen: %1%2</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>Record what is ticked%1</source>
      <translation>Abgehaktes eintragen%1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>at</source>
      <translation>bei</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>plus</source>
      <translation>plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>screws</source>
      <translation>Schrauben</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_card.py" />
      <source>welds</source>
      <translation>Schweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Keeps a picture with this step; or drop one on this page</source>
      <translation>Bewahrt ein Bild bei diesem Schritt auf; oder eines auf diese Seite ziehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Keeps the picture on the clipboard with this step (Ctrl+Alt+V)</source>
      <translation>Bewahrt das Bild der Zwischenablage bei diesem Schritt auf (Strg+Alt+V)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>P&amp;hoto…</source>
      <translation>&amp;Foto…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Paste</source>
      <translation>Einfügen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Photos and remarks of this step</source>
      <translation>Fotos und Bemerkungen zu diesem Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Photos of this step; Enter shows one large</source>
      <translation>Fotos dieses Schritts; Eingabe zeigt eines groß</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>Remark on this step</source>
      <translation>Bemerkung zu diesem Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/step_notes.py" />
      <source>remark, Enter keeps it</source>
      <translation>Bemerkung, Eingabe behält sie</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>By four wires: a known current through the strip, millivolts between two probes on it. Or by weight and size of a piece.</source>
      <translation>Über vier Drähte: ein bekannter Strom durch den Streifen, Millivolt zwischen zwei Spitzen darauf. Oder nach Gewicht und Größe eines Stücks.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Is it nickel?</source>
      <translation>Ist es Nickel?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Judge by &amp;resistance</source>
      <translation>Nach &amp;Widerstand urteilen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Judge by &amp;weight</source>
      <translation>Nach &amp;Gewicht urteilen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Make it the strip of the &amp;links</source>
      <translation>Zum Streifen der &amp;Übergänge machen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Plated steel resists about twice as much as nickel</source>
      <translation>Vernickelter Stahl hat etwa den doppelten Widerstand von Nickel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>Steel is an eighth lighter than nickel</source>
      <translation>Stahl ist um ein Achtel leichter als Nickel</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_assay.py" />
      <source>With its measured resistivity and twice its uncertainty on top</source>
      <translation>Mit seinem gemessenen spezifischen Widerstand und der doppelten Unsicherheit obendrauf</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>%1 V now at no load, %2; a short there drives about %3 in its first moment.</source>
      <translation>%1 V jetzt ohne Last, %2; ein Kurzschluss dort treibt im ersten Augenblick etwa %3.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>%1 this pad</source>
      <translation>%1 diese Polfläche</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>Between two points</source>
      <translation>Zwischen zwei Punkten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_between.py" />
      <source>minus</source>
      <translation>minus</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>All welds single</source>
      <translation>Alle einfach schweißen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Do&amp;uble their welds</source>
      <translation>&amp;Doppelt schweißen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Each joint and each piece of strip gone, one by one: what is over its limit then. Look at these first, tug them, and double their welds where they are welded.</source>
      <translation>Jede Verbindung und jedes Stück Streifen fehlt, eines nach dem anderen: was dann über seiner Grenze ist. Diese zuerst ansehen, daran ziehen, und geschweißte doppelt schweißen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>If this joint fails</source>
      <translation>Wenn diese Verbindung versagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Its load</source>
      <translation>Ihre Last</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Load now</source>
      <translation>Last jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Most critical joints</source>
      <translation>Kritischste Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Most loaded part</source>
      <translation>Am stärksten belastetes Teil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>No cell has twice the weld pairs any more</source>
      <translation>Keine Zelle hat mehr die doppelten Schweißpaare</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Pack +mΩ</source>
      <translation>Pack +mΩ</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>Twice the weld pairs on both pads of the cells in this list; the work plan then says so</source>
      <translation>Doppelte Schweißpaare auf beiden Polen der Zellen dieser Liste; der Arbeitsplan sagt es dann</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>a joint of cell %1</source>
      <translation>eine Verbindung von Zelle %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_failures.py" />
      <source>strip %1</source>
      <translation>Streifen %1</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 W in strips (%2 Wh in a run), %3 W in cells and joints</source>
      <translation>%1 W in Streifen (%2 Wh in einem Lauf), %3 W in Zellen und Verbindungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 from B− to B+ warm; it sags %2 V</source>
      <translation>%1 von B− bis B+ warm; es bricht um %2 V ein</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1 in place (%2); most loaded %3 at %4 of its limit</source>
      <translation>%1 an Ort und Stelle (%2); am stärksten belastet %3 mit %4 seiner Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>%1: %2 m in %3, from %4 of %5 m with %6 m left over</source>
      <translation>%1: %2 m in %3, von %4 zu %5 m, %6 m bleiben übrig</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_figures.py" />
      <source>within %1 % of an even part (cell %2 is farthest off)</source>
      <translation>innerhalb %1 % eines gleichen Anteils (Zelle %2 liegt am weitesten daneben)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Between the probes</source>
      <translation>Zwischen den Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Current</source>
      <translation>Strom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Drop between the probes</source>
      <translation>Abfall zwischen den Spitzen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Strip is at</source>
      <translation>Streifen hat</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Thickness</source>
      <translation>Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Weight</source>
      <translation>Gewicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_forms.py" />
      <source>Width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Cell currents, temperature over the duty cycle, and strips to choose from</source>
      <translation>Zellströme, Temperatur über das Lastspiel, und Streifen zur Auswahl</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Plots</source>
      <translation>Kurven</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>Show the &amp;plots</source>
      <translation>&amp;Kurven zeigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>cells</source>
      <translation>Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strip_plots.py" />
      <source>plate</source>
      <translation>Platte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>&amp;Draw 1000 packs</source>
      <translation>&amp;1000 Packs ziehen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>&amp;Measured cells…</source>
      <translation>&amp;Gemessene Zellen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Apply the fix picked</source>
      <translation>Die gewählte Abhilfe anwenden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>CSV with a heading line such as “cell,resistance mΩ”</source>
      <translation>CSV mit einer Kopfzeile wie „cell,resistance mΩ“</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Cells 5 %, welds 25 %, capacity 1 % (standard deviations); always the same for one seed</source>
      <translation>Zellen 5 %, Schweißungen 25 %, Kapazität 1 % (Standardabweichungen); bei gleichem Startwert immer gleich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Current balance between cells</source>
      <translation>Gleichmaß der Ströme zwischen den Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Enter in the table does the same; Ctrl+Z takes it back</source>
      <translation>Eingabe in der Tabelle tut dasselbe; Strg+Z nimmt es zurück</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Every segment with current, drop, heat and temperature</source>
      <translation>Jeder Abschnitt mit Strom, Abfall, Wärme und Temperatur</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Every segment, most loaded first</source>
      <translation>Jeder Abschnitt, der am stärksten belastete zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Fix, solved and checked</source>
      <translation>Abhilfe, gerechnet und geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Fixes</source>
      <translation>Abhilfen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Hottest cell</source>
      <translation>Heißeste Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Hottest strip</source>
      <translation>Heißester Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>In place</source>
      <translation>An Ort und Stelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>In-place limit</source>
      <translation>Grenze an Ort und Stelle</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Limit</source>
      <translation>Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Load current</source>
      <translation>Laststrom</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Long-run limit</source>
      <translation>Grenze auf lange Sicht</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Metal</source>
      <translation>Metall</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Move it to see the pack at another current; the design keeps its own</source>
      <translation>Verschieben, um den Pack bei einem anderen Strom zu sehen; der Entwurf behält seinen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Netlist (&amp;SPICE)</source>
      <translation>Netzliste (&amp;SPICE)</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>No cell measured yet: the typical resistance of this type is used</source>
      <translation>Noch keine Zelle gemessen: der übliche Widerstand dieser Art wird genommen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Progress</source>
      <translation>Fortschritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Runs as it is in a circuit simulator</source>
      <translation>Läuft so in einem Schaltungssimulator</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Scatter of the cells</source>
      <translation>Streuung der Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segment</source>
      <translation>Abschnitt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segments of strip</source>
      <translation>Streifenabschnitte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Segments, &amp;CSV</source>
      <translation>Abschnitte, &amp;CSV</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Share</source>
      <translation>Anteil</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Share then</source>
      <translation>Anteil dann</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Stock</source>
      <translation>Vorrat</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Strip</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>Strips: what they carry and how warm they get</source>
      <translation>Streifen: was sie tragen und wie warm sie werden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>To cut and join</source>
      <translation>Zuschneiden und verbinden</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>What is painted on the strips</source>
      <translation>Was auf die Streifen gemalt wird</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>brings a long strip to %1 in %2, one face in still air</source>
      <translation>bringt einen langen Streifen in %2 auf %1, eine Seite in stehender Luft</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/strips_page.py" />
      <source>brings the middle of a piece between its cells to the same, or 5 K over cells that are there already</source>
      <translation>bringt die Mitte eines Stücks zwischen seinen Zellen auf dasselbe, oder 5 K über Zellen, die schon dort sind</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>&amp;Practise…</source>
      <translation>&amp;Üben…</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>A pack with a hidden fault and a simulated meter</source>
      <translation>Ein Pack mit verstecktem Fehler und ein nachgebildetes Messgerät</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Back to the step at the bench</source>
      <translation>Zurück zum Schritt, der an der Reihe ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Between</source>
      <translation>Zwischen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Between any two points</source>
      <translation>Zwischen zwei beliebigen Punkten</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Expect</source>
      <translation>Erwartet</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Explanations</source>
      <translation>Erklärungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>How likely</source>
      <translation>Wie wahrscheinlich</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Insulation</source>
      <translation>Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Insulation readings</source>
      <translation>Isolationsmessungen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Pins are those of the plug; strips are the pack's own metal, which tells where a lead really ends.</source>
      <translation>Pins sind die des Steckers; Streifen sind das Metall des Packs selbst, das zeigt, wo eine Leitung wirklich endet.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Prove the meter first: red on a cell’s plus reads plus. Then black stays on B0; type what you read and press Enter; the next tap is waiting. A minus sign counts. Type every place that the meter shows. From 60 V on it shows tenths only: those taps are read from pin to pin.</source>
      <translation>Zuerst das Messgerät prüfen: Rot auf dem Plus einer Zelle zeigt plus. Dann bleibt Schwarz auf B0; die Ablesung tippen und Eingabe drücken; der nächste Abgriff wartet. Ein Minuszeichen zählt. Jede Stelle tippen, die das Messgerät zeigt. Ab 60 V zeigt es nur Zehntel: diese Abgriffe werden von Pin zu Pin gelesen.</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Read with the &amp;meter</source>
      <translation>Mit dem &amp;Messgerät ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Reading</source>
      <translation>Ablesung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Reading at %1 against B%2, volts</source>
      <translation>Ablesung an %1 gegen B%2, Volt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Record insulation reading</source>
      <translation>Isolationsmessung eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Safe to plug in?</source>
      <translation>Darf eingesteckt werden?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Takes the reading of the tap at hand from the meter chosen in the Bench menu</source>
      <translation>Nimmt die Ablesung des Abgriffs, der an der Reihe ist, vom Messgerät aus dem Menü Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Taps against B0</source>
      <translation>Abgriffe gegen B0</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Test</source>
      <translation>Prüfung</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Tests: what the meter says</source>
      <translation>Prüfungen: was das Messgerät sagt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>Verdict on the taps</source>
      <translation>Urteil über die Abgriffe</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What is wrong</source>
      <translation>Was falsch ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What it may be</source>
      <translation>Was es sein kann</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What voltages cannot show</source>
      <translation>Was Spannungen nicht zeigen können</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>What voltages cannot show, and what does:</source>
      <translation>Was Spannungen nicht zeigen können, und was es zeigt:</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/tests_page.py" />
      <source>to read</source>
      <translation>abzulesen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>&amp;Black</source>
      <translation>&amp;Schwarz</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>&amp;Red</source>
      <translation>&amp;Rot</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>R&amp;ecord</source>
      <translation>&amp;Eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>Reading between the two points, volts</source>
      <translation>Ablesung zwischen den beiden Punkten, Volt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>Records the reading between the two points</source>
      <translation>Trägt die Ablesung zwischen den beiden Punkten ein</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>What is across the two points</source>
      <translation>Was zwischen den beiden Punkten liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/two_points.py" />
      <source>nothing across</source>
      <translation>nichts daran</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Chart this &amp;peel</source>
      <translation>Diese &amp;Schälprobe eintragen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Do the welds hold?</source>
      <translation>Halten die Schweißungen?</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Records it: what is measured from here on is compared by itself</source>
      <translation>Trägt es ein: was von hier an gemessen wird, wird für sich verglichen</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Records the sample and puts it on the chart</source>
      <translation>Trägt die Probe ein und setzt sie in die Regelkarte</translation>
    </message>
    <message>
      <location filename="firmcell/app/pages/weld_section.py" />
      <source>Whether to weld on</source>
      <translation>Ob weitergeschweißt werden darf</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_marks.py" />
      <source>strips</source>
      <translation>Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_view.py" />
      <source>Photo</source>
      <translation>Foto</translation>
    </message>
    <message>
      <location filename="firmcell/app/photo_window.py" />
      <source>Photos</source>
      <translation>Fotos</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>About the middle of what they take up</source>
      <translation>Um die Mitte dessen, was sie einnehmen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All cells in line with the picked ones</source>
      <translation>Alle Zellen in einer Linie mit den gewählten</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All cells of the groups that the picked ones are in</source>
      <translation>Alle Zellen der Gruppen, in denen die gewählten sind</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All of them about their middle, anticlockwise</source>
      <translation>Alle um ihre Mitte, gegen den Uhrzeiger</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>All of them together, the nearest way to other cells</source>
      <translation>Alle zusammen, auf dem kürzesten Weg zu anderen Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Bend into an arc…</source>
      <translation>Zum Bogen biegen…</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Bring to touch</source>
      <translation>Zusammenrücken</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Copy beside</source>
      <translation>Daneben kopieren</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+A</source>
      <translation>Strg+A</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Alt+M</source>
      <translation>Strg+Alt+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Backspace</source>
      <translation>Strg+Backspace</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+J</source>
      <translation>Strg+J</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+B</source>
      <translation>Strg+Umschalt+B</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+C</source>
      <translation>Strg+Umschalt+C</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+E</source>
      <translation>Strg+Umschalt+E</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+G</source>
      <translation>Strg+Umschalt+G</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+M</source>
      <translation>Strg+Umschalt+M</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+N</source>
      <translation>Strg+Umschalt+N</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+Q</source>
      <translation>Strg+Umschalt+Q</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+R</source>
      <translation>Strg+Umschalt+R</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Ctrl+Shift+U</source>
      <translation>Strg+Umschalt+U</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Delete</source>
      <translation>Entf</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Each turned where it stands</source>
      <translation>Jede an ihrem Ort gewendet</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>End for end</source>
      <translation>Ende für Ende</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Every cell of the pack</source>
      <translation>Jede Zelle des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>From along the picture; it asks for the radius of the innermost row</source>
      <translation>Längs des Bildes; gefragt wird nach dem Radius der innersten Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>In one straight row, touching</source>
      <translation>In eine gerade Reihe, sich berührend</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Line up</source>
      <translation>Ausrichten</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Mirror front, rear</source>
      <translation>Vorn und hinten spiegeln</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Mirror left, right</source>
      <translation>Links und rechts spiegeln</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick all</source>
      <translation>Alle wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick group</source>
      <translation>Gruppe wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Pick row</source>
      <translation>Reihe wählen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Quarter turn</source>
      <translation>Vierteldrehung</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Repeat strips</source>
      <translation>Streifen wiederholen</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>The strips of the tap point picked, laid at the next one that lies alike</source>
      <translation>Die Streifen des gewählten Abgriffs, auf den nächsten gelegt, der gleich liegt</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Whole groups become new groups; as many cells of each group go in parallel</source>
      <translation>Ganze Gruppen werden zu neuen Gruppen; gleich viele Zellen jeder Gruppe kommen parallel dazu</translation>
    </message>
    <message>
      <location filename="firmcell/app/picked_cells.py" />
      <source>Whole groups, or as many cells of each group</source>
      <translation>Ganze Gruppen, oder gleich viele Zellen jeder Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>Rating plate</source>
      <translation>Typenschild</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>Stages</source>
      <translation>Abschnitte</translation>
    </message>
    <message>
      <location filename="firmcell/app/rating_plate.py" />
      <source>empty</source>
      <translation>leer</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>From the workshop of Hollin Lea, an invented farm</source>
      <translation>Aus der Werkstatt von Hollin Lea, einem erfundenen Hof</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>New job… (Ctrl+N)</source>
      <translation>Neuer Auftrag… (Strg+N)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Nothing yet; jobs you open are listed here.</source>
      <translation>Noch nichts; geöffnete Aufträge stehen hier.</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Open a job… (Ctrl+O)</source>
      <translation>Auftrag öffnen… (Strg+O)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Recent jobs</source>
      <translation>Letzte Aufträge</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>The day: plan and reminders… (Ctrl+Alt+T)</source>
      <translation>Der Tag: Plan und Erinnerungen… (Strg+Alt+T)</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>The whole pack in one model: every number, wire, step and check on the bench comes from it.</source>
      <translation>Der ganze Pack in einem Modell: jede Zahl, jede Leitung, jeder Schritt und jede Prüfung an der Werkbank kommt daraus.</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>To be looked at</source>
      <translation>Zu erledigen</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>To begin with</source>
      <translation>Zum Anfang</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Twelve stops from brief to passport, about twenty minutes</source>
      <translation>Zwölf Halte von der Vorgabe bis zum Pass, etwa zwanzig Minuten</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Ways to a job</source>
      <translation>Wege zu einem Auftrag</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>What falls due</source>
      <translation>Was fällig ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/start_page.py" />
      <source>Your first pack, step by step</source>
      <translation>Ihr erster Pack, Schritt für Schritt</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/fit_window.py" />
      <source>Place</source>
      <translation>Ort</translation>
    </message>
    <message>
      <location filename="firmcell/app/stock/fit_window.py" />
      <source>Plus</source>
      <translation>Plus</translation>
    </message>
    <message>
      <location filename="firmcell/app/tables.py" />
      <source>Findings, worst first</source>
      <translation>Befunde, der schwerste zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>blue</source>
      <translation>blau</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>brown</source>
      <translation>braun</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>green</source>
      <translation>grün</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>grey</source>
      <translation>grau</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>orange</source>
      <translation>orange</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>red</source>
      <translation>rot</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>violet</source>
      <translation>violett</translation>
    </message>
    <message>
      <location filename="firmcell/app/theme.py" />
      <source>yellow</source>
      <translation>gelb</translation>
    </message>
    <message>
      <location filename="firmcell/app/trainer.py" />
      <source>It &amp;is</source>
      <translation>Es &amp;ist</translation>
    </message>
    <message>
      <location filename="firmcell/app/trainer.py" />
      <source>Reads</source>
      <translation>Zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/analyse.py" />
      <source>ends</source>
      <translation>Enden</translation>
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
      <translation>Vorgabe</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>insulation</source>
      <translation>Isolierung</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>layout</source>
      <translation>Anordnung</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>passport</source>
      <translation>Pass</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/findings.py" />
      <source>tests</source>
      <translation>Prüfungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/run_words.py" />
      <source>load</source>
      <translation>Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 days</source>
      <translation>%1 Tage</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 months</source>
      <translation>%1 Monate</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>%1 years</source>
      <translation>%1 Jahre</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/storage_words.py" />
      <source>Put away %1 full at %2: nearly empty (%3) after about %4, between %5 and %6 by how cells of the class differ.</source>
      <translation>Zu %1 voll bei %2 eingelagert: fast leer (%3) nach etwa %4, zwischen %5 und %6, je nachdem, wie Zellen der Klasse sich unterscheiden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>%1 (Ctrl+. does it, Ctrl+Z takes it back).</source>
      <translation>%1 (Strg+. tut es, Strg+Z nimmt es zurück).</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>How much it weighs</source>
      <translation>Wie schwer es wiegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>No published source stands behind this limit: where you know better from measuring, go by that.</source>
      <translation>Hinter dieser Grenze steht keine veröffentlichte Quelle: wer es durch Messen besser weiß, gehe danach.</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>What can be done</source>
      <translation>Was sich tun lässt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Where it comes from</source>
      <translation>Woher es kommt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Why it matters</source>
      <translation>Warum es zählt</translation>
    </message>
    <message>
      <location filename="firmcell/core/analysis/why.py" />
      <source>Worth a look; nothing has to be done.</source>
      <translation>Einen Blick wert; nichts muss getan werden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/base/wording.py" />
      <source>%1 min</source>
      <translation>%1 min</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/joint_order.py" />
      <source>No order of these joints exposes less%1.</source>
      <translation>Keine Reihenfolge dieser Verbindungen legt weniger frei%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/joint_order.py" />
      <source>This order exposes %1 more than need be: voltage × current of a short × joints, over all steps.</source>
      <translation>Diese Reihenfolge legt %1 mehr frei als nötig: Spannung × Kurzschlussstrom × Verbindungen, über alle Schritte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>%1 of cell %2</source>
      <translation>%1 von Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>%1, in the first moment up to %2</source>
      <translation>%1, im ersten Augenblick bis zu %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/live_map.py" />
      <source>rim of cell %1, which is its minus</source>
      <translation>Rand von Zelle %1, der ihr Minus ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/pass_check.py" />
      <source>Record %1 tells of an incident, “%2”: say what was found and done (menu Bench) before work goes on.</source>
      <translation>Aufzeichnung %1 meldet einen Vorfall, „%2“: sagen, was gefunden und getan wurde (Menü Werkbank), bevor es weitergeht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/pass_check.py" />
      <source>“%1” comes first: it is a hold point.</source>
      <translation>„%1“ kommt zuerst: das ist ein Haltepunkt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>A tool across</source>
      <translation>Ein Werkzeug quer darüber</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/places_told.py" />
      <source>At the end</source>
      <translation>Am Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>Record %1 first.</source>
      <translation>Zuerst eintragen: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>screw</source>
      <translation>Schraube</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the look-over</source>
      <translation>die Durchsicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>the welds</source>
      <translation>die Schweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/record_faults.py" />
      <source>weld pair</source>
      <translation>Schweißpaar</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Close</source>
      <translation>Verschließen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Insulate</source>
      <translation>Isolieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/standing.py" />
      <source>Prove</source>
      <translation>Prüfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/touch_limit.py" />
      <source>Up to %1 between bare metal here: over the touch limit. One hand, gloves, covers.</source>
      <translation>Bis zu %1 zwischen blankem Metall hier: über der Berührungsgrenze. Eine Hand, Handschuhe, Abdeckungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/two_places.py" />
      <source>nothing steady: nothing joins them (under %1 either way)</source>
      <translation>nichts Festes: nichts verbindet sie (unter %1 in beide Richtungen)</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>%1 against %2</source>
      <translation>%1 gegen %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>B%1 against B0</source>
      <translation>B%1 gegen B0</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/walk.py" />
      <source>The taps do not read as they must: go to Tests</source>
      <translation>Die Abgriffe zeigen nicht, was sie müssen: zu den Prüfungen gehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>%1 of %2 held: with %3 confidence at least %4 of welds like these are good.</source>
      <translation>%1 von %2 hielten: mit %3 Sicherheit sind wenigstens %4 solcher Schweißungen gut.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>%1: %2 make a chart.</source>
      <translation>%1: ab %2 gibt es eine Regelkarte.</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>No %1 on record yet</source>
      <translation>Noch nicht eingetragen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bench/weld_control.py" />
      <source>peel force</source>
      <translation>Schälkraft</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>at %1 the %2 may blow before the board trips</source>
      <translation>bei %1 kann %2 durchbrennen, bevor die Platine auslöst</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>carries %1</source>
      <translation>trägt %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>load, board, fuse and wire in this order: the board trips first, the fuse is for what the board cannot open</source>
      <translation>Verbraucher, Platine, Sicherung und Leitung in dieser Folge: die Platine löst zuerst aus, die Sicherung ist für das, was die Platine nicht öffnen kann</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the board trips at %1, %2 times the peak</source>
      <translation>die Platine löst bei %1 aus, dem %2-fachen der Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the collecting strip does not stand %1 for the board's %2 s</source>
      <translation>der Sammelstreifen hält %1 nicht die %2 s der Platine aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>the wire does not stand %1 for the board's %2 s</source>
      <translation>die Leitung hält %1 nicht die %2 s der Platine aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/bms/board_choice.py" />
      <source>trips at %1</source>
      <translation>löst bei %1 aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/cells/age.py" />
      <source>end of life</source>
      <translation>Lebensende</translation>
    </message>
    <message>
      <location filename="firmcell/core/cells/age.py" />
      <source>half worn</source>
      <translation>halb verbraucht</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/choices.py" />
      <source>warms to %1</source>
      <translation>erwärmt sich auf %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>As found</source>
      <translation>Wie vorgefunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Cells in parallel</source>
      <translation>Zellen parallel</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Groups in series</source>
      <translation>Gruppen in Reihe</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/existing_pack.py" />
      <source>Length of one lead</source>
      <translation>Länge einer Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/strip_fixes.py" />
      <source>%1%2 for %3%4</source>
      <translation>%1%2 für %3%4</translation>
    </message>
    <message>
      <location filename="firmcell/core/changes/strip_fixes.py" />
      <source>collecting strip</source>
      <translation>Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/geometry/packing.py" />
      <source>free</source>
      <translation>frei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/before_after.py" />
      <source>Energy</source>
      <translation>Energie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A pull on the connector moves no joint</source>
      <translation>Ein Zug am Stecker bewegt keine Verbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>A slip here shorts the pack: what it drives stands below.</source>
      <translation>Ein Abrutschen hier schließt den Pack kurz: was er treibt, steht darunter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>No bare metal anywhere</source>
      <translation>Nirgends blankes Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/bms_retrofit.py" />
      <source>smooth joint, tug holds</source>
      <translation>glatte Lötstelle, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Cap on the wire before its contact</source>
      <translation>Kappe auf die Leitung vor ihrem Kontakt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>Sleeve on this wire, far back</source>
      <translation>Schlauch auf diese Leitung, weit zurück</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>The other conductor is covered</source>
      <translation>Der andere Leiter ist abgedeckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cautions.py" />
      <source>This cannot be undone: a sleeve that is not on the wire before the joint never gets there.</source>
      <translation>Das lässt sich nicht nachholen: ein Schlauch, der vor der Verbindung nicht auf der Leitung ist, kommt nie mehr dorthin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>%1, cut %2</source>
      <translation>%1, Zuschnitt %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Glasses on: sparks, and sharp strip when peeling.</source>
      <translation>Schutzbrille auf: Funken, und scharfer Streifen beim Schälen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Peel sample welds</source>
      <translation>Probeschweißungen abschälen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>The two electrodes must never touch each other.</source>
      <translation>Die beiden Elektroden dürfen sich nie berühren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>Weld</source>
      <translation>Schweißen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>every peeled weld leaves a nugget or a torn hole</source>
      <translation>jede abgeschälte Schweißung hinterlässt eine Linse oder ein ausgerissenes Loch</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>insulator ring for %1</source>
      <translation>Isolierring für %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cell_bms.py" />
      <source>strap</source>
      <translation>Band</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/cooling.py" />
      <source>What was heated cools</source>
      <translation>Was erhitzt wurde, kühlt ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>soldering iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_plan.py" />
      <source>spot welder</source>
      <translation>Punktschweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/day_words.py" />
      <source>%1%2 first</source>
      <translation>%1%2 zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>Measure all %1 cells</source>
      <translation>Alle %1 Zellen messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/holder_pack.py" />
      <source>more than %1 MΩ</source>
      <translation>mehr als %1 MΩ</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>No cell more than hand-warm</source>
      <translation>Keine Zelle mehr als handwarm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/host_charge.py" />
      <source>Outdoors or on a non-burning surface, water or sand by. A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Im Freien oder auf nicht brennbarer Unterlage, Wasser oder Sand daneben. Ein Pack, der sich bläht, zischt, riecht oder von selbst warm wird, kommt nach draußen und wird dort gelassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 a group, %2 a pair</source>
      <translation>%1 je Gruppe, %2 je Paar</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1 about its %2 axis and compare every cell with the picture before the first strip touches.</source>
      <translation>%1 um die %2 Achse und jede Zelle mit dem Bild vergleichen, bevor der erste Streifen sie berührt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1%2, %3 long%4.</source>
      <translation>%1%2, %3 lang%4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>%1: %2 face up</source>
      <translation>%1: %2 nach oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>, %1 tail for the main lead at cell %2</source>
      <translation>, Überstand %1 für die Hauptleitung an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>70 W or more with a wide tip at 370 to 400 °C</source>
      <translation>70 W oder mehr mit breiter Spitze bei 370 bis 400 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>A flap at each tap point, closed</source>
      <translation>Eine Klappe an jedem Abgriff, geschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>B%1: collecting %2 of the pack's %3</source>
      <translation>B%1: Sammeln am %2 des Packs, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>B%1: join group %2 to group %3</source>
      <translation>B%1: Gruppe %2 mit Gruppe %3 verbinden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Brighten every terminal and the underside of each bar and wipe them just before joining. Try a screw of %1 in a terminal by hand: it must bite at least its own diameter and not bottom.</source>
      <translation>Jeden Pol und die Unterseite jeder Schiene blank machen und erst unmittelbar vor dem Verbinden abwischen. Eine Schraube %1 von Hand im Pol probieren: sie muss wenigstens ihren Durchmesser tief greifen und darf nicht aufsitzen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Clean the faces, try the screws</source>
      <translation>Flächen reinigen, Schrauben probieren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Cover the %1 face</source>
      <translation>Die %1seite abdecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each group reads one cell</source>
      <translation>Jede Gruppe zeigt eine Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each joined pair reads the sum of both within 0.05 V</source>
      <translation>Jedes verbundene Paar zeigt die Summe beider auf 0,05 V</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Each visible end as drawn</source>
      <translation>Jedes sichtbare Ende wie gezeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Faces bright and wiped</source>
      <translation>Flächen blank und abgewischt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>From here on %1.</source>
      <translation>Von hier an %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Fumes: air. Glasses on.</source>
      <translation>Dämpfe: lüften. Schutzbrille auf.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Lay sheet over all joints of this face before anything else is joined, with a flap over each tap point: it is read and the sense lead is joined through the flap.</source>
      <translation>Folie über alle Verbindungen dieser Seite legen, bevor etwas anderes verbunden wird, mit einer Klappe über jedem Abgriff: durch sie wird gemessen und die Messleitung angeschlossen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Measure across the %1 face</source>
      <translation>Über die %1seite messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No filings on the cells: brush them off away from the pack.</source>
      <translation>Keine Späne auf den Zellen: vom Pack weg abbürsten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>No strip over a bare rim</source>
      <translation>Kein Streifen über einem blanken Rand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>One bar at a time; the spanner touches one terminal and nothing else.</source>
      <translation>Eine Schiene nach der anderen; der Schlüssel berührt einen Pol und sonst nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plate B%1%2, as cut from the template.</source>
      <translation>Platte B%1%2, zugeschnitten nach der Schablone.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plate B%1%2, tab towards the main lead.</source>
      <translation>Platte B%1%2, Fahne zur Hauptleitung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Plus and minus still marked on the bench</source>
      <translation>Plus und Minus noch auf der Werkbank angezeichnet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Practise on a dead cell</source>
      <translation>An einer toten Zelle üben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Rings in place</source>
      <translation>Ringe an ihrem Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Roughen a dead cell's end, flux and tin it and the end of %1, join both, and tug. %2; plenty of heat for a short time, never a small iron for a long time.</source>
      <translation>Das Ende einer toten Zelle aufrauen, mit Flussmittel verzinnen, ebenso das Ende von %1, beide verbinden und daran ziehen. %2; viel Hitze für kurze Zeit, nie ein kleiner Lötkolben für lange Zeit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Schools differ on soldering straight on a cell: heat harms its seal. Cells with factory tabs are the safe way.</source>
      <translation>Über das Löten direkt auf der Zelle gehen die Meinungen auseinander: Hitze schadet ihrer Dichtung. Zellen mit werkseitigen Fahnen sind der sichere Weg.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Screw</source>
      <translation>Schrauben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Screws bite and do not bottom</source>
      <translation>Schrauben greifen und sitzen nicht auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Sheet covers all metal</source>
      <translation>Folie bedeckt alles Metall</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Short and hot; let a cell cool before its next joint. Keep the tip off every rim.</source>
      <translation>Kurz und heiß; eine Zelle vor ihrer nächsten Verbindung abkühlen lassen. Die Spitze von jedem Rand fernhalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Solder</source>
      <translation>Löten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Spanner wrapped</source>
      <translation>Schraubenschlüssel umwickelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>This strip carries the whole current at its tail: no single %1 may be missing.</source>
      <translation>Dieser Streifen trägt an seinem Ende den ganzen Strom: nicht eine darf fehlen (%1).</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turn the pack back</source>
      <translation>Den Pack zurückwenden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turn the pack over</source>
      <translation>Den Pack wenden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Turning mirrors everything; this is where polarity is lost.</source>
      <translation>Wenden spiegelt alles; hier geht die Polung verloren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Weld %1 on scrap or a dead cell with the setting you will use, and peel. A good weld leaves a nugget and tears a hole in the strip. %2 peeled without a failure prove 90 % good welds with 90 % confidence.</source>
      <translation>%1 mit der vorgesehenen Einstellung auf einem Rest oder einer toten Zelle schweißen und abschälen. Eine gute Schweißung hinterlässt eine Linse und reißt ein Loch in den Streifen. %2 ohne Fehler abgeschält beweisen 90 % gute Schweißungen mit 90 % Sicherheit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Weld on flat metal only; keep strip and tools off every rim.</source>
      <translation>Nur auf flachem Metall schweißen; Streifen und Werkzeug von jedem Rand fernhalten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>Wrap the spanner's handle in tape: across two terminals it is the short.</source>
      <translation>Den Griff des Schraubenschlüssels mit Band umwickeln: quer über zwei Pole ist er der Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>all %1 cells of the group read %2</source>
      <translation>alle %1 Zellen der Gruppe zeigen %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>every tap point is live against every other, under its flap</source>
      <translation>jeder Abgriff steht unter seiner Klappe gegen jeden anderen unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>parallel strip</source>
      <translation>Parallelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>series link</source>
      <translation>Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>the bare ends of the other face are live through every group joined on this one</source>
      <translation>die blanken Enden der anderen Seite stehen über jede hier verbundene Gruppe unter Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>under 3 s, smooth, the can only hand-warm ten seconds later, tug holds</source>
      <translation>unter 3 s, glatt, der Becher zehn Sekunden später nur handwarm, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/joining_steps.py" />
      <source>with a</source>
      <translation>mit einem</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>%1 of %2, cut %3: on the wires before any joint</source>
      <translation>%1 von %2, Zuschnitt %3: auf die Drähte, bevor etwas verbunden wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>calliper</source>
      <translation>Messschieber</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>clamp or jig</source>
      <translation>Zwinge oder Vorrichtung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>hot air</source>
      <translation>Heißluft</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>marker</source>
      <translation>Filzstift</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>pliers to peel</source>
      <translation>Zange zum Schälen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>polyimide tape</source>
      <translation>Polyimidband</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>rosin flux</source>
      <translation>Kolophonium-Flussmittel</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>safety glasses</source>
      <translation>Schutzbrille</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>scrap strip and a dead cell</source>
      <translation>Streifenreste und eine tote Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>solder</source>
      <translation>Lötzinn</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>volt meter</source>
      <translation>Voltmeter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wipes</source>
      <translation>Reinigungstücher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wire stripper</source>
      <translation>Abisolierzange</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lay_out.py" />
      <source>wooden stick to press strip down</source>
      <translation>Holzstab zum Andrücken des Streifens</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>%1 wire</source>
      <translation>Leitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>No bare metal outside the sleeve</source>
      <translation>Kein blankes Metall außerhalb des Schlauchs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/lead_change.py" />
      <source>unsoldered</source>
      <translation>ungelötet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Bullets</source>
      <translation>Rundstecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Female bullets on the controller</source>
      <translation>Rundbuchsen am Steuergerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>Use %1</source>
      <translation>%1 nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/machine_leads.py" />
      <source>motor</source>
      <translation>Motor</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>A dented, leaking or rusty cell does not go into a pack.</source>
      <translation>Eine verbeulte, undichte oder rostige Zelle kommt in keinen Pack.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Cells held firm, fibre tape round them so that they cannot shift</source>
      <translation>Zellen fest gehalten, Gewebeband darum, sodass sie sich nicht verschieben können</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Check each group's direction against the drawing twice: one cell the wrong way is a dead short.</source>
      <translation>Die Richtung jeder Gruppe zweimal mit der Zeichnung vergleichen: eine Zelle verkehrt ist ein satter Kurzschluss.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each pole against the outside of the pack (foil laid round it), with a meter or an insulation tester of low voltage.</source>
      <translation>Jeder Pol gegen die Außenseite des Packs (Folie darumgelegt), mit einem Messgerät oder einem Isolationsprüfer niedriger Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Each ring centred and stuck down</source>
      <translation>Jeder Ring mittig und angeklebt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Every cell's direction as drawn, first time</source>
      <translation>Richtung jeder Zelle wie gezeichnet, erstes Mal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Every cell's direction as drawn, second time</source>
      <translation>Richtung jeder Zelle wie gezeichnet, zweites Mal</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Height takes it</source>
      <translation>Die Höhe reicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Leads have a way out</source>
      <translation>Leitungen haben einen Ausgang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Length takes the pack with clearance</source>
      <translation>Die Länge nimmt den Pack mit Luft auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Look over the insulation</source>
      <translation>Die Isolierung durchsehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Marks on the bench</source>
      <translation>Zeichen auf der Werkbank</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the compartment itself, not its drawing: length, width, height at several places. The pack will be %1 × %2 × %3 mm.</source>
      <translation>Das Fach selbst messen, nicht seine Zeichnung: Länge, Breite, Höhe an mehreren Stellen. Der Pack wird %1 × %2 × %3 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the insulation</source>
      <translation>Isolation messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the insulation, if you want it on record</source>
      <translation>Die Isolation messen, wenn sie aufgezeichnet sein soll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Measure the real space</source>
      <translation>Den wirklichen Raum messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Never an insulation tester between the two poles of a live pack.</source>
      <translation>Nie einen Isolationsprüfer zwischen die beiden Pole eines Packs unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>No lead across a strip edge</source>
      <translation>Keine Leitung über einer Streifenkante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Press an insulator ring on every positive end, centred, metal of the nub clear inside it.</source>
      <translation>Auf jedes Plusende einen Isolierring drücken, mittig, das Metall der Kappe frei darin.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring on each positive</source>
      <translation>Ring auf jedem Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring on every positive end</source>
      <translation>Ring auf jedem Plusende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Ring under every positive</source>
      <translation>Ring unter jedem Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Set the cells, mark plus and minus</source>
      <translation>Die Zellen setzen, Plus und Minus anzeichnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet %1 mm over both faces, tape to hold it, sheet round the sides.</source>
      <translation>Folie %1 mm über beide Seiten, Band zum Halten, Folie um die Flanken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet over all joints, both faces</source>
      <translation>Folie über allen Verbindungen, beide Seiten</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Sheet under the board, board fixed %1</source>
      <translation>Folie unter der Platine, Platine befestigt %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Tape or holder between neighbouring cells</source>
      <translation>Band oder Halter zwischen benachbarten Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>The can is negative right up to the rim: without the ring a strip shorts the cell.</source>
      <translation>Der Becher ist bis zum Rand hinauf Minus: ohne den Ring schließt ein Streifen die Zelle kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Voltage of %1 %2, and look at every wrap and both ends. Note the lowest and the highest.</source>
      <translation>Spannung von %1 %2, und jede Hülle und beide Enden ansehen. Niedrigste und höchste notieren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>Width takes it</source>
      <translation>Die Breite reicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>at the end</source>
      <translation>am Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>every</source>
      <translation>jeder</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>on top</source>
      <translation>oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>outside</source>
      <translation>außen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/new_pack.py" />
      <source>the</source>
      <translation>die</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 m of %2%3</source>
      <translation>%1 m von %2%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>%1 of %2, cut %3</source>
      <translation>%1 von %2, Zuschnitt %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>lug</source>
      <translation>Kabelschuh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_list.py" />
      <source>other</source>
      <translation>anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/parts_used.py" />
      <source>screw %1</source>
      <translation>Schraube %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 (%2 a group), no higher</source>
      <translation>%1 (%2 je Gruppe), nicht höher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 V %2 Ah %3 Wh</source>
      <translation>%1 V %2 Ah %3 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 and %2, never below</source>
      <translation>%1 und %2, nie darunter</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 empty to %2 full</source>
      <translation>%1 leer bis %2 voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 of %2 steps passed%3, %4 rework%5.</source>
      <translation>%1 von %2 Schritten bestanden%3, Nacharbeiten: %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 records on design revision %2; %3.</source>
      <translation>%1 Aufzeichnungen zur Entwurfsfassung %2; %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 sample welds peeled, %2 held; %3 weld pairs recorded.</source>
      <translation>%1 Probeschweißungen abgeschält, %2 hielten; %3 Schweißpaare eingetragen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1 steady, %2 for %3 s</source>
      <translation>%1 dauernd, %2 für %3 s</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, link %2, %3</source>
      <translation>%1, Übergang %2, %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1, up to %2</source>
      <translation>%1, bis zu %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>%1; no cell above %2</source>
      <translation>%1; keine Zelle über %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>A pack that swells, hisses, smells or warms by itself goes outside and is left.</source>
      <translation>Ein Pack, der sich bläht, zischt, riecht oder von selbst warm wird, kommt nach draußen und wird dort gelassen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Always live: never bridge the contacts, never cut both leads at once.</source>
      <translation>Immer unter Spannung: die Kontakte nie überbrücken, nie beide Leitungen auf einmal durchschneiden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge between</source>
      <translation>Laden zwischen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge current</source>
      <translation>Ladestrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Charge to</source>
      <translation>Laden bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Chemistry</source>
      <translation>Chemie</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Discharge</source>
      <translation>Entladen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Do not charge unattended, near sleepers, or on anything that burns.</source>
      <translation>Nicht unbeaufsichtigt laden, nicht neben Schlafenden und nicht auf etwas, das brennt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Fuse</source>
      <translation>Sicherung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Local rules for transport and disposal apply.</source>
      <translation>Die örtlichen Regeln für Versand und Entsorgung gelten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Method</source>
      <translation>Verfahren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Nominal</source>
      <translation>Nennwert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Stop at</source>
      <translation>Aufhören bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Store at</source>
      <translation>Lagern bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Transport</source>
      <translation>Versand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>Window</source>
      <translation>Bereich</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>chain ends %1</source>
      <translation>Kette endet mit %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>discharge %1 A</source>
      <translation>Entladen %1 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>revision %1</source>
      <translation>Fassung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>serial %1</source>
      <translation>Seriennummer %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>signed by the workshop key %1</source>
      <translation>unterschrieben mit dem Werkstattschlüssel %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/passport.py" />
      <source>up to %1</source>
      <translation>bis zu %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Outside, mm</source>
      <translation>Außen, mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/plan.py" />
      <source>Steady / peak</source>
      <translation>Dauernd / Spitze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/power_cable.py" />
      <source>Fuse, load side</source>
      <translation>Sicherung, Lastseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1, cut %2 mm. Hot air from the middle outwards, moving, low heat.%3</source>
      <translation>%1, Zuschnitt %2 mm. Heißluft von der Mitte nach außen, in Bewegung, wenig Hitze.%3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1, then read every group.</source>
      <translation>%1, dann jede Gruppe ablesen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>%1. Feel or measure the strips near the leads, then load it steadily for a minute.</source>
      <translation>%1. Die Streifen nahe den Leitungen fühlen oder messen, dann eine Minute gleichmäßig belasten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A cap or tape over its contacts until the charger's plug goes on: every pin is live against every other.</source>
      <translation>Eine Kappe oder Band über seinen Kontakten, bis der Stecker des Ladegeräts daraufkommt: jeder Pin steht gegen jeden anderen unter Spannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A lamp or 1 kΩ between two pins only while you read: it grows warm.</source>
      <translation>Eine Lampe oder 1 kΩ zwischen zwei Pins nur während des Ablesens: es wird warm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>A probe that slips across both contacts shorts the pack.</source>
      <translation>Eine Spitze, die über beide Kontakte rutscht, schließt den Pack kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>B%1 is on already.</source>
      <translation>B%1 ist schon an.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Balance charge, read the groups full</source>
      <translation>Ausgleichend laden, die Gruppen voll ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Balance plug clear, covered, tied out of the way</source>
      <translation>Balancerstecker frei, abgedeckt, weggebunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black in COM, red in the volt socket. Red on the plus of one cell or on the pack's plus strip, black on its minus: it must read plus.</source>
      <translation>Schwarz in COM, Rot in die Spannungsbuchse. Rot auf das Plus einer Zelle oder auf den Plusstreifen des Packs, Schwarz auf ihr Minus: es muss plus zeigen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Black on the collecting strip of B0, red on that of B%1.</source>
      <translation>Schwarz auf den Sammelstreifen von B0, Rot auf den von B%1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Both ends lip over the edge</source>
      <translation>Beide Enden greifen über die Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ended by the clock after at most %1 h</source>
      <translation>Die Uhr beendet das Laden nach höchstens %1 h</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge ends at %1</source>
      <translation>Laden endet bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge it once with a balance charger on the balance plug</source>
      <translation>Einmal mit einem Balancer-Ladegerät am Balancerstecker laden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Charge with at most %1 and stay with it</source>
      <translation>Mit höchstens %1 laden und dabeibleiben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connect the board</source>
      <translation>Platine anschließen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connector cool after load</source>
      <translation>Stecker nach der Last kühl</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Connector halves mate, shape not melted</source>
      <translation>Steckerhälften passen, Form nicht geschmolzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Cover the balance plug</source>
      <translation>Den Balancerstecker abdecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Every group within 0.02 V of %1</source>
      <translation>Jede Gruppe auf 0,02 V bei %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>First charge and first load, watched</source>
      <translation>Erstes Laden und erste Last, überwacht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Fit, label and last look</source>
      <translation>Einpassen, Etikett und letzter Blick</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Fits with nothing squeezed</source>
      <translation>Passt, ohne dass etwas gequetscht wird</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Label on</source>
      <translation>Etikett angebracht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Last: %1.</source>
      <translation>Zuletzt: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Leave it on the charger until the board has balanced (%1 a group)</source>
      <translation>Am Ladegerät lassen, bis die Platine ausgeglichen hat (%1 je Gruppe)</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No burnt place</source>
      <translation>Keine verbrannte Stelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No group over its limit</source>
      <translation>Keine Gruppe über ihrer Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No open flame. Keep the heat moving: it reaches the cells through the sheet.</source>
      <translation>Keine offene Flamme. Die Hitze in Bewegung halten: sie erreicht die Zellen durch die Folie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No pin can be touched</source>
      <translation>Kein Pin lässt sich berühren</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No trapped air</source>
      <translation>Keine Luft eingeschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>No wrinkle over a lead</source>
      <translation>Keine Falte über einer Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Not %1 until every step rises by one cell.</source>
      <translation>Nicht %1, bevor jede Stufe um eine Zelle steigt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Nothing warmer than the hand bears</source>
      <translation>Nichts wärmer, als die Hand erträgt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Order kept: %1</source>
      <translation>Reihenfolge eingehalten: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Polarity at the connector by meter</source>
      <translation>Polung am Stecker mit dem Messgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Prove the meter</source>
      <translation>Das Messgerät prüfen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Put it in its place without squeezing, check the connector by meter once more, label it with voltage, energy and serial.</source>
      <translation>Ohne Quetschen an seinen Platz setzen, den Stecker noch einmal messen, mit Spannung, Energie und Seriennummer beschriften.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read again an hour later: none fell behind</source>
      <translation>Nach einer Stunde noch einmal ablesen: keine ist zurückgefallen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read every tap against B0</source>
      <translation>Jeden Abgriff gegen B0 ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Read the whole pack on its strips</source>
      <translation>Den ganzen Pack an seinen Streifen ablesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Sense plug sits and reads as listed</source>
      <translation>Messstecker sitzt und zeigt, was in der Liste steht</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Test what voltages cannot show</source>
      <translation>Prüfen, was Spannungen nicht zeigen können</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>The order differs between boards: where its sheet says otherwise, follow it.</source>
      <translation>Die Reihenfolge ist je nach Platine verschieden: wo ihr Blatt etwas anderes sagt, danach gehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>The red probe into the contact marked + of the %1, the black into −, before anything is ever plugged in. If it reads nothing, wake the board with the charger.</source>
      <translation>Die rote Spitze in den mit + bezeichneten Kontakt von: %1, die schwarze in −, bevor je etwas eingesteckt wird. Zeigt es nichts, die Platine mit dem Ladegerät wecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>These read right and are not: %1. One quick test each; readings under a load are entered in Tests.</source>
      <translation>Diese zeigen richtig an und sind es nicht: %1. Für jede eine kurze Prüfung; Ablesungen unter Last werden unter Prüfungen eingegeben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Two probes, two hands, nothing else on the strips.</source>
      <translation>Zwei Spitzen, zwei Hände, sonst nichts auf den Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>Voltage at the connector equals the pack, about %1; if nothing, wake the board with the charger</source>
      <translation>Spannung am Stecker gleich der des Packs, etwa %1; wenn nichts, die Platine mit dem Ladegerät wecken</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>With the meter's leads exchanged, a plug put on mirrored reads right at every pin.</source>
      <translation>Mit vertauschten Messleitungen am Messgerät zeigt ein spiegelverkehrt aufgesteckter Stecker an jedem Pin richtig.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>each step %1, total %2</source>
      <translation>jede Stufe %1, zusammen %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>lip of about %1 at each end</source>
      <translation>Überstand von etwa %1 an jedem Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>overlap_m</source>
      <translation>overlap_m</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>plugged in</source>
      <translation>eingesteckt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/proving_steps.py" />
      <source>plus %1 on one cell</source>
      <translation>plus %1 auf einer Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>%1 mm flat</source>
      <translation>%1 mm flach</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>dented</source>
      <translation>verbeult</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>length %1, width %2</source>
      <translation>Länge %1, Breite %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>long</source>
      <translation>lang</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>rusted</source>
      <translation>verrostet</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/re_sleeve.py" />
      <source>warm by itself</source>
      <translation>von selbst warm</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/readings.py" />
      <source>%1, red on %2, black on %3</source>
      <translation>%1, Rot auf %2, Schwarz auf %3</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>group %1</source>
      <translation>Gruppe %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/refit_steps.py" />
      <source>top</source>
      <translation>oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Leads</source>
      <translation>Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/tray.py" />
      <source>Room</source>
      <translation>Raum</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wet_jacket_steps.py" />
      <source>Read the connector</source>
      <translation>Am Stecker messen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 at the connector once both are on</source>
      <translation>%1 am Stecker, sobald beide an sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 lead</source>
      <translation>Leitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1 of %2, cut on the nail board printed at 1:1 and numbered at both ends: %3. %4</source>
      <translation>%1 aus %2, auf dem 1:1 gedruckten Nagelbrett zugeschnitten und an beiden Enden nummeriert: %3. %4</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1%2 Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>%1%2 Fertigstellen, Schlauch und Abdeckung darauf, bevor der andere Leiter berührt wird.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>%1. %2 The free end of the next stays covered until its turn.</source>
      <translation>%1. %2 Das freie Ende der nächsten bleibt abgedeckt, bis sie an der Reihe ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Continuity from each end to its place</source>
      <translation>Durchgang von jedem Ende zu seinem Platz</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Crimp each contact and push it into its place until it latches; tug.</source>
      <translation>Jeden Kontakt crimpen und in seinen Platz drücken, bis er einrastet; ziehen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Each goes where the wire list says, by what is printed</source>
      <translation>Jede geht dorthin, wo die Leitungsliste es sagt, nach dem Aufdruck</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Every wire numbered</source>
      <translation>Jede Leitung nummeriert</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Fix the board</source>
      <translation>Die Platine befestigen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Flat on the wrap of the cell the wire list names, under polyimide tape, not over a joint; the lead insulated to the board.</source>
      <translation>Flach auf die Hülle der Zelle, die die Leitungsliste nennt, unter Polyimidband, nicht über einer Verbindung; die Leitung isoliert bis zur Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>It cannot slide</source>
      <translation>Sie kann nicht rutschen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Lay the thermistor%1</source>
      <translation>Den Temperaturfühler legen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main %1 lead</source>
      <translation>Hauptleitung %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main %1: strip B%2 to the board's B%3</source>
      <translation>Hauptleitung %1: Streifen B%2 an B%3 der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Main leads are tied or glued to the pack behind their joints, so that a pull on the connector never reaches a joint.</source>
      <translation>Hauptleitungen werden hinter ihren Verbindungen am Pack festgebunden oder -geklebt, sodass ein Zug am Stecker nie eine Verbindung erreicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Make the sense harness, off the pack</source>
      <translation>Den Messkabelbaum anfertigen, abseits des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Make up the connector on the leads</source>
      <translation>Den Stecker an den Leitungen anfertigen</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No bare end</source>
      <translation>Kein blankes Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No lead across an edge of strip</source>
      <translation>Keine Leitung über einer Streifenkante</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No part of it touches a strip or a can</source>
      <translation>Kein Teil davon berührt einen Streifen oder Becher</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>No two places joined</source>
      <translation>Keine zwei Plätze verbunden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Off the pack: crimped or soldered live, two leads that touch short a group.</source>
      <translation>Abseits des Packs: unter Spannung gecrimpt oder gelötet, schließen zwei Leitungen, die sich berühren, eine Gruppe kurz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>One conductor at a time; the other end is covered.</source>
      <translation>Ein Leiter nach dem anderen; das andere Ende ist abgedeckt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Reads what the BMS stage says for this room</source>
      <translation>Zeigt, was der Abschnitt BMS für diesen Raum sagt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Sense leads on the %1 face</source>
      <translation>Messleitungen auf der %1seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Set the ring of each under the head of its screw, on top of the bar, one at a time, from the lowest number up.</source>
      <translation>Den Ring jeder unter den Kopf ihrer Schraube setzen, oben auf die Schiene, eine nach der anderen, von der niedrigsten Nummer aufwärts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Sheet under the whole board</source>
      <translation>Folie unter der ganzen Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Solder each to its strip between the cells, never over a cell end, one at a time, from the lowest number up.</source>
      <translation>Jede an ihren Streifen zwischen den Zellen löten, nie über einem Zellende, eine nach der anderen, von der niedrigsten Nummer aufwärts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Solder the %1 to %2.</source>
      <translation>%1 anlöten an %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tape holds it flat on the wrap</source>
      <translation>Band hält ihn flach auf der Hülle</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The leads are not on the pack yet: keep it so until both contacts are sleeved.</source>
      <translation>Die Leitungen sind noch nicht am Pack: so lassen, bis beide Kontakte ihren Schlauch haben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>The plug stays out of the board. Every lead is live as soon as it is joined, and so is its place in the plug.</source>
      <translation>Der Stecker bleibt aus der Platine. Jede Leitung steht unter Spannung, sobald sie verbunden ist, und ebenso ihr Platz im Stecker.</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>Tie the leads down</source>
      <translation>Die Leitungen festbinden</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>every strand in, tug holds</source>
      <translation>jede Litze drin, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>every strand in, tug holds, screws at their torque again</source>
      <translation>jede Litze drin, hält dem Zug stand, Schrauben wieder mit ihrem Drehmoment</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>from</source>
      <translation>von</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>nothing at the connector yet: the board's P lead comes last</source>
      <translation>noch nichts am Stecker: die P-Leitung der Platine kommt zuletzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>smooth joint, strands in outline, tug holds</source>
      <translation>glatte Lötstelle, Litzen zeichnen sich ab, hält dem Zug stand</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>the tab of plate B%1 at cell %2</source>
      <translation>die Fahne der Platte B%1 an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/jobs/wiring_steps.py" />
      <source>wire bottomed in the cup, no gap to the insulation, body not distorted</source>
      <translation>Leitung sitzt im Kelch auf, kein Spalt zur Isolierung, Gehäuse nicht verformt</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/connectors.py" />
      <source>the contact</source>
      <translation>den Kontakt</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/connectors.py" />
      <source>the wire in its cup</source>
      <translation>die Leitung in ihren Kelch</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/fuse_timing.py" />
      <source>silicone</source>
      <translation>Silikon</translation>
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
      <translation>VPE 125</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/insulation_class.py" />
      <source>silicone 200</source>
      <translation>Silikon 200</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>%1 mm %2:1%3 sleeve</source>
      <translation>%1 mm %2:1%3 Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/leads/soldering.py" />
      <source>An unconnected mate plugged in keeps the contacts straight (never a live one).</source>
      <translation>Ein nicht angeschlossenes Gegenstück darin hält die Kontakte gerade (nie eines unter Spannung).</translation>
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
      <translation>Quer, von der Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Against a touch (over 60 V)</source>
      <translation>Gegen Berühren (über 60 V)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Along, from the middle</source>
      <translation>Längs, von der Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Capacitors in the load</source>
      <translation>Kondensatoren im Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Clearance each side</source>
      <translation>Luft auf jeder Seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Coldest place of use</source>
      <translation>Kältester Einsatzort</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Energy wanted</source>
      <translation>Gewünschte Energie</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>For whom</source>
      <translation>Für wen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Hottest place of use</source>
      <translation>Heißester Einsatzort</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>In use it stands</source>
      <translation>Im Einsatz steht er</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It gets wet</source>
      <translation>Es wird nass</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It is dropped or shaken</source>
      <translation>Er wird fallen gelassen oder gerüttelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>It must never cut out by itself</source>
      <translation>Er darf nie von selbst abschalten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Length (round: diameter)</source>
      <translation>Länge (rund: Durchmesser)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Load accepts up to</source>
      <translation>Verbraucher verträgt bis</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Load works down to</source>
      <translation>Verbraucher läuft ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Mass limit</source>
      <translation>Höchstgewicht</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Outline, corner by corner</source>
      <translation>Umriss, Ecke für Ecke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak comes again every</source>
      <translation>Spitze kommt wieder alle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak current</source>
      <translation>Spitzenstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Peak lasts</source>
      <translation>Spitze dauert</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Promised for</source>
      <translation>Zugesagt für</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Round</source>
      <translation>Rund</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Run time at steady current</source>
      <translation>Laufzeit beim Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Shape of the space</source>
      <translation>Form des Raums</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, height</source>
      <translation>Raum, Höhe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, length (round: diameter)</source>
      <translation>Raum, Länge (rund: Durchmesser)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Space, width</source>
      <translation>Raum, Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>Steady current</source>
      <translation>Dauerstrom</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>The board stands here</source>
      <translation>Die Platine steht hier</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>What is there</source>
      <translation>Was da ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>after</source>
      <translation>nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>box</source>
      <translation>Kasten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>cylinder</source>
      <translation>Zylinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>in a closed compartment</source>
      <translation>in einem geschlossenen Fach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>insulated tools, gloves, covers, a second person near</source>
      <translation>isoliertes Werkzeug, Handschuhe, Abdeckungen, eine zweite Person in der Nähe</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>none yet</source>
      <translation>noch keine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>on a surface, open above</source>
      <translation>auf einer Fläche, oben offen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>on feet or hung up, air all round</source>
      <translation>auf Füßen oder aufgehängt, Luft ringsum</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>outline</source>
      <translation>Umriss</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>outline seen from the end</source>
      <translation>Umriss vom Ende gesehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/brief.py" />
      <source>work under licensed practice</source>
      <translation>Arbeit durch befugte Fachleute</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Lithium iron phosphate</source>
      <translation>Lithium-Eisenphosphat</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>Lithium-ion</source>
      <translation>Lithium-Ionen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/chemistry.py" />
      <source>constant current, then constant voltage until the current has fallen to a twentieth</source>
      <translation>Konstantstrom, dann Konstantspannung, bis der Strom auf ein Zwanzigstel gefallen ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>A balance plug beside the board</source>
      <translation>Ein Balancerstecker neben der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>A fuse at each tap</source>
      <translation>Eine Sicherung an jedem Abgriff</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Adapters in the way</source>
      <translation>Adapter im Weg</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Alloy</source>
      <translation>Legierung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Board is connected</source>
      <translation>Platine wird angeschlossen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Board lies</source>
      <translation>Platine liegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Built by</source>
      <translation>Gebaut von</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>B− and B+ first, then the sense plug, load last</source>
      <translation>zuerst B− und B+, dann der Messstecker, die Last zuletzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>B− first, then the sense plug, then P−</source>
      <translation>zuerst B−, dann der Messstecker, dann P−</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells across the width</source>
      <translation>Zellen über die Breite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells joined by</source>
      <translation>Zellen verbunden durch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells measured now</source>
      <translation>Zellen messen jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells stand or lie</source>
      <translation>Zellen stehen oder liegen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Cells with twice the welds</source>
      <translation>Zellen mit doppelten Schweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charge current of the charger</source>
      <translation>Ladestrom des Ladegeräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charger's leads, wire (else the main wire)</source>
      <translation>Leitungen des Ladegeräts, Draht (sonst der der Hauptleitung)</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Charger's plus and minus as the load's</source>
      <translation>Plus und Minus des Ladegeräts wie beim Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Connector of the charger</source>
      <translation>Stecker des Ladegeräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Copper under the collecting strips</source>
      <translation>Kupfer unter den Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Copper under the links</source>
      <translation>Kupfer unter den Übergängen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Drop allowed, both leads</source>
      <translation>Erlaubter Abfall, beide Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>First group stands plus up</source>
      <translation>Erste Gruppe steht mit Plus nach oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Flux</source>
      <translation>Flussmittel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Foam over the sheet, thickness</source>
      <translation>Schaum über der Folie, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Free length of a fuse wire</source>
      <translation>Freie Länge eines Sicherungsdrahts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Free places</source>
      <translation>Freie Plätze</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse after</source>
      <translation>Sicherung nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse holder, resistance</source>
      <translation>Sicherungshalter, Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse in the</source>
      <translation>Sicherung in der</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse in the charger's plus lead</source>
      <translation>Sicherung in der Plusleitung des Ladegeräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Fuse wire at each plus, bare copper</source>
      <translation>Sicherungsdraht an jedem Plus, blankes Kupfer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Gap between cells</source>
      <translation>Spalt zwischen den Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Ladder strip where two rows face</source>
      <translation>Leiterstreifen, wo zwei Reihen sich gegenüberstehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lattice</source>
      <translation>Raster</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of cells</source>
      <translation>Lagen von Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of collecting strips</source>
      <translation>Lagen der Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Layers of series links</source>
      <translation>Lagen der Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lead no hotter than</source>
      <translation>Leitung nicht heißer als</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads end in</source>
      <translation>Leitungen enden in</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads lie</source>
      <translation>Leitungen liegen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Leads side by side, each pole</source>
      <translation>Leitungen nebeneinander, je Pol</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Least peel force that is right</source>
      <translation>Kleinste Schälkraft, die recht ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Lip over each edge</source>
      <translation>Überstand über jede Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Main wire</source>
      <translation>Hauptleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Measured capacity of each cell</source>
      <translation>Gemessene Kapazität jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Measured resistance of each cell</source>
      <translation>Gemessener Widerstand jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Metal of two potentials apart by at least</source>
      <translation>Metall zweier Potenziale auseinander um wenigstens</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Minus leaves at</source>
      <translation>Minus tritt aus bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Order chosen by hand</source>
      <translation>Von Hand gewählte Reihenfolge</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Placed cells</source>
      <translation>Gesetzte Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Plus leaves at</source>
      <translation>Plus tritt aus bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Resistance of one joint, measured</source>
      <translation>Widerstand einer Verbindung, gemessen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second connector, in parallel</source>
      <translation>Zweiter Stecker, parallel</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second minus lead at</source>
      <translation>Zweite Minusleitung bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second plus lead at</source>
      <translation>Zweite Plusleitung bei</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Second sleeve across it</source>
      <translation>Zweiter Schlauch quer darüber</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sense wire</source>
      <translation>Messleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Serial number</source>
      <translation>Seriennummer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Serial of each cell</source>
      <translation>Seriennummer jeder Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Service loop of each sense lead</source>
      <translation>Reserveschlaufe jeder Messleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sheet around the sides, thickness</source>
      <translation>Folie um die Flanken, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sheet over the joints, thickness</source>
      <translation>Folie über den Verbindungen, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Sleeve along the pack</source>
      <translation>Schlauch längs des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Split in two blocks, gap</source>
      <translation>In zwei Blöcke geteilt, Spalt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Spot welder</source>
      <translation>Punktschweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strip for collecting</source>
      <translation>Streifen zum Sammeln</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strip for series links</source>
      <translation>Streifen für Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips drawn by hand</source>
      <translation>Von Hand gezeichnete Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips judged by</source>
      <translation>Streifen beurteilt nach</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips left out by hand</source>
      <translation>Von Hand ausgelassene Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Strips or cut plates</source>
      <translation>Streifen oder geschnittene Platten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Tabs between collecting bar and cells</source>
      <translation>Fahnen zwischen Sammelschiene und Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Tape over the sheet, thickness</source>
      <translation>Band über der Folie, Dicke</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Thread of a cell's terminal</source>
      <translation>Gewinde am Pol einer Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Turned over about its axis</source>
      <translation>Gewendet um seine Achse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Weld pairs on each pad</source>
      <translation>Schweißpaare je Polfläche</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>Which lead first</source>
      <translation>Welche Leitung zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>a long strip in still air</source>
      <translation>ein langer Streifen in stehender Luft</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>as chosen</source>
      <translation>wie gewählt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>end to end, folded into a stick</source>
      <translation>Ende an Ende, zum Stab gefaltet</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>extra rosin flux, wiped off warm</source>
      <translation>zusätzliches Kolophonium-Flussmittel, warm abgewischt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>from minus to plus</source>
      <translation>vom Minus zum Plus</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>in place between its cells</source>
      <translation>an Ort und Stelle zwischen seinen Zellen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lead-free tin-silver-copper, melts at 217 to 227 °C</source>
      <translation>bleifreies Zinn-Silber-Kupfer, schmilzt bei 217 bis 227 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>leaded 63/37, melts at 183 °C</source>
      <translation>bleihaltig 63/37, schmilzt bei 183 °C</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lugs on studs</source>
      <translation>Kabelschuhe auf Bolzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lying across</source>
      <translation>quer liegend</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>lying along</source>
      <translation>längs liegend</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>minus lead</source>
      <translation>Minusleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>negative first</source>
      <translation>Minus zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>plates</source>
      <translation>Platten</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>plus lead</source>
      <translation>Plusleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>positive first</source>
      <translation>Plus zuerst</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>rosin core only</source>
      <translation>nur die Kolophoniumseele</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>sense plug first, then B−, then P−</source>
      <translation>zuerst der Messstecker, dann B−, dann P−</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>short</source>
      <translation>kurz</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>so that least is exposed</source>
      <translation>sodass am wenigsten freiliegt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>standing</source>
      <translation>stehend</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/design.py" />
      <source>the worse of both</source>
      <translation>das Schlechtere von beiden</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>fully regulated lithium battery (%1); UN 38.3 tests; 30 % charge by air</source>
      <translation>voll geregelte Lithiumbatterie (%1); Prüfungen UN 38.3; 30 % Ladung im Luftverkehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>pack %1 Wh is over 100 Wh</source>
      <translation>Pack mit %1 Wh ist über 100 Wh</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/designation.py" />
      <source>small lithium battery (cell %1 Wh ≤ 20 Wh, pack %2 Wh ≤ 100 Wh); UN 38.3 tests still apply</source>
      <translation>kleine Lithiumbatterie (Zelle %1 Wh ≤ 20 Wh, Pack %2 Wh ≤ 100 Wh); die Prüfungen UN 38.3 gelten trotzdem</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>medium: nickel to 0.2 mm</source>
      <translation>mittel: Nickel bis 0,2 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>screwed joint</source>
      <translation>Schraubverbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>small: nickel to 0.15 mm</source>
      <translation>klein: Nickel bis 0,15 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>solder on factory tabs</source>
      <translation>Löten an werkseitigen Fahnen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>solder straight on the cell</source>
      <translation>Löten direkt auf der Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>soldered joint</source>
      <translation>Lötverbindung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>spot welds</source>
      <translation>Punktschweißungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/joint_kinds.py" />
      <source>strong: nickel to 0.3 mm</source>
      <translation>stark: Nickel bis 0,3 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>Conductor</source>
      <translation>Leiter</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>Density</source>
      <translation>Dichte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>common</source>
      <translation>gemeinsam</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>copper</source>
      <translation>Kupfer</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>fine-stranded</source>
      <translation>feindrähtig</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>generic class value</source>
      <translation>allgemeiner Wert der Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>many-pin host plug</source>
      <translation>vielpoliger Stecker des Geräts</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>minus line</source>
      <translation>Minusleitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>solid</source>
      <translation>massiv</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/parts.py" />
      <source>stranded</source>
      <translation>mehrdrähtig</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Rectangle, left edge</source>
      <translation>Rechteck, linke Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Rectangle, upper edge</source>
      <translation>Rechteck, obere Kante</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Shows</source>
      <translation>Zeigt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>Two points apart</source>
      <translation>Abstand zweier Punkte</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>a side</source>
      <translation>je Seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>bottom face</source>
      <translation>Unterseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>something else</source>
      <translation>etwas anderes</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/photo.py" />
      <source>top face</source>
      <translation>Oberseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>bundled</source>
      <translation>gebündelt</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>free air</source>
      <translation>frei in Luft</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>in sleeve</source>
      <translation>im Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>inside the pack's insulation</source>
      <translation>in der Isolierung des Packs</translation>
    </message>
    <message>
      <location filename="firmcell/core/model/wire_laying.py" />
      <source>two together</source>
      <translation>zwei zusammen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face.py" />
      <source>%1 face</source>
      <translation>%1seite</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>%1 × %2 mm outside</source>
      <translation>%1 × %2 mm außen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_labels.py" />
      <source>Top</source>
      <translation>Oben</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/face_wires.py" />
      <source>to B%1</source>
      <translation>zu B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>%1 °C, %2 mV</source>
      <translation>%1 °C, %2 mV</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>%1, contacts and fuse lose %2 mV at %3 A</source>
      <translation>%1, Kontakte und Sicherung verlieren %2 mV bei %3 A</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>both leads</source>
      <translation>beide Leitungen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>lug at the load</source>
      <translation>Kabelschuh am Verbraucher</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/lead.py" />
      <source>lug at the source</source>
      <translation>Kabelschuh an der Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/live_paint.py" />
      <source>bare metal, V against its lowest</source>
      <translation>blankes Metall, V gegen sein niedrigstes</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 A/mm²%2</source>
      <translation>%1 A/mm²%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 at the end of a run</source>
      <translation>%1 am Ende eines Laufs</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 empty, %2 full</source>
      <translation>%1 leer, %2 voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 face, at cell %2</source>
      <translation>%1seite, an Zelle %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 in place, %2 as a long strip</source>
      <translation>%1 an Ort und Stelle, %2 als langer Streifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mV in the whole loop</source>
      <translation>%1 mV im ganzen Kreis</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mV, %2 mW</source>
      <translation>%1 mV, %2 mW</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 mm of %2</source>
      <translation>%1 mm %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1 to %2 a group</source>
      <translation>%1 bis %2 je Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 % off an even part</source>
      <translation>%1, %2 % neben dem gleichen Anteil</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 layer%3</source>
      <translation>%1, Lagen: %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, %2 mm from the middle</source>
      <translation>%1, %2 mm von der Mitte</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>%1, trips at %2</source>
      <translation>%1, löst bei %2 aus</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Against B0; each next tap is one group more.</source>
      <translation>Gegen B0; jeder nächste Abgriff ist eine Gruppe mehr.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cell %1, group %2</source>
      <translation>Zelle %1, Gruppe %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cut length</source>
      <translation>Zuschnittlänge</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Cuts off</source>
      <translation>Schaltet ab</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Heat balance in still air, held to %1.</source>
      <translation>Wärmebilanz in stehender Luft, gehalten auf %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Joined by</source>
      <translation>Verbunden durch</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Lead</source>
      <translation>Leitung</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Reads now</source>
      <translation>Zeigt jetzt</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Solved on the real layout.</source>
      <translation>Gerechnet an der wirklichen Anordnung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>Tap %1</source>
      <translation>Abgriff %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>down (bottom face)</source>
      <translation>unten (Unterseite)</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>plus %1</source>
      <translation>plus %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/part_card.py" />
      <source>up (top face)</source>
      <translation>oben (Oberseite)</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/pocket.py" />
      <source>room for one cell</source>
      <translation>Platz für eine Zelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/run_paint.py" />
      <source>temperature</source>
      <translation>Temperatur</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>+ end</source>
      <translation>+ Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>One end, heights × %1</source>
      <translation>Ein Ende, Höhen × %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>Section through y = %1 mm</source>
      <translation>Schnitt durch y = %1 mm</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/section.py" />
      <source>in all %1 on each end</source>
      <translation>zusammen %1 an jedem Ende</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>board %1</source>
      <translation>Platine %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/single_cell.py" />
      <source>ring %1</source>
      <translation>Ring %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>+ and − are the ends you see on this face.</source>
      <translation>+ und − sind die Enden, die auf dieser Seite zu sehen sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>As it is handed over.</source>
      <translation>So wird er übergeben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Colour: where the strips stand on the scale below; numbers at the ten that stand highest.</source>
      <translation>Farbe: wo die Streifen auf der Skala darunter stehen; Zahlen an den zehn höchsten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Each sense lead on its face, by the rear long edge to the board.</source>
      <translation>Jede Messleitung auf ihrer Seite, über die hintere Längskante zur Platine.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Each tap as it read; outlined ones are not read yet.</source>
      <translation>Jeder Abgriff, wie er abgelesen wurde; umrandete sind noch nicht abgelesen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Main leads at their true thickness.</source>
      <translation>Hauptleitungen in ihrer wahren Dicke.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Number in the dark disc: group, from the negative end. Dashed: free place. Red: wrong here.</source>
      <translation>Zahl in der dunklen Scheibe: Gruppe, vom Minus an. Gestrichelt: freier Platz. Rot: hier falsch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Outline: outer size with sheets and sleeves.</source>
      <translation>Umriss: Außenmaß mit Folien und Schlauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>Solid: done. Outlined: still open. Bright: the step at hand.</source>
      <translation>Gefüllt: fertig. Umrandet: noch offen. Hell: der Schritt, der an der Reihe ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/stage_marks.py" />
      <source>The pack as it stands, to scale; grid 10 mm.</source>
      <translation>Der Pack, wie er steht, maßstäblich; Raster 10 mm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>heat</source>
      <translation>Wärme</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>share of limit</source>
      <translation>Anteil der Grenze</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>temperature in place</source>
      <translation>Temperatur am Ort</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>what follows if it lets go</source>
      <translation>was folgt, wenn sie sich löst</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/strip_colours.py" />
      <source>why it is there</source>
      <translation>warum es da ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/tray.py" />
      <source>tray</source>
      <translation>Wanne</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>From the charger, %1, over %2</source>
      <translation>Vom Ladegerät, %1, über %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>Outside the cells and strips it loses %1 and makes %2 W.</source>
      <translation>Außerhalb der Zellen und Streifen gehen %1 verloren, das sind %2 W.</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>Piece</source>
      <translation>Stück</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>To the load, %1 steady</source>
      <translation>Zum Verbraucher, %1 dauernd</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>board %1 to %2</source>
      <translation>Platine %1 an %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/way_table.py" />
      <source>the same connector</source>
      <translation>derselbe Stecker</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wet_jacket.py" />
      <source>wet jacket</source>
      <translation>Nassmantel</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>%1, minus at the foot</source>
      <translation>%1, Minus am Fuß</translation>
    </message>
    <message>
      <location filename="firmcell/core/pictures/wiring.py" />
      <source>two white</source>
      <translation>zwei weiße</translation>
    </message>
    <message>
      <location filename="firmcell/core/practice/live_order.py" />
      <source>holder pack</source>
      <translation>Halterpack</translation>
    </message>
    <message>
      <location filename="firmcell/core/practice/live_order.py" />
      <source>lead change</source>
      <translation>Leitungswechsel</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/event_words.py" />
      <source>%1 right%2</source>
      <translation>%1 richtig%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Black probe on</source>
      <translation>Schwarze Spitze auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>It sparked</source>
      <translation>Es hat gefunkt</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Note</source>
      <translation>Hinweis</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Peel force</source>
      <translation>Schälkraft</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Pulses</source>
      <translation>Impulse</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Red probe on</source>
      <translation>Rote Spitze auf</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Setting</source>
      <translation>Einstellung</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Strip lies flat, no burr, clear of the rim</source>
      <translation>Streifen liegt flach, kein Grat, frei vom Rand</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Test voltage</source>
      <translation>Prüfspannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Torn hole, diameter</source>
      <translation>Ausgerissenes Loch, Durchmesser</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Tug held</source>
      <translation>Zug hielt</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Weld pairs made</source>
      <translation>Gemachte Schweißpaare</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>Welder</source>
      <translation>Schweißgerät</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>a lamp or 1 kΩ across the two points</source>
      <translation>eine Lampe oder 1 kΩ zwischen den beiden Punkten</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>another strip roll</source>
      <translation>andere Streifenrolle</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>electrodes dressed</source>
      <translation>Elektroden nachgearbeitet</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>new electrodes</source>
      <translation>neue Elektroden</translation>
    </message>
    <message>
      <location filename="firmcell/core/records/events.py" />
      <source>the whole pack under one steady load</source>
      <translation>der ganze Pack unter einer gleichmäßigen Last</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A BMS that opens takes the power away in the middle of use.</source>
      <translation>Ein BMS, das öffnet, nimmt den Strom mitten im Einsatz weg.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>A board for another count leaves groups unwatched or is destroyed.</source>
      <translation>Eine Platine für eine andere Zahl lässt Gruppen unbewacht oder wird zerstört.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Put a fuse at each tap</source>
      <translation>An jeden Abgriff eine Sicherung setzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board %1 %2; %3 is asked of it.</source>
      <translation>Die Platine %1 %2; verlangt wird %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board is for %1 groups; the pack has %2.</source>
      <translation>Die Platine ist für %1 Gruppen; der Pack hat %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board overheats, or trips under normal load.</source>
      <translation>Die Platine überhitzt, oder löst bei gewöhnlicher Last aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The board sees the shift as a weak or strong group and cuts off early or late.</source>
      <translation>Die Platine hält die Verschiebung für eine schwache oder starke Gruppe und schaltet zu früh oder zu spät ab.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>The brief says it must never cut out by itself, and a BMS can open at any moment.</source>
      <translation>Die Vorgabe sagt, er darf nie von selbst abschalten, und ein BMS kann jederzeit öffnen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>There is no BMS: charge only with a balance charger, and set the load's cut-off at %1 or above.</source>
      <translation>Es gibt kein BMS: nur mit einem Balancer-Ladegerät laden, und die Abschaltung des Verbrauchers auf %1 oder höher stellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Two sense leads that touch at the plug are a short of one group through wire as thin as a hair.</source>
      <translation>Zwei Messleitungen, die sich am Stecker berühren, sind ein Kurzschluss einer Gruppe durch einen haardünnen Draht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Two sense leads that touch carry about %1 and melt in %2 s: %3 A fuses at the taps prevent it.</source>
      <translation>Zwei Messleitungen, die sich berühren, führen etwa %1 und schmelzen in %2 s: Sicherungen von %3 A an den Abgriffen verhindern es.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Under the steady load %1 reads %2 mV off its group's middle: more metal there, or join the lead elsewhere.</source>
      <translation>Unter der Dauerlast liegt %1 um %2 mV neben der Mitte seiner Gruppe: dort mehr Metall, oder die Leitung woanders anschließen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>What opens first should be what can be reset, and nothing may be damaged before it does.</source>
      <translation>Zuerst soll öffnen, was sich zurückstellen lässt, und davor darf nichts Schaden nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>Without a board the pack relies on a balance charger and on the load's cut-off.</source>
      <translation>Ohne Platine hängt der Pack an einem Balancer-Ladegerät und an der Abschaltung des Verbrauchers.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/bms.py" />
      <source>carries</source>
      <translation>trägt</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Above it a touch can injure; local codes may ask for licensed work and for covers.</source>
      <translation>Darüber kann eine Berührung verletzen; örtliche Vorschriften können befugte Fachleute und Abdeckungen verlangen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Below it the maker promises nothing: voltage breaks down under load, and a cell may be harmed.</source>
      <translation>Darunter verspricht der Hersteller nichts: die Spannung bricht unter Last zusammen, und eine Zelle kann Schaden nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Charging a lithium cell that is too cold plates metal inside it, which stays and may short it.</source>
      <translation>Wird eine zu kalte Lithiumzelle geladen, scheidet sich in ihr Metall ab, das bleibt und sie kurzschließen kann.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Full, it gives %1: over the touch limit of %2 d.c.</source>
      <translation>Voll gibt er %1: über der Berührungsgrenze von %2 Gleichspannung.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It gets wet and the cells are nickel: a sealed sleeve needs a vent, or must not be sealed.</source>
      <translation>Er wird nass und die Zellen sind Nickel: ein dichter Schlauch braucht eine Entlüftung, oder darf nicht dicht sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It is used down to %1; this cell is made to give current from %2 on.</source>
      <translation>Er wird bis %1 eingesetzt; diese Zelle ist dafür gemacht, ab %2 Strom zu geben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>It is used down to %1; this cell must not be charged below %2.</source>
      <translation>Er wird bis %1 eingesetzt; diese Zelle darf unter %2 nicht geladen werden.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/brief.py" />
      <source>Nickel cells can give off hydrogen; a gas-tight sleeve collects it.</source>
      <translation>Nickelzellen können Wasserstoff abgeben; ein gasdichter Schlauch sammelt ihn.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>A cell outside its window is damaged; charging it again may start a fire.</source>
      <translation>Eine Zelle außerhalb ihres Bereichs ist beschädigt; sie wieder zu laden kann einen Brand auslösen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Above its continuous current a cell overheats and ages within weeks; it may vent.</source>
      <translation>Über ihrem Dauerstrom überhitzt eine Zelle und altert in Wochen; sie kann abblasen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Charge with %1</source>
      <translation>Laden mit %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Charging too fast plates lithium or overheats the cell.</source>
      <translation>Zu schnelles Laden scheidet Lithium ab oder überhitzt die Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 at the peak; its limit is %2.</source>
      <translation>Jede Zelle gibt in der Spitze %1; ihre Grenze ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Each cell gives %1 steadily; its limit is %2.</source>
      <translation>Jede Zelle gibt dauernd %1; ihre Grenze ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>Make it %1S%2P</source>
      <translation>%1S%2P daraus machen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The cells measure %1; sound ones lie between %2 and %3.</source>
      <translation>Die Zellen messen %1; gesunde liegen zwischen %2 und %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The charger gives %1; %2 %3.</source>
      <translation>Das Ladegerät gibt %1; %2 %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/cells.py" />
      <source>The peak rating already allows for its short time.</source>
      <translation>Der Spitzenwert berücksichtigt seine kurze Zeit schon.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>A fuse outside these blows in use, comes too late, or burns on as an arc.</source>
      <translation>Eine Sicherung außerhalb davon brennt im Betrieb durch, kommt zu spät, oder brennt als Lichtbogen weiter.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>A short in the leads is then limited only by the cells.</source>
      <translation>Einen Kurzschluss in den Leitungen begrenzen dann nur die Zellen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>At those currents the wire or strip is damaged before the fuse opens.</source>
      <translation>Bei diesen Strömen nehmen Leitung oder Streifen Schaden, bevor die Sicherung öffnet.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Between %1 and %2 the %3 may open later than the %4 wire stands.</source>
      <translation>Zwischen %1 und %2 kann %3 später öffnen, als die Leitung (%4) aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>From %1 the %2 may open later than the collecting strip stands.</source>
      <translation>Ab %1 kann %2 später öffnen, als der Sammelstreifen aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>It blows, or ages a little at each plugging in and blows one day in use.</source>
      <translation>Sie brennt durch, oder altert bei jedem Einstecken ein wenig und brennt eines Tages im Betrieb durch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Plugging in lets %1 A²s through the %2, which melts from %3 A²s: precharge with %4 Ω.</source>
      <translation>Beim Einstecken gehen %1 A²s durch %2, die ab %3 A²s schmilzt: über %4 Ω vorladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Put the fuse at the pack</source>
      <translation>Die Sicherung an den Pack setzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Strip that glows before the fuse opens burns what lies on it.</source>
      <translation>Ein Streifen, der glüht, bevor die Sicherung öffnet, verbrennt, was auf ihm liegt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse holds %1, the wire carries %2.</source>
      <translation>Die Sicherung hält %1, die Leitung trägt %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse is for %1 d.c.; the full pack gives %2 and would hold an arc.</source>
      <translation>Die Sicherung ist für %1 Gleichspannung; der volle Pack gibt %2 und würde einen Lichtbogen halten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>The fuse is rated %1; this load, with its peak of %2, needs %3 of this kind so that it does not blow in use.</source>
      <translation>Die Sicherung hat %1 Nennstrom; dieser Verbraucher mit seiner Spitze von %2 braucht %3 dieser Art, damit sie im Betrieb nicht durchbrennt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>There is no fuse: a short drives about %1, which the wire withstands for %2 s.</source>
      <translation>Es gibt keine Sicherung: ein Kurzschluss treibt etwa %1, was die Leitung %2 s aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Use a %1</source>
      <translation>Nehmen: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/fuses.py" />
      <source>Use a %1 and %2</source>
      <translation>%1 und %2 nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>%1 is %2 flat; it slides on from %3.</source>
      <translation>%1 ist %2 flach; aufschieben lässt er sich ab %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>%1 shrinks to %2 flat; the pack is %3, so it stays loose.</source>
      <translation>%1 schrumpft auf %2 flach; der Pack hat %3, er bleibt also lose.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>A sleeve that is forced on tears at the first corner; one that is loose protects nothing.</source>
      <translation>Ein aufgezwängter Schlauch reißt an der ersten Ecke; ein loser schützt nichts.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Bare joints and rims are live; extra insulation weighs two or three grams.</source>
      <translation>Blanke Verbindungen und Ränder stehen unter Spannung; zusätzliche Isolierung wiegt zwei, drei Gramm.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Carriers ask for it; the rating in watt-hours is marked on the case.</source>
      <translation>Beförderer verlangen es; die Wattstunden stehen auf dem Gehäuse.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>For transport this is a %1.</source>
      <translation>Für den Versand ist dies eine %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>One sleeve leaves both ends open; a second across it closes them.</source>
      <translation>Ein Schlauch lässt beide Enden offen; ein zweiter quer dazu schließt sie.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>One sleeve leaves the ends open, and it gets wet or shaken.</source>
      <translation>Ein Schlauch lässt die Enden offen, und er wird nass oder gerüttelt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Strip edges wear through sleeve in use.</source>
      <translation>Streifenkanten scheuern sich im Gebrauch durch den Schlauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The pack has no sleeve.</source>
      <translation>Der Pack hat keinen Schlauch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The second sleeve</source>
      <translation>Der zweite Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The sheet over the joints is %1 mm; 0.10 mm is the least.</source>
      <translation>Die Folie über den Verbindungen hat %1 mm; 0,10 mm ist das wenigste.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>The sleeve</source>
      <translation>Der Schlauch</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Use %1 across</source>
      <translation>%1 quer nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/insulation.py" />
      <source>Use 0.25 mm sheet</source>
      <translation>Folie von 0,25 mm nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 cells stand</source>
      <translation>%1 Zellen stehen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 of groups %2 and %3 touch%4 the other group</source>
      <translation>%1 der Gruppen %2 und %3 berühren die andere Gruppe</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 the load sees %2 %3; it needs %4. Measure the cells.</source>
      <translation>%1 sieht der Verbraucher %2 %3; er braucht %4. Die Zellen messen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>%1 too near to the edge of the space or a blocked place: %2, %3 is needed for clearance, sheet and sleeve. Find places anew, or move it.</source>
      <translation>%1 zu nah am Rand des Raums oder an einem gesperrten Platz: %2, nötig sind %3 für Luft, Folie und Schlauch. Plätze neu suchen, oder sie verschieben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A cell pressed against the wall or a post is dented or rubs its wrap through.</source>
      <translation>Eine gegen Wand oder Steg gedrückte Zelle wird eingedellt oder scheuert ihre Hülle durch.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A full pack above what the load accepts destroys the load at first plugging in.</source>
      <translation>Ein voller Pack über dem, was der Verbraucher verträgt, zerstört ihn beim ersten Einstecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>A pack that is squeezed in presses on cells, wraps and joints.</source>
      <translation>Ein eingezwängter Pack drückt auf Zellen, Hüllen und Verbindungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Arrange the cells %1 across, %2</source>
      <translation>Die Zellen %1 quer anordnen, %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1 it may give as little as %2; %3 is wanted. The run on the Brief page works it out for the whole pack.</source>
      <translation>Bei %1 kann er nur %2 geben; gewünscht sind %3. Der Lauf auf der Seite Vorgabe rechnet es für den ganzen Pack aus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1 the peak will pull the load down to %2 once the cells are worn; it needs %3.</source>
      <translation>Bei %1 zieht die Spitze den Verbraucher auf %2, sobald die Zellen verbraucht sind; er braucht %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>At %1, full and rested, the peak of %2 pulls the load down to %3; it needs %4. Warm the pack first, or take more cells in parallel.</source>
      <translation>Bei %1, voll und ausgeruht, zieht die Spitze von %2 den Verbraucher auf %3; er braucht %4. Den Pack vorher wärmen, oder mehr Zellen parallel nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cell %1 stands</source>
      <translation>Zelle %1 steht</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells of a class differ; until they are measured the pack may be one of the weaker ones.</source>
      <translation>Zellen einer Klasse sind verschieden; bis sie gemessen sind, kann der Pack einer der schwächeren sein.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cells without a link of their own send their current along the parallel strip.</source>
      <translation>Zellen ohne eigenen Übergang schicken ihren Strom über den Parallelstreifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Cold cells resist more: a load that runs in summer may not start in winter.</source>
      <translation>Kalte Zellen haben mehr Widerstand: was im Sommer läuft, startet im Winter vielleicht nicht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Fully charged it gives %1; the load accepts %2.</source>
      <translation>Voll geladen gibt er %1; der Verbraucher verträgt %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It delivers %1 to the load; %2 is wanted.</source>
      <translation>Er liefert dem Verbraucher %1; gewünscht sind %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It does not fit the space with the clearance asked for: %1.</source>
      <translation>Er passt nicht mit der verlangten Luft in den Raum: %1.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It weighs %1 without the insulation; the limit is %2.</source>
      <translation>Er wiegt ohne die Isolierung %1; die Grenze ist %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>It will not run as long as asked.</source>
      <translation>Er läuft nicht so lange wie verlangt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Only %1 of %2</source>
      <translation>Nur %1 von %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>Put each group in one column, %1 across</source>
      <translation>Jede Gruppe in eine Spalte setzen, %1 quer</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The limit was set in the brief.</source>
      <translation>Die Grenze wurde in der Vorgabe gesetzt.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The load sees %1 %2; it needs %3.</source>
      <translation>Der Verbraucher sieht %1 %2; er braucht %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>The load switches off before the cells are empty.</source>
      <translation>Der Verbraucher schaltet ab, bevor die Zellen leer sind.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>With cells that resist as much as any of their class</source>
      <translation>Mit Zellen von so viel Widerstand wie nur irgendeine ihrer Klasse</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>at the peak with %1 left</source>
      <translation>in der Spitze, wenn %1 übrig sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>at the steady current with %1 left</source>
      <translation>beim Dauerstrom, wenn %1 übrig sind</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/layout.py" />
      <source>es</source>
      <translation>es</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 and a %2</source>
      <translation>%1 und %2</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>%1 of the voltage is lost inside at the steady current: %2 W of heat in cells and strips.</source>
      <translation>%1 der Spannung gehen beim Dauerstrom im Inneren verloren: %2 W Wärme in Zellen und Streifen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>A lead this hot softens sleeve and connector, and burns the hand.</source>
      <translation>Eine so heiße Leitung erweicht Schlauch und Stecker und verbrennt die Hand.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>At the peak the leads lose %1; %2 is allowed.</source>
      <translation>In der Spitze verlieren die Leitungen %1; erlaubt sind %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Cells, strips and leads all warm with the square of the current.</source>
      <translation>Zellen, Streifen und Leitungen erwärmen sich alle mit dem Quadrat des Stroms.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>In the peak of %1 the contacts reach %2%3; %4 is what the body stands.</source>
      <translation>In der Spitze von %1 erreichen die Kontakte %2%3; %4 ist, was das Gehäuse aushält.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Overloaded contacts melt their housing, and then the poles can touch.</source>
      <translation>Überlastete Kontakte schmelzen ihr Gehäuse, und dann können die Pole sich berühren.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Plugging in charges the load's capacitors with %1 J through the contacts: use a spark-limiting connector, or precharge through %2 Ω, %3 W.</source>
      <translation>Beim Einstecken werden die Kondensatoren des Verbrauchers mit %1 J durch die Kontakte geladen: einen funkenhemmenden Stecker nehmen, oder über %2 Ω, %3 W vorladen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The connector carries %1 at %2, limited by %3; %4 is drawn.</source>
      <translation>Der Stecker trägt %1 bei %2, begrenzt durch %3; entnommen werden %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The leads lose %1; %2 is allowed.</source>
      <translation>Die Leitungen verlieren %1; erlaubt sind %2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>The spark eats the contacts at each mating.</source>
      <translation>Der Funke frisst die Kontakte bei jedem Stecken.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/leads.py" />
      <source>Voltage lost in the leads is lost to the load and warms the leads.</source>
      <translation>In den Leitungen verlorene Spannung fehlt dem Verbraucher und wärmt die Leitungen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>The bar ends that bear the lugs reach up to %1 past the cells, which the outer size does not count: leave that room, or bend them round the edge of the pack over insulation.</source>
      <translation>Die Schienenenden mit den Kabelschuhen ragen bis zu %1 über die Zellen hinaus, was das Außenmaß nicht zählt: diesen Raum lassen, oder sie über Isolierung um die Kante des Packs biegen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/lugs.py" />
      <source>The outer size counts cells, sheet and sleeve, not bars that stick out.</source>
      <translation>Das Außenmaß zählt Zellen, Folie und Schlauch, keine herausragenden Schienen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>A cell above its greatest temperature ages fast, and gives off gas where it goes on.</source>
      <translation>Eine Zelle über ihrer höchsten Temperatur altert schnell, und gibt Gas ab, wenn es so weitergeht.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>A collecting strip carries more the nearer it is to the lead.</source>
      <translation>Ein Sammelstreifen trägt mehr, je näher er der Leitung ist.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>After the peak %1 may be at %2; %3 is allowed.</source>
      <translation>Nach der Spitze kann %1 auf %2 sein; erlaubt sind %3.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>At %1 the strips do not settle at any temperature%2.</source>
      <translation>Bei %1 kommen die Streifen bei keiner Temperatur zur Ruhe%2.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Cell %1 of group %2 carries %3 % %4 than its even part; %5 %6 off by more than %7 %.</source>
      <translation>Zelle %1 der Gruppe %2 trägt %3 % %4 als ihren gleichen Anteil; %5 %6 um mehr als %7 % daneben.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Hot metal resists more and gets hotter still; there is no temperature at which it would stay.</source>
      <translation>Heißes Metall hat mehr Widerstand und wird noch heißer; es gibt keine Temperatur, bei der es bliebe.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Hot strip ripples, sags on to the rim and melts the wrap; the rim is the other pole.</source>
      <translation>Heißer Streifen wirft Wellen, sinkt auf den Rand und schmilzt die Hülle; der Rand ist der andere Pol.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The cell that carries most ages first and takes its whole group along.</source>
      <translation>Die Zelle, die am meisten trägt, altert zuerst und nimmt ihre ganze Gruppe mit.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The end of the collecting strip at the %1 lead carries %2 of %3, %4 × %5.</source>
      <translation>Das Ende des Sammelstreifens an der Leitung %1 trägt %2 von %3, %4 × %5.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>The peak alone brings the strip past the cell's temperature limit.</source>
      <translation>Schon die Spitze allein bringt den Streifen über die Temperaturgrenze der Zelle.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>Use %1 layers</source>
      <translation>%1 Lagen nehmen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>a collecting strip</source>
      <translation>ein Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>more</source>
      <translation>mehr</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strip_load.py" />
      <source>the series links</source>
      <translation>die Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>%1 are %2 wide; a screw of %3 asks for %4.</source>
      <translation>%1 sind %2 breit; eine Schraube %3 verlangt %4.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>A round cell has no thread to screw into: weld it, or take cells with factory tabs.</source>
      <translation>Eine runde Zelle hat kein Gewinde: schweißen, oder Zellen mit werkseitigen Fahnen nehmen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Collecting strips</source>
      <translation>Sammelstreifen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Join by %1</source>
      <translation>Verbinden durch %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Put a ring on every positive end</source>
      <translation>Auf jedes Plusende einen Ring setzen</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Round the hole of a screw the current has only what is left of the bar, and the washer no seat.</source>
      <translation>Um das Loch einer Schraube hat der Strom nur, was von der Schiene übrig ist, und die Scheibe keinen Sitz.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Series links</source>
      <translation>Reihenverbinder</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Soldered straight on the cell: schools differ. With 70 W or more and a wide tip, under 3 s a joint; cells with factory tabs are safer.</source>
      <translation>Direkt auf die Zelle gelötet: die Meinungen gehen auseinander. Mit 70 W oder mehr und breiter Spitze, unter 3 s je Verbindung; Zellen mit werkseitigen Fahnen sind sicherer.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>Strip runs over the rim of every positive end (the metal there is %1 wide) and there is no ring between.</source>
      <translation>Streifen läuft über den Rand jedes Plusendes (das Metall dort ist %1 breit), und kein Ring liegt dazwischen.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>The can is negative right up to the rim; strip over the rim is positive.</source>
      <translation>Der Becher ist bis zum Rand hinauf Minus; der Streifen über dem Rand ist Plus.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/strips.py" />
      <source>What joins strip to a cell depends on what its terminals are made of, and on how much heat they lead inside.</source>
      <translation>Was Streifen mit einer Zelle verbindet, hängt davon ab, woraus ihre Pole sind und wie viel Wärme sie nach innen leiten.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/table.py" />
      <source>common practice, no source</source>
      <translation>übliche Praxis, ohne Quelle</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>A fuse behind the end of the lead is not in it.</source>
      <translation>Eine Sicherung hinter dem Ende der Leitung ist nicht in ihr.</translation>
    </message>
    <message>
      <location filename="firmcell/core/rules/wiring.py" />
      <source>The fuse is to lie %1 mm from the pack; the lead is %2 mm long.</source>
      <translation>Die Sicherung soll %1 mm vom Pack liegen; die Leitung ist %2 mm lang.</translation>
    </message>
    <message>
      <location filename="firmcell/core/run/run_result.py" />
      <source>full</source>
      <translation>voll</translation>
    </message>
    <message>
      <location filename="firmcell/core/stock/ways.py" />
      <source>Work plan</source>
      <translation>Arbeitsplan</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>%1: not read yet</source>
      <translation>%1: noch nicht abgelesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>B%1 to B%2</source>
      <translation>B%1 bis B%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/group_verdicts.py" />
      <source>No tap is read yet. Black probe on B0, then B1, B2 … in order.</source>
      <translation>Noch kein Abgriff abgelesen. Schwarze Spitze auf B0, dann B1, B2 … der Reihe nach.</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>group %1 at B%2</source>
      <translation>Gruppe %1 bei B%2</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>pin B%1</source>
      <translation>Pin B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/points.py" />
      <source>strip B%1</source>
      <translation>Streifen B%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>A lamp or 1 kΩ from each pin to the next: no reading falls by more than 3 %</source>
      <translation>Eine Lampe oder 1 kΩ von jedem Pin zum nächsten: keine Ablesung fällt um mehr als 3 %</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Each group read under one steady load: none sags more than the others</source>
      <translation>Jede Gruppe unter einer gleichmäßigen Last abgelesen: keine bricht stärker ein als die anderen</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Every strip tugged at every cell: none lifts</source>
      <translation>An jedem Streifen bei jeder Zelle gezogen: keiner löst sich</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Groups counted on the pack itself: %1</source>
      <translation>Gruppen am Pack selbst gezählt: %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Pin B0 against the pack's minus strip and pin %1 against its plus strip: nothing</source>
      <translation>Pin B0 gegen den Minusstreifen des Packs und Pin %1 gegen seinen Plusstreifen: nichts</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>Red probe in the volt socket, proven on a cell</source>
      <translation>Rote Spitze in der Spannungsbuchse, an einer Zelle geprüft</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>The chemistry printed on every cell is that of the design</source>
      <translation>Die auf jeder Zelle gedruckte Chemie ist die des Entwurfs</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>The plug was out of the board at every reading</source>
      <translation>Der Stecker war bei jeder Ablesung aus der Platine</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cell of another chemistry at this voltage</source>
      <translation>eine Zelle anderer Chemie bei dieser Spannung</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cell that is not joined to its group</source>
      <translation>eine Zelle, die nicht mit ihrer Gruppe verbunden ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a cold joint, a link that leaks, a tap on the other side of an open link</source>
      <translation>eine kalte Lötstelle, ein Übergang mit Widerstand, ein Abgriff jenseits eines offenen Übergangs</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a group too many, or one beyond the last tap</source>
      <translation>eine Gruppe zu viel, oder eine hinter dem letzten Abgriff</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a lead held by a strand or by dirt, or one that floats and reads right by chance</source>
      <translation>eine Leitung, die nur an einer Litze oder an Schmutz hängt, oder eine offene, die zufällig richtig anzeigt</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a lead missing while the plug is in the board</source>
      <translation>eine Leitung fehlt, während der Stecker in der Platine ist</translation>
    </message>
    <message>
      <location filename="firmcell/core/tap_check/unseen.py" />
      <source>a plug on mirrored, read with the meter's probes exchanged</source>
      <translation>ein spiegelverkehrter Stecker, mit vertauschten Messspitzen abgelesen</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board B−</source>
      <translation>Platine B−</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>board P%1</source>
      <translation>Platine P%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/other_wiring.py" />
      <source>source, %1</source>
      <translation>Quelle, %1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/pack_wiring.py" />
      <source>fuse, pack side</source>
      <translation>Sicherung, Packseite</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/sense_wiring.py" />
      <source>NTC%1</source>
      <translation>NTC%1</translation>
    </message>
    <message>
      <location filename="firmcell/core/wiring/sense_wiring.py" />
      <source>board NTC%1</source>
      <translation>Platine NTC%1</translation>
    </message>
    <message>
      <location filename="firmcell/register/cells_csv.py" />
      <source>resistance</source>
      <translation>Widerstand</translation>
    </message>
    <message>
      <location filename="firmcell/shop.py" />
      <source>new pack</source>
      <translation>neuer Pack</translation>
    </message>
    <message>
      <location filename="firmcell/store/format_1.py" />
      <source>BMS retrofit</source>
      <translation>BMS-Nachrüstung</translation>
    </message>
    <message>
      <location filename="firmcell/store/format_1.py" />
      <source>cell with board</source>
      <translation>Zelle mit Platine</translation>
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
      <translation>je</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 (middle of the lug %2 past its pad, drilled for %3).</source>
      <translation>%1 (Mitte des Kabelschuhs %2 hinter seiner Polfläche, gebohrt für %3).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 (steady)</source>
      <translation>%1 (dauernd)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 A of %2 A (%3 %) between %4 and %5</source>
      <translation>%1 A von %2 A (%3 %) zwischen %4 und %5</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 V, %2 groups of %3</source>
      <translation>%1 V, %2 Gruppen zu %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the peak with %2 left</source>
      <translation>%1 in der Spitze, wenn %2 übrig sind</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 at the steady current with %2 left</source>
      <translation>%1 beim Dauerstrom, wenn %2 übrig sind</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 carries %2 at %3; %4 is drawn (it would burn its insulation).</source>
      <translation>%1 trägt %2 bei %3; entnommen werden %4 (ihre Isolierung würde verbrennen).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 carries %2 at %3; %4 is drawn (it would reach %5).</source>
      <translation>%1 trägt %2 bei %3; entnommen werden %4 (sie würde %5 erreichen).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 columns</source>
      <translation>%1 Spalten</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 in %2 layers</source>
      <translation>%1 in %2 Lagen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 iron or more, about %2; strip %3.</source>
      <translation>Lötkolben mit %1 oder mehr, etwa %2; %3 abisolieren.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 m each, %2, to %3</source>
      <translation>je %1 m, %2, zu %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 mm apart</source>
      <translation>%1 mm auseinander</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 of %2 steps are not passed; the next is “%3”.</source>
      <translation>%1 von %2 Schritten sind nicht bestanden; der nächste ist „%3“.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on the bottom (weld pairs)</source>
      <translation>%1 unten (Schweißpaare)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top (weld pairs)</source>
      <translation>%1 oben (Schweißpaare)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 on top, %2 on the bottom (weld pairs)</source>
      <translation>%1 oben, %2 unten (Schweißpaare)</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series link of %3, %4 long. %5 in all.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang. Zusammen %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series links of %3, %4 long.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strip first, then %2 series links of %3, %4 long. %5 in all.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang. Zusammen %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series link of %3, %4 long.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series links of %3, %4 long.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 parallel strips first, then %2 series links of %3, %4 long. %5 in all.</source>
      <translation>Zuerst %1 Parallelstreifen, dann %2 Reihenverbinder aus %3, %4 lang. Zusammen %5.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 screwed joints in all.</source>
      <translation>Zusammen %1 Schraubverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 screwed joints.</source>
      <translation>%1 Schraubverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series link of %2, %3 long.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series link of %2, %3 long. %4 in all.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang. Zusammen %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series links of %2, %3 long.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 series links of %2, %3 long. %4 in all.</source>
      <translation>%1 Reihenverbinder aus %2, %3 lang. Zusammen %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 soldered joints in all.</source>
      <translation>Zusammen %1 Lötverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 soldered joints.</source>
      <translation>%1 Lötverbindungen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 takes about %2 h from empty: end it by the clock and stay with it.</source>
      <translation>%1 brauchen etwa %2 h von leer: nach der Uhr beenden und dabeibleiben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 weld pairs in all.</source>
      <translation>Zusammen %1 Schweißpaare.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1 · hold point</source>
      <translation>%1 · Haltepunkt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, %2 long. %3 in all.</source>
      <translation>%1, %2 lang. Zusammen %3.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, each lead %2.</source>
      <translation>%1, jede Leitung %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the half with shrouded female contacts.</source>
      <translation>%1, die Hälfte mit geschützten Buchsenkontakten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1, the receptacle with female contacts.</source>
      <translation>%1, die Buchsenhälfte mit Buchsenkontakten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>%1; hold still until the shine goes dull</source>
      <translation>%1; stillhalten, bis der Glanz matt wird</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>A mate cannot hold them straight.</source>
      <translation>Ein Gegenstück kann sie nicht gerade halten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>About %1 of work left, and %2 by the clock.</source>
      <translation>Noch etwa %1 Arbeit, und %2 nach der Uhr.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>About %1 of work left.</source>
      <translation>Noch etwa %1 Arbeit.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Arrange the cells %1 across</source>
      <translation>Die Zellen %1 quer anordnen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At %1 %2 may blow before the board trips</source>
      <translation>Bei %1 kann %2 durchbrennen, bevor die Platine auslöst</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4, up to %5 by how cells of its class and still air differ; %6 is allowed.</source>
      <translation>Am Ende eines Laufs mit %1 bei %2 hat Zelle %3 etwa %4, bis zu %5, je nachdem, wie Zellen ihrer Klasse und stehende Luft sich unterscheiden; erlaubt sind %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>At the end of a run at %1 in %2 cell %3 is at about %4, up to %5 by how cells of its class and still air differ; %6 is allowed: run it shorter, cool it, or take more cells in parallel.</source>
      <translation>Am Ende eines Laufs mit %1 bei %2 hat Zelle %3 etwa %4, bis zu %5, je nachdem, wie Zellen ihrer Klasse und stehende Luft sich unterscheiden; erlaubt sind %6: kürzer laufen lassen, kühlen, oder mehr Zellen parallel nehmen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and %3, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Jetzt blank und unter Spannung: bis zu %1. Am gefährlichsten: %2 und %3, %4 mm auseinander, %5; ein Werkzeug quer darüber treibt etwa %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live now: up to %1. Most dangerous: %2 and rim of cell %3, which is its minus, %4 mm apart, %5; a tool across them drives about %6.</source>
      <translation>Jetzt blank und unter Spannung: bis zu %1. Am gefährlichsten: %2 und der Rand von Zelle %3, der ihr Minus ist, %4 mm auseinander, %5; ein Werkzeug quer darüber treibt etwa %6.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live: up to %1.</source>
      <translation>Blank und unter Spannung: bis zu %1.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bare and live: up to %1. %2 and %3: %4.</source>
      <translation>Blank und unter Spannung: bis zu %1. %2 und %3: %4.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Below 60 V it may be left out.</source>
      <translation>Unter 60 V darf es entfallen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Beside the main lead the collecting strip carries %1 of %2 (%3 as a long strip, %4 in place; judged by %5).</source>
      <translation>Neben der Hauptleitung trägt der Sammelstreifen %1 von %2 (%3 als langer Streifen, %4 an Ort und Stelle; beurteilt nach: %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black on</source>
      <translation>Schwarz auf</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, red on %1, B2 … in order, at the free end of the sense plug. Enter each reading in Tests.</source>
      <translation>Schwarze Spitze auf B0, Rot auf %1, B2 … der Reihe nach, am freien Ende des Messsteckers. Jede Ablesung unter Prüfungen eingeben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, red on %1, B2 … in order, on the strips, through the flaps in the sheet. Enter each reading in Tests.</source>
      <translation>Schwarze Spitze auf B0, Rot auf %1, B2 … der Reihe nach, auf den Streifen, durch die Klappen in der Folie. Jede Ablesung unter Prüfungen eingeben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Black probe on B0, then B1, B2 … in order.</source>
      <translation>Schwarze Spitze auf B0, dann B1, B2 … der Reihe nach.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Board's pad %1, printed B%2</source>
      <translation>Anschluss %1 der Platine, bedruckt mit B%2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bottom, turned over about the long axis: %1</source>
      <translation>Unten, um die lange Achse gewendet: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Bottom, turned over about the short axis: %1</source>
      <translation>Unten, um die kurze Achse gewendet: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Capacity %1</source>
      <translation>Kapazität %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cell %1 minus</source>
      <translation>Zelle %1 minus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cell %1 plus</source>
      <translation>Zelle %1 plus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Cells %1</source>
      <translation>Zellen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Charge: a tenth of the capacity for 16 h, or fast charge ended by −ΔV 5 to 10 mV a cell or 1 K/min, with a time limit behind both.</source>
      <translation>Laden: ein Zehntel der Kapazität für 16 h, oder Schnellladen, beendet durch −ΔV von 5 bis 10 mV je Zelle oder 1 K/min, mit einer Zeitgrenze dahinter.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Check the order of pads against the wire list:</source>
      <translation>Die Reihenfolge der Anschlüsse mit der Leitungsliste vergleichen:</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Check the order of pads against the wire list: %1</source>
      <translation>Die Reihenfolge der Anschlüsse mit der Leitungsliste vergleichen: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Collecting strip of B%1</source>
      <translation>Sammelstreifen von B%1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Collecting strips carry %1</source>
      <translation>Sammelstreifen tragen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Crimp a ring lug for %1 on the %2, sleeve it, and set it under the screw of %3 at about %4 (the cell's sheet goes before that). Finish, sleeve and cover it before the other conductor is touched.</source>
      <translation>Einen Ringkabelschuh für %1 crimpen (%2), Schlauch darüber, und unter die Schraube setzen: %3, mit etwa %4 (das Blatt der Zelle geht vor). Fertigstellen, Schlauch und Abdeckung darauf, bevor der andere Leiter berührt wird.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Each cell end is roughened, fluxed, tinned in under 3 s and left to cool hand-warm before its strip comes on.</source>
      <translation>Jedes Zellende wird aufgeraut, mit Flussmittel in unter 3 s verzinnt und handwarm abgekühlt, bevor sein Streifen daraufkommt.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Each pole</source>
      <translation>Jeder Pol</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Elsewhere it may drive %1.</source>
      <translation>Anderswo kann es %1 treiben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Energy %1</source>
      <translation>Energie %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Enter each reading in Tests.</source>
      <translation>Jede Ablesung unter Prüfungen eingeben.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Expect: on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>Erwartet: auf der anderen Seite, Minus von Gruppe %1 an Plus von Gruppe %2: %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Feel or measure the strips near the leads, then load it steadily for a minute.</source>
      <translation>Die Streifen nahe den Leitungen fühlen oder messen, dann eine Minute gleichmäßig belasten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Find places in the Layout stage</source>
      <translation>Im Abschnitt Anordnung Plätze suchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Find places in the Layout stage, or try another lattice or one cell fewer in parallel</source>
      <translation>Im Abschnitt Anordnung Plätze suchen, oder ein anderes Raster oder eine Zelle weniger parallel versuchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Finish, sleeve and cover it before the other conductor is touched</source>
      <translation>Fertigstellen, Schlauch und Abdeckung darauf, bevor der andere Leiter berührt wird</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>First %1 on the pads, then the strip on it, welded through both</source>
      <translation>Zuerst %1 auf die Polflächen, dann den Streifen darauf, durch beide geschweißt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>First %1 on the pads, then the strip on it.</source>
      <translation>Zuerst %1 auf die Polflächen, dann den Streifen darauf.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>From %1 to %2 neither board nor fuse protects the wire's insulation.</source>
      <translation>Von %1 bis %2 schützt weder Platine noch Sicherung die Isolierung der Leitung.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Full %1</source>
      <translation>Voll %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Insulation: from the inside out</source>
      <translation>Isolierung: von innen nach außen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Its contacts are loose: the cap goes on the wires before anything else; hold each contact in a jig while it is joined, then push it into the body until it latches, and tug.</source>
      <translation>Seine Kontakte sind lose: die Kappe kommt vor allem anderen auf die Leitungen; jeden Kontakt beim Verbinden in einer Vorrichtung halten, dann ins Gehäuse drücken, bis er einrastet, und ziehen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Leaking, or smells</source>
      <translation>Undicht, oder riecht</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Mass %1</source>
      <translation>Masse %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Measure each group from its minus to its plus, the pack on its long side so that both faces can be reached, then each joined pair of groups between its free ends on the other face.</source>
      <translation>Jede Gruppe von ihrem Minus zu ihrem Plus messen, den Pack auf seiner Längsseite, sodass beide Seiten erreichbar sind, dann jedes verbundene Gruppenpaar zwischen seinen freien Enden auf der anderen Seite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Measure each group from its minus to its plus, the pack on its long side so that both faces can be reached, then each joined pair of groups through the flaps of the other face.</source>
      <translation>Jede Gruppe von ihrem Minus zu ihrem Plus messen, den Pack auf seiner Längsseite, sodass beide Seiten erreichbar sind, dann jedes verbundene Gruppenpaar durch die Klappen der anderen Seite.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Minus and plus as the signs moulded on the body say.</source>
      <translation>Minus und Plus nach den Zeichen im Gehäuse.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>No tap is read yet.</source>
      <translation>Noch kein Abgriff abgelesen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Nominal %1</source>
      <translation>Nennwert %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Now: %1</source>
      <translation>Jetzt: %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>One quick test each</source>
      <translation>Für jede eine kurze Prüfung</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Outside, mm %1</source>
      <translation>Außen, mm %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Past the board nothing would ever switch the pack off.</source>
      <translation>An der Platine vorbei würde nichts den Pack je abschalten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Plug place %1, printed B%2</source>
      <translation>Steckerplatz %1, bedruckt mit B%2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Say in Brief what is done against a touch before it is built.</source>
      <translation>In der Vorgabe sagen, was gegen Berühren getan wird, bevor er gebaut wird.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Series links carry %1</source>
      <translation>Reihenverbinder tragen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Series links carry %1 of %2 (%3 as a long strip, %4 in place; judged by %5).</source>
      <translation>Reihenverbinder tragen %1 von %2 (%3 als langer Streifen, %4 an Ort und Stelle; beurteilt nach: %5).</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Sleeve on the wire first, far back from the heat.</source>
      <translation>Zuerst den Schlauch auf die Leitung, weit weg von der Hitze.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Solder the minus lead to the tail of the collecting strip B%1 at cell %2.</source>
      <translation>Die Minusleitung anlöten: am Ende des Sammelstreifens B%1 an Zelle %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Solder the plus lead to the tail of the collecting strip B%1 at cell %2.</source>
      <translation>Die Plusleitung anlöten: am Ende des Sammelstreifens B%1 an Zelle %2.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand each cell in its numbered place, in the holder or on the template printed at 1:1; group %1 with plus up, each next group the other way. Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Jede Zelle an ihren nummerierten Platz stellen, im Halter oder auf der 1:1 gedruckten Schablone; Gruppe %1 mit Plus nach oben, jede nächste andersherum. Band oder Halter zwischen benachbarten Zellen: zwei durchgescheuerte Hüllen sind ein Kurzschluss. + und − neben den Gruppen auf die Werkbank schreiben und bis zum Ende stehen lassen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand the cells %1 across</source>
      <translation>Die Zellen %1 quer stellen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Stand the cells %1 across, %2, group by group as drawn; group %3 with plus up, each next group the other way. Tape or a holder between neighbouring cells: two wraps chafed through are a short. Write + and − on the bench beside the groups and leave the marks to the end.</source>
      <translation>Die Zellen %1 quer stellen, %2, Gruppe nach Gruppe wie gezeichnet; Gruppe %3 mit Plus nach oben, jede nächste andersherum. Band oder Halter zwischen benachbarten Zellen: zwei durchgescheuerte Hüllen sind ein Kurzschluss. + und − neben den Gruppen auf die Werkbank schreiben und bis zum Ende stehen lassen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Steady / peak %1</source>
      <translation>Dauernd / Spitze %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Strip of B%1 at cell %2</source>
      <translation>Streifen von B%1 an Zelle %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The %1 goes into this lead first.</source>
      <translation>Vorher kommt in diese Leitung: %1.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The board trips at %1, %2 times the peak.</source>
      <translation>Die Platine löst bei %1 aus, dem %2-fachen der Spitze.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The connector's minus lead is not joined here: it goes to the board's pad P−.</source>
      <translation>Die Minusleitung des Steckers wird hier nicht angeschlossen: sie geht an P− der Platine.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>The free end of its minus lead goes to the board's pad P−, the other to the collecting strip.</source>
      <translation>Das freie Ende seiner Minusleitung geht an P− der Platine, das andere an den Sammelstreifen.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>Washer and lock under each head, about %1 (the cell's sheet goes before that), then a paint mark over head and bar</source>
      <translation>Scheibe und Sicherung unter jeden Kopf, etwa %1 (das Blatt der Zelle geht vor), dann ein Farbstrich über Kopf und Schiene</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>about %1 each, those of one group within %2 before they are joined</source>
      <translation>etwa %1 jede, die einer Gruppe innerhalb %2, bevor sie verbunden werden</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>about %1 each, within %2: what is left a balance charge evens out</source>
      <translation>etwa %1 jede, innerhalb %2: den Rest gleicht eine Ausgleichsladung aus</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>above 0 to %1; bare numbers are %2</source>
      <translation>über 0 bis %1; bloße Zahlen sind %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>above 0 to %1; bare numbers are %2; may be left empty</source>
      <translation>über 0 bis %1; bloße Zahlen sind %2; darf leer bleiben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>by group as drawn</source>
      <translation>nach Gruppe wie gezeichnet</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>b− first, then the sense plug, then P−</source>
      <translation>zuerst B−, dann der Messstecker, dann P−</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>carry %1</source>
      <translation>tragen %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cell %1 %2 at the end of a run, %3 K over the coolest; %4 is allowed; at the steady current it would settle at %5 if it went on for ever</source>
      <translation>Zelle %1 mit %2 am Ende eines Laufs, %3 K über der kühlsten; erlaubt sind %4; beim Dauerstrom käme sie auf %5, wenn er immer weiterginge</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cell is</source>
      <translation>Zelle ist</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>cells are</source>
      <translation>Zellen sind</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>charge to %1</source>
      <translation>laden bis %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>charge with %1</source>
      <translation>laden mit %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>connector +</source>
      <translation>Stecker +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>connector −</source>
      <translation>Stecker −</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>d.c. power supply</source>
      <translation>Gleichspannungsnetzteil</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>dead cell</source>
      <translation>tote Zelle</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2</source>
      <translation>von %1 bis %2</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; bare numbers are %3</source>
      <translation>von %1 bis %2; bloße Zahlen sind %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>from %1 to %2; bare numbers are %3; may be left empty</source>
      <translation>von %1 bis %2; bloße Zahlen sind %3; darf leer bleiben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>highest voltage</source>
      <translation>höchste Spannung</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>hold point</source>
      <translation>Haltepunkt</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>insulation tester</source>
      <translation>Isolationsprüfer</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>iron</source>
      <translation>Lötkolben</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>minus of cell %1</source>
      <translation>Minus von Zelle %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>on the other face, minus of group %1 to plus of group %2: %3</source>
      <translation>auf der anderen Seite, Minus von Gruppe %1 an Plus von Gruppe %2: %3</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>plus of cell %1</source>
      <translation>Plus von Zelle %1</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>sort the groups again, or try another lattice or one cell fewer in parallel</source>
      <translation>die Gruppen neu ordnen, oder ein anderes Raster oder eine Zelle weniger parallel versuchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>strip +</source>
      <translation>Streifen +</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>strip −</source>
      <translation>Streifen −</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>the long</source>
      <translation>langen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too long by %1</source>
      <translation>um %1 zu lang</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too long by %1, too wide by %2. Find places in the Layout stage, or try another lattice or one cell fewer in parallel</source>
      <translation>um %1 zu lang, um %2 zu breit. Im Abschnitt Anordnung Plätze suchen, oder ein anderes Raster oder eine Zelle weniger parallel versuchen</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>too wide by %1</source>
      <translation>um %1 zu breit</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>touching</source>
      <translation>berührend</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>transport and disposal apply.</source>
      <translation>Versand und Entsorgung gelten.</translation>
    </message>
    <message>
      <location filename="tools/composed_texts.py" />
      <source>wide tip</source>
      <translation>breite Spitze</translation>
    </message>
  </context>
</TS>
